import type { Lathe } from '@anello/core/machine';
import { valuesOf } from '../entry/entry';
import type { MachineDocument } from './schema';

/** The lathe as the core computes with it. */
export function coreLathe(document: MachineDocument): Lathe {
  return valuesOf(document);
}

import type { OperationKind } from '../piece/line';
import { kindOfOperation } from './registry';

/**
 * What a kind of operation is called, and whether it has a loop of its own: its way, its setting, its cut and its proof.
 *
 * @example
 * operationNamed('taper')
 * // → { name: 'Taper', loop: true }
 */
export function operationNamed(kind: OperationKind): { readonly name: string; readonly loop: boolean } {
  const { name, loop } = kindOfOperation(kind);
  return { name, loop };
}

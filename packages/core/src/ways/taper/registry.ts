import type { WayId } from '../../taper/wayId';
import { attachmentWay } from './attachment';
import { compoundWay } from './compound';
import { copyMasterWay } from './copyMaster';
import { formToolWay } from './formTool';
import { reamerWay } from './reamer';
import { tailstockWay } from './tailstock';
import type { Way } from './way';

/** Every way of making a taper, in the order they are shown. A new one is a file, its id and its line here. */
export const WAYS: readonly Way[] = [
  compoundWay,
  attachmentWay,
  tailstockWay,
  copyMasterWay,
  reamerWay,
  formToolWay,
];

/**
 * All there is to know of a way.
 *
 * @example
 * wayOf('reamer').device
 * // → null
 */
export const wayOf = (id: WayId): Way => WAYS.find((way) => way.id === id) as Way;

import { right, tooShallow, tooSteep } from './angle';
import type { Cause } from './cause';
import { none } from './none';
import { barrelled, bellMouth, burr, chatter, flat, hollow, wave } from './shapes';
import { warm } from './warm';

/** Every cause, in the order they are shown when nothing tells them apart. */
export const CAUSES: readonly Cause[] = [
  right,
  tooSteep,
  tooShallow,
  hollow,
  barrelled,
  flat,
  bellMouth,
  wave,
  chatter,
  burr,
  warm,
  none,
];

import { length } from '../../figure/figure';
import { comesOut } from '../operations/comesOut';
import { veeOf } from '../operations/sizes';
import { thread } from '../operations/thread';
import type { Check } from './kind';

/** Turns at its end that do not come to full depth where the half-nuts are let out at a mark. */
const SHORT_TURNS = 2;

/** A thread cut with a single point up to a shoulder, or to the bottom of its hole. */
export const wayOut: Check = {
  id: 'way-out',
  say: ({ kind, section, moment: { piece, holding } }) =>
    !section || kind !== thread || comesOut(piece.laid, section, holding.toward)
      ? null
      : [
          'No groove where it ends: let out at a mark, about ',
          length(SHORT_TURNS * veeOf(section).pitch, 0.1),
          ' of it is not full.',
        ],
};

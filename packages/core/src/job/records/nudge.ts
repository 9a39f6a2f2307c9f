import type { WayId } from '../../taper/wayId';
import { angle, length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** A correction made to the setting. */
export interface Nudge {
  readonly kind: 'nudge';
  readonly way: WayId;
  readonly step: string;
  readonly amount: number;
  readonly direction: string;
  readonly fromHalfAngle: number;
  readonly toHalfAngle: number;
}

export const nudge: KindOfRecord<Nudge> = {
  kind: 'nudge',
  called: 'Nudges',
  stage: 'set',
  say: (body) => [
    'Nudged ',
    length(body.amount, SEEN),
    ' ',
    body.direction,
    ': from ',
    angle(body.fromHalfAngle),
    ' toward ',
    angle(body.toHalfAngle),
  ],
};

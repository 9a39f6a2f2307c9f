import type { WayId } from '../../taper/wayId';
import type { TravelAlong } from '../../gauging/halfAngleFromIndicator';
import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** What a reading is of, where it is not a place along a sweep. */
const READ: Readonly<Record<string, string>> = {
  offset: 'Barrel read ',
  trial: 'Diameters differ by ',
  face: 'Slide’s face moved the needle ',
  home: 'Test bar read ',
};

/** A reading of the indicator at a place along a sweep. */
export interface Reading {
  readonly kind: 'reading';
  readonly way: WayId;
  readonly step: string;
  readonly travelAlong: TravelAlong;
  readonly at: number;
  readonly seen: number;
  readonly expected: number;
  readonly low: number;
  readonly high: number;
  readonly typed: string;
}

export const reading: KindOfRecord<Reading> = {
  kind: 'reading',
  called: 'Readings of a setting',
  stage: 'set',
  say: (body) => [
    READ[body.step] ?? 'Read ',
    length(body.seen, SEEN),
    ...(READ[body.step] ? [] : [' at ', length(body.at, 0.1)]),
    ', should be ',
    length(body.expected, SEEN),
  ],
};

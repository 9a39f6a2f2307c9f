import { angle, length } from '../../figure/figure';
import type { TravelAlong } from '../../gauging/halfAngleFromIndicator';
import type { WayId } from '../../taper/wayId';
import type { KindOfRecord } from './kind';

/** Readings of the indicator all along a sweep: to be drawn again, and laid beside those after a nudge. */
export interface Swept {
  readonly kind: 'swept';
  readonly way: WayId;
  readonly step: string;
  readonly travelAlong: TravelAlong;
  /** Reading to each mm of travel as it should have been. */
  readonly expectedSlope: number;
  /** Places and readings, thinned where there were very many, mm; and how many there were. */
  readonly travel: readonly number[];
  readonly reading: readonly number[];
  readonly count: number;
  /** Where on the bar or slide the travel began, mm; it makes its map. */
  readonly beginsAt?: number | undefined;
  /** The half angle the device stood at by it, and its standard uncertainty, rad. */
  readonly halfAngle: number;
  readonly u: number;
  /** What was found wrong, what cost most first. */
  readonly causes: readonly string[];
}

const COVERAGE = 2;

export const swept: KindOfRecord<Swept> = {
  kind: 'swept',
  called: 'Sweeps',
  stage: 'set',
  say: ({ travel, count, halfAngle, u, causes }) => [
    'Swept ',
    length(Math.abs((travel.at(-1) ?? 0) - (travel[0] ?? 0)), 1),
    ` in ${count} readings: it stands at `,
    angle(halfAngle),
    ', ± ',
    angle(COVERAGE * u),
    ...(causes.length > 0 ? [`; ${causes.join(', ')}`] : []),
  ],
};

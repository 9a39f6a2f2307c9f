import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { coordinateTable } from '../../curve/coordinateTable';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import { HANDLE, NECK, ZERO } from '../exercises/handle';
import type { Stand, Taken } from './taken';

const ALONG = 0.1;
/** The carriage is where a step is to within this, mm. */
const AT = 0.04;

/** Both dials at each step of the table, the cross-slide's from where it touched the bar. */
export const STEPS: readonly Stand[] = coordinateTable({
  pieces: NECK,
  member: 'external',
  noseRadius: HANDLE.nose,
  ridge: 0.08,
  longest: 2,
  along: ALONG,
  division: PRACTICE_LATHE.dial.division,
  reads: PRACTICE_LATHE.dial.reads,
  of: 'tip',
  allowance: 0,
}).rows.map(({ along, across }) => ({
  carriage: HANDLE.out + HANDLE.nose - along - ZERO,
  cross: HANDLE.stock - across,
}));

export function twoHandles(_: readonly Taken[], { carriage, cross }: Stand): Phrase {
  // The steps run toward the headstock: the one that stands nearest ahead of the edge is next.
  const i = STEPS.findIndex((step) => step.carriage <= carriage + AT);
  const next = STEPS[i];
  if (!next) return ['That was the last step. Draw back, and look at it along its line.'];
  const there = Math.abs(next.carriage - carriage) <= AT;
  const after = STEPS[i + 1];
  if (there && Math.abs(next.cross - cross) <= AT && after)
    return ['Draw back clear of it, then the carriage to ', length(after.carriage, ALONG), '.'];
  if (there && !after && Math.abs(next.cross - cross) <= AT)
    return ['That was the last step. Draw back, and look at it along its line.'];
  return there
    ? [`Step ${i + 1} of ${STEPS.length}: the cross-slide to `, length(next.cross, 0.01), ', straight in.']
    : [
        `Step ${i + 1} of ${STEPS.length}: drawn back, the carriage to `,
        length(next.carriage, ALONG),
        ', then the cross-slide to ',
        length(next.cross, 0.01),
        '.',
      ];
}

export const followLine = (): Phrase => [
  'Start the spindle. From the free end a little toward the headstock at a time, and out with the cross-slide as the line goes out: the round edge just touches it. Come back over it once more where it stands high.',
];

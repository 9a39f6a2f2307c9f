import { length } from '../../figure/figure';
import { sampled, type CurvePoint } from '../../curve/piece';
import { shapeCurve } from '../../curve/shapeCurve';
import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import { goneUnder, judgeLine } from '../alongLine';
import type { Exercise } from '../exercise';
import { CARRIAGE, CROSS } from '../knobs';

/** The bar, what stands out, and the round nose it is turned with, mm. */
export const HANDLE = { stock: 32, out: 90, nose: 3 } as const;
/** A handle's neck: from the full bar down to its end in one sweep; z along the curve, from its end at the headstock. */
export const NECK = shapeCurve([
  { z: 0, r: HANDLE.stock / 2 },
  { z: 6, r: HANDLE.stock / 2 },
  { z: 42, r: 11, run: 'ogee' },
  { z: 50, r: 11 },
]);
const LONG = 50;
/** Where the curve begins on the bed. */
const FROM = HANDLE.out - LONG;
/** Where a carriage that shows nothing has the nose's middle. */
export const ZERO = 60;

/** The curve as it lies on the bed, a point each half of a millimetre. */
export const NECK_LINE: readonly CurvePoint[] = sampled(NECK, 0.5, 0.005).map(({ z, r }) => ({
  z: z + FROM,
  r,
}));

/** A bar in the chuck, touched so that the dial shows nothing there, and the edge drawn back clear of it. */
function begin(seed: number, level: Parameters<Exercise['begin']>[1]): VirtualLathe {
  const lathe = makeVirtualLathe({ seed, level, faults: { oval: 0 } });
  lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: HANDLE.stock, length: 130 }, out: HANDLE.out });
  lathe.act({ do: 'tool', side: 'outside', nose: HANDLE.nose });
  lathe.act({ do: 'turn', handle: 'carriage', by: HANDLE.out - HANDLE.nose - ZERO });
  lathe.act({ do: 'touch' });
  lathe.act({ do: 'turn', handle: 'cross', by: -2 });
  lathe.act({ do: 'turn', handle: 'carriage', by: 2 * HANDLE.nose });
  lathe.act({ do: 'spindle', turns: 0 });
  return lathe;
}

interface Told {
  readonly id: 'line' | 'two-handles';
  readonly title: string;
  readonly why: string;
  /** How much may be left above the line and cut below it, mm. */
  readonly above: number;
  readonly below: number;
}

/** A curve turned with both handles, held against its line. */
export function handleExercise({ id, title, why, above, below }: Told): Exercise {
  const followed = { line: NECK_LINE, above, below };
  return {
    id,
    title,
    goal: [
      'Turn the neck of a handle to its line: no more than ',
      length(above, 0.01),
      ' over it, ',
      length(below, 0.01),
      ' below it.',
    ],
    why,
    knobs: [CARRIAGE, CROSS],
    reads: [{ micrometer: { at: HANDLE.out - 4, side: 'outside' } }],
    cuts: true,
    answer: null,
    about: ['crossLash', 'carriageLash', 'crossScale', 'compliance'],
    line: NECK_LINE,
    begin,
    judge: (lathe) => judgeLine(followed, lathe),
    gone: (lathe) => goneUnder(followed, lathe),
  };
}

export const followLine = handleExercise({
  id: 'line',
  title: 'Follow a line',
  why: 'One hand feeds, the other keeps the edge on the line: nothing teaches so soon how much lash each handle has.',
  above: 0.6,
  below: 0.25,
});
export const twoHandles = handleExercise({
  id: 'two-handles',
  title: 'Turn a curve by two handles',
  why: 'Step by step from a table a curve comes to a tenth without a template; each step is fed straight in, and nothing is fed along.',
  above: 0.2,
  below: 0.06,
});

import { taperTolerance, type Grade, type TaperTask } from '@anello/core/taper';
import { PRACTICE_LATHE, type VirtualLathe } from '@anello/core/virtual-lathe';
import type { ConeWork } from './cone';

interface Bored {
  readonly mouth: number;
  readonly halfAngle: number;
  readonly length: number;
  readonly blank: { readonly diameter: number; readonly length: number; readonly bore: number };
  readonly out: number;
  readonly standOff: number;
  readonly grade: Grade;
}

/** The compound stands so far before the mouth when its dial shows nothing. */
const BEFORE = 6;
const ZERO = 60;
/** The cut runs on so far past the small end. */
const PAST = 2;
/** Touched so far inside the mouth. */
const INSIDE = 2;
const BAR = 14;
/** The cross-slide stands so far out at first; and the edge is kept so far off the wall. */
const START = 40;
const CLEAR = 3;
const NOSE = 0.4;

/** A bored taper by the compound, its large end at its mouth: fed in along the slide, so that the bore grows to the mouth. */
export function boredByCompound({ mouth, halfAngle, length, blank, out, standOff, grade }: Bored): ConeWork {
  const slope = Math.tan(halfAngle);
  const task: TaperTask = {
    member: 'internal',
    largeDiameter: mouth,
    smallDiameter: mouth - 2 * length * slope,
    length,
    halfAngle,
    largeEnd: 'tailstock',
    workLength: blank.length,
    tolerance: taperTolerance({ grade, length }),
  };
  const arm = PRACTICE_LATHE.compound!.handleReach!;
  const slide = (lathe: VirtualLathe, to: number): number =>
    lathe.act({ do: 'turn-to', handle: 'compound', to, feed: 0.06 }).chips?.fresh ?? 0;
  const along = (BEFORE + length + PAST) / Math.cos(halfAngle);
  return {
    way: 'compound',
    task,
    line: { diameter: mouth, z: out },
    toLarge: 0,
    toSmall: length,
    standOff,
    arm,
    prepare(lathe) {
      lathe.act({ do: 'hold', by: 'three-jaw', blank, out });
      lathe.act({ do: 'tool', side: 'inside', nose: NOSE, barDiameter: BAR });
      // The edge stands within the hole, clear of its wall whatever the slide is run for.
      lathe.act({ do: 'turn', handle: 'cross', by: 2 * (START - blank.bore / 2 + CLEAR) });
      lathe.act({ do: 'set', device: 'compound', to: -halfAngle });
      lathe.act({ do: 'turn-to', handle: 'carriage', to: out + BEFORE - ZERO });
    },
    sweep(lathe) {
      slide(lathe, -2);
      slide(lathe, 0);
      const seen = lathe.act({
        do: 'sweep',
        on: 'test-bar',
        handle: 'compound',
        by: SWEPT,
        count: 60,
      }).sweep!;
      slide(lathe, -2);
      const [first = 0] = seen.reading;
      return { travel: seen.travel, reading: seen.reading.map((r) => r - first) };
    },
    sweepCone(lathe) {
      lathe.act({ do: 'turn', handle: 'cross', by: 4 });
      slide(lathe, -2);
      lathe.act({ do: 'turn', handle: 'carriage', by: -BEFORE - 1 });
      const seen = lathe.act({
        do: 'sweep',
        on: 'bore',
        handle: 'carriage',
        by: 2 - length,
        count: 60,
      }).sweep!;
      lathe.act({ do: 'turn-to', handle: 'carriage', to: out + BEFORE + 8 - ZERO });
      lathe.act({ do: 'turn-to', handle: 'carriage', to: out + BEFORE - ZERO });
      return { travel: seen.travel.map((t) => -t), reading: seen.reading.map((r) => -r) };
    },
    nudge: (lathe, by, over) => void lathe.act({ do: 'nudge', device: 'compound', by, pivotLength: over }),
    touch(lathe) {
      slide(lathe, -2);
      slide(lathe, (BEFORE + INSIDE) / Math.cos(halfAngle));
      lathe.act({ do: 'touch' });
      return { z: out - INSIDE, now: blank.bore, finish: mouth - 2 * INSIDE * slope };
    },
    pass(lathe, fed) {
      lathe.act({ do: 'turn-to', handle: 'cross', to: -2 * fed + 6 });
      slide(lathe, -2);
      lathe.act({ do: 'turn-to', handle: 'cross', to: -2 * fed });
      const fresh = slide(lathe, along);
      lathe.act({ do: 'turn-to', handle: 'cross', to: -2 * fed + 6 });
      slide(lathe, -2);
      return fresh;
    },
  };
}
/** Of the slide's travel, mm. */
const SWEPT = 60;

export const HUB_BY_COMPOUND = boredByCompound({
  mouth: 40,
  halfAngle: Math.atan(1 / 16),
  length: 40,
  blank: { diameter: 70, length: 75, bore: 34 },
  out: 55,
  standOff: 0.2,
  grade: 'AT8',
});

const DEGREE = Math.PI / 180;
export const SEAT_TO_STAND_OFF = boredByCompound({
  mouth: 26,
  halfAngle: 8 * DEGREE,
  length: 24,
  blank: { diameter: 45, length: 60, bore: 18.4 },
  out: 35,
  standOff: 0.1,
  grade: 'AT8',
});

import { taperTolerance, type TaperTask } from '@anello/core/taper';
import { tailstockSetOver } from '@anello/core/ways';
import { PRACTICE_LATHE, type VirtualLathe } from '@anello/core/virtual-lathe';
import type { ConeWork } from './cone';

const GAUGE = 23.825;
const RATIO = 1 / 19.922;
const TO_LARGE = 5;
const TO_SMALL = 81;
const BLANK = 30;
/** The free end, which is the small one; and how far past it every run begins. */
const END = 100;
const BEFORE = 14;
const ZERO = 60;
/** The cut runs on so far past the large end, into the groove there. */
const PAST = 3;
/** Places along the cone that are measured by micrometer. */
const STATIONS = 10;

const task = (workLength: number): TaperTask => ({
  member: 'external',
  largeDiameter: GAUGE + TO_LARGE * RATIO,
  smallDiameter: GAUGE - TO_SMALL * RATIO,
  length: TO_LARGE + TO_SMALL,
  halfAngle: Math.atan(RATIO / 2),
  largeEnd: 'headstock',
  workLength,
  tolerance: taperTolerance({ grade: 'AT7', length: TO_LARGE + TO_SMALL }),
});

/** Both ways of making the shank cut with the carriage, from the free end toward the headstock. */
const byCarriage = (end: number): Pick<ConeWork, 'sweep' | 'sweepCone' | 'touch' | 'pass'> => {
  const to = (lathe: VirtualLathe, z: number): void =>
    void lathe.act({ do: 'turn-to', handle: 'carriage', to: z - ZERO });
  const length = TO_LARGE + TO_SMALL;
  return {
    sweep(lathe) {
      to(lathe, end + BEFORE);
      lathe.act({ do: 'turn', handle: 'carriage', by: -BEFORE });
      const seen = lathe.act({
        do: 'sweep',
        on: 'test-bar',
        handle: 'carriage',
        by: -length,
        count: 60,
      }).sweep!;
      const [first = 0] = seen.reading;
      return { travel: seen.travel.map((t) => -t), reading: seen.reading.map((r) => first - r) };
    },
    // Across, at stations: the bar stays coupled, and over a set-over tailstock the cone's front lies along the bed.
    sweepCone(lathe) {
      const travel = Array.from({ length: STATIONS }, (_, i) => 3 + (i * (length - 6)) / (STATIONS - 1));
      const reading = travel.map(
        (t) => (lathe.act({ do: 'measure', at: end - t, side: 'outside' }).reading as number) / 2,
      );
      return { travel, reading };
    },
    touch(lathe) {
      lathe.act({ do: 'turn', handle: 'cross', by: -10 });
      to(lathe, end + BEFORE);
      to(lathe, end - 2);
      lathe.act({ do: 'touch' });
      return { z: end - 2, now: BLANK, finish: GAUGE - (TO_SMALL - 2) * RATIO };
    },
    pass(lathe, fed) {
      lathe.act({ do: 'turn-to', handle: 'cross', to: 2 * fed - 12 });
      to(lathe, end + BEFORE);
      lathe.act({ do: 'turn-to', handle: 'cross', to: 2 * fed });
      const { chips } = lathe.act({
        do: 'turn-to',
        handle: 'carriage',
        to: end - length - PAST - ZERO,
        feed: 0.08,
      });
      lathe.act({ do: 'turn-to', handle: 'cross', to: 2 * fed - 12 });
      to(lathe, end + BEFORE);
      return chips?.fresh ?? 0;
    },
  };
};

const carriage = byCarriage(END);
const bar = PRACTICE_LATHE.attachment!;

/** Before every run the bar is coupled, past the end of the work. */
const coupled = (lathe: VirtualLathe, on: boolean): void => void lathe.act({ do: 'engage', on });

export const SHANK_BY_ATTACHMENT: ConeWork = {
  way: 'attachment',
  task: task(150),
  line: { diameter: GAUGE, z: END - TO_SMALL },
  toLarge: TO_LARGE,
  toSmall: TO_SMALL,
  standOff: 0.25,
  arm: bar.pivotLength,
  prepare(lathe) {
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: BLANK, length: 140 }, out: END });
    lathe.act({ do: 'tool', side: 'outside', nose: 0.4 });
    lathe.act({ do: 'set', device: 'attachment', to: task(150).halfAngle });
  },
  ...carriage,
  sweep(lathe) {
    lathe.act({ do: 'turn-to', handle: 'carriage', to: END + BEFORE - ZERO });
    coupled(lathe, true);
    return carriage.sweep(lathe);
  },
  touch(lathe) {
    lathe.act({ do: 'turn', handle: 'cross', by: -10 });
    lathe.act({ do: 'turn-to', handle: 'carriage', to: END + BEFORE - ZERO });
    coupled(lathe, true);
    return carriage.touch(lathe);
  },
  nudge: (lathe, by) =>
    void lathe.act({ do: 'nudge', device: 'attachment', by, pivotLength: bar.pivotLength }),
};

const BETWEEN = 130;
const between = byCarriage(BETWEEN);

export const SHANK_BY_SET_OVER: ConeWork = {
  way: 'tailstock',
  task: task(BETWEEN),
  line: { diameter: GAUGE, z: BETWEEN - TO_SMALL },
  toLarge: TO_LARGE,
  toSmall: TO_SMALL,
  standOff: 0.25,
  arm: BETWEEN,
  prepare(lathe) {
    lathe.act({ do: 'hold', by: 'centres', blank: { diameter: BLANK, length: BETWEEN }, out: BETWEEN });
    lathe.act({ do: 'tool', side: 'outside', nose: 0.4 });
    const { setOver } = tailstockSetOver({ workLength: BETWEEN, halfAngle: task(BETWEEN).halfAngle });
    lathe.act({ do: 'set', device: 'tailstock', to: setOver });
  },
  ...between,
  nudge: (lathe, by) => void lathe.act({ do: 'nudge', device: 'tailstock', by }),
};

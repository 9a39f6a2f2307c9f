import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeVirtualLathe, SOUND_LATHE, type Faults, type LatheAction, type VirtualLathe } from '.';

const QUIET: Partial<Faults> = { ...SOUND_LATHE, looseness: 0, setting: 0, needle: 0, feel: 0, standOff: 0 };
const quiet = (faults: Partial<Faults> = {}, seed = 1): VirtualLathe =>
  makeVirtualLathe({ seed, level: 0, faults: { ...QUIET, ...faults } });
const all = (lathe: VirtualLathe, actions: readonly LatheAction[]): VirtualLathe => {
  for (const action of actions) lathe.act(action);
  return lathe;
};
/** A bar in a chuck, the edge set in by so much on radius past where it touches, beyond the bar's end. */
const setIn = (lathe: VirtualLathe, depth: number, diameter = 30, length = 110): VirtualLathe =>
  all(lathe, [
    { do: 'hold', by: 'three-jaw', blank: { diameter, length }, out: 80 },
    { do: 'tool', side: 'outside', nose: 0.4 },
    { do: 'touch' },
    // Far enough past the end that every lash is taken up the way it is cut.
    { do: 'turn', handle: 'carriage', by: 40 },
    { do: 'turn', handle: 'carriage', by: -10 },
    { do: 'turn', handle: 'cross', by: 2 * depth },
  ]);
/** Taken again at the same figure until nothing springs any more. */
const clean = (lathe: VirtualLathe, by: number): VirtualLathe => {
  for (let i = 0; i < 6; i++)
    all(lathe, [
      { do: 'turn', handle: 'carriage', by },
      { do: 'turn', handle: 'carriage', by: -by },
    ]);
  return lathe;
};
const radius = (lathe: VirtualLathe, z: number): number => lathe.reveal().outline('outside', z);
const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const RUNS = { numRuns: 12 };

describe('metal comes off as geometry has it', () => {
  it('a parallel cut leaves the diameter it was set to', () => {
    fc.assert(
      fc.property(figure(0.1, 2), (depth) => {
        const lathe = setIn(quiet(), depth);
        clean(lathe, -60);
        // Touched to a step of the hand, 0.0025 mm on radius.
        expect(Math.abs(radius(lathe, 60) - (15 - depth))).toBeLessThan(0.003);
        expect(radius(lathe, 70)).toBeCloseTo(radius(lathe, 45), 9);
        expect(radius(lathe, 5)).toBe(15);
      }),
      RUNS,
    );
  });
  it('a bar set to an angle makes that cone, and its error that error', () => {
    fc.assert(
      fc.property(figure(0.01, 0.12), figure(-0.003, 0.003), (angle, barAngle) => {
        const lathe = setIn(quiet({ barAngle }), 0.2 + 50 * angle, 40);
        const set = all(lathe, [
          { do: 'set', device: 'attachment', to: angle },
          { do: 'engage', on: true },
        ]);
        clean(set, -50);
        const truth = set.reveal().attachmentAngle;
        // The scale is read as an eye reads it: what was set is what the bar stands at.
        expect(Math.abs(truth - angle - barAngle)).toBeLessThan(0.003);
        const cone = (radius(set, 60) - radius(set, 76)) / 16;
        expect(cone).toBeCloseTo(Math.tan(truth), 6);
      }),
      RUNS,
    );
  });
  it('a tool off centre height bends a cone into a hyperbola, hollow by what Pythagoras says', () => {
    fc.assert(
      fc.property(figure(0.1, 1.5), fc.boolean(), (height, below) => {
        const toolHeight = below ? -height : height;
        const lathe = setIn(quiet({ toolHeight }), 6, 26);
        all(lathe, [
          { do: 'set', device: 'attachment', to: 0.1 },
          { do: 'engage', on: true },
        ]);
        clean(lathe, -60);
        const [a, b, c] = [75, 55, 35].map((z) => radius(lathe, z)) as [number, number, number];
        const hollow = (a + c) / 2 - b;
        const x = (r: number): number => Math.sqrt(r * r - height * height);
        const straight = Math.hypot((x(a) + x(c)) / 2, height);
        expect(hollow).toBeGreaterThan(0);
        expect(hollow).toBeCloseTo((a + c) / 2 - straight, 6);
      }),
      RUNS,
    );
  });
  it('lash of the bar leaves a parallel stretch where the cut begins too near', () => {
    fc.assert(
      fc.property(figure(0.05, 0.09), (barLash) => {
        const angle = 0.05;
        const lathe = setIn(quiet({ barLash }, 5), 0.2);
        // Begun right at the end, with the carriage coming from the headstock: the shoe lies on the wrong side.
        all(lathe, [
          { do: 'set', device: 'attachment', to: angle },
          { do: 'turn', handle: 'cross', by: -4 },
          { do: 'turn', handle: 'carriage', by: -50 },
          { do: 'engage', on: true },
          { do: 'turn', handle: 'carriage', by: 41 },
          { do: 'turn', handle: 'cross', by: 6 },
          { do: 'turn', handle: 'carriage', by: -40 },
        ]);
        const slope = Math.tan(lathe.reveal().attachmentAngle);
        const at = Array.from({ length: 301 }, (_, i) => 80 - 0.1 * i);
        const r = at.map((z) => radius(lathe, z));
        const end = at.find((_, i) => Math.abs(r[i]! - r[0]!) > 0.002)!;
        const begun = 60 + lathe.dial('carriage') + 40;
        expect(Math.abs(begun - end - barLash / slope)).toBeLessThan(0.5 + 0.002 / slope);
      }),
      RUNS,
    );
  });
  it('between centres a tailstock set over makes a cone of it over the length', () => {
    fc.assert(
      fc.property(figure(-1.5, 1.5), figure(-0.25, 0.25), (by, tailstockOff) => {
        const lathe = quiet({ tailstockOff });
        all(lathe, [
          { do: 'hold', by: 'centres', blank: { diameter: 30, length: 120 }, out: 120 },
          { do: 'set', device: 'tailstock', to: by },
          { do: 'tool', side: 'outside', nose: 0.4 },
          { do: 'turn', handle: 'carriage', by: 65 },
          { do: 'turn', handle: 'cross', by: 54 },
        ]);
        clean(lathe, -130);
        const { setOver } = lathe.reveal();
        expect(Math.abs(setOver - by - tailstockOff)).toBeLessThan(0.1);
        const slope = (radius(lathe, 110) - radius(lathe, 10)) / 100;
        expect(slope).toBeCloseTo(-setOver / 120, 9);
      }),
      RUNS,
    );
  });
  it('a round nose leaves its own radius in a corner, and a cone it cuts has the angle of its path', () => {
    const lathe = setIn(quiet(), 3);
    const from = 60 + lathe.dial('carriage') - 60;
    clean(lathe, -60);
    for (const z of [0.1, 0.2, 0.3])
      expect(radius(lathe, Math.round(10 * (from - z)) / 10) - radius(lathe, 60)).toBeCloseTo(
        0.4 - Math.sqrt(0.16 - (from - Math.round(10 * (from - z)) / 10) ** 2),
        6,
      );
  });
});

describe('what is hidden comes out as textbooks have it', () => {
  it('a cut springs by what its force makes of the give, and passes at the same figure take the rest', () => {
    fc.assert(
      fc.property(figure(1e-4, 6e-4), (compliance) => {
        const lathe = setIn(quiet({ compliance }), 0.5);
        lathe.act({ do: 'turn', handle: 'carriage', by: -60, feed: 0.1 });
        const left = radius(lathe, 70) - 14.5;
        // 2200 N/mm² over 0.1 mm, a third of it across and somewhat more in a cut no deeper than the nose; and the bar's own.
        const across = 2200 * 0.1 * (0.33 + 0.55 * Math.exp(-0.5 / 0.4));
        const gives = (compliance + 70 ** 3 / (3 * 206_000 * (Math.PI / 64) * 30 ** 4)) * across;
        expect(Math.abs(left - (0.5 * gives) / (1 + gives))).toBeLessThan(0.003);
        for (let i = 0; i < 6; i++) {
          lathe.act({ do: 'turn', handle: 'carriage', by: 60 });
          lathe.act({ do: 'turn', handle: 'carriage', by: -60, feed: 0.1 });
        }
        expect(Math.abs(radius(lathe, 70) - 14.5)).toBeLessThan(0.003);
      }),
      RUNS,
    );
  });
  it('under its least depth an edge rubs and takes nothing', () => {
    const lathe = setIn(quiet({ leastCut: 0.006 }), 0.3);
    lathe.act({ do: 'turn', handle: 'carriage', by: -60 });
    const before = radius(lathe, 60);
    const pass = (by: number): string | undefined => {
      lathe.act({ do: 'turn', handle: 'carriage', by: 60 });
      lathe.act({ do: 'turn', handle: 'cross', by });
      return lathe.act({ do: 'turn', handle: 'carriage', by: -60 }).chips?.seen;
    };
    expect(pass(0.008)).toBe('rubbing');
    expect(radius(lathe, 60)).toBe(before);
    expect(pass(0.008)).toBe('cutting');
    expect(before - radius(lathe, 60)).toBeGreaterThan(0.006);
  });
  it('a cut warms the work: measured at once it is larger than cold, and it fades', () => {
    const lathe = setIn(quiet({ warmth: 0.2 }), 1.5);
    lathe.act({ do: 'turn', handle: 'carriage', by: -60 });
    const cold = 2 * radius(lathe, 60);
    const read = (): number => lathe.act({ do: 'measure', at: 60, side: 'outside' }).reading!;
    expect(read() - cold).toBeGreaterThan(0.002);
    lathe.act({ do: 'wait', seconds: 3600 });
    expect(Math.abs(read() - cold)).toBeLessThan(0.0011);
  });
  it('oval bar swings the needle twice a turn, and stock off its axis once', () => {
    const lathe = quiet({ oval: 0.03, rehold: 0.1 });
    all(lathe, [
      { do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 110 }, out: 80 },
      { do: 'spindle', turns: 0 },
    ]);
    const read = Array.from({ length: 24 }, (_, i) => {
      lathe.act({ do: 'spin', to: (i * Math.PI) / 12 });
      return lathe.act({ do: 'indicate', on: 'work' }).reading!;
    });
    const wave = (times: number): number => {
      const part = (of: (a: number) => number): number =>
        read.reduce((sum, r, i) => sum + r * of((times * i * Math.PI) / 12), 0) / 12;
      return Math.hypot(part(Math.cos), part(Math.sin));
    };
    expect(wave(1)).toBeCloseTo(0.05, 3);
    expect(wave(2)).toBeCloseTo(0.015, 3);
    expect(wave(3)).toBeLessThan(0.001);
  });
  it('jaws move the work by what they are turned, and only when the one opposite was eased', () => {
    const lathe = quiet();
    all(lathe, [{ do: 'hold', by: 'four-jaw', blank: { diameter: 30, length: 110 }, out: 80 }]);
    const from = lathe.reveal().offset;
    all(lathe, [{ do: 'jaw', jaw: 1, by: 0.2 }]);
    const pressed = lathe.reveal().offset;
    expect(Math.abs(pressed.x - from.x)).toBeLessThan(0.04);
    all(lathe, [
      { do: 'jaw', jaw: 4, by: -0.5 },
      { do: 'jaw', jaw: 2, by: 0.5 },
    ]);
    const moved = lathe.reveal().offset;
    expect(from.y - moved.y).toBeGreaterThan(0.3);
    expect(from.y - moved.y).toBeLessThan(0.7);
  });
});

describe('a gauge on the real outline', () => {
  const GAUGE = { diameter: 24, halfAngle: 0.03, toLarge: 5, toSmall: 60 };
  /** A shank turned to an angle, its large end at the headstock; what is still on at the line where it should be 24 mm. */
  const shank = (angle: number, on: number) => {
    const lathe = quiet({}, 9);
    all(lathe, [
      { do: 'hold', by: 'three-jaw', blank: { diameter: 32, length: 140 }, out: 100 },
      { do: 'tool', side: 'outside', nose: 0.4 },
      { do: 'set', device: 'attachment', to: angle },
      { do: 'turn', handle: 'carriage', by: 55 },
      { do: 'turn', handle: 'carriage', by: -10 },
      { do: 'engage', on: true },
    ]);
    const line = 40;
    const slope = Math.tan(lathe.reveal().attachmentAngle);
    // Tool tip at z = 105 now; it is to stand at 12 + on over the line.
    lathe.act({ do: 'turn', handle: 'cross', by: 2 * (40 - (12 + on - slope * (105 - line))) });
    clean(lathe, -72);
    const tried = lathe.act({ do: 'try', gauge: GAUGE, line, from: 35, to: 100 }).tried!;
    return { tried, slope, truth: lathe.reveal().outline('outside', line) };
  };
  it('stands off by what is still on, over the slope', () => {
    fc.assert(
      fc.property(figure(0.01, 0.08), (on) => {
        const { tried, slope, truth } = shank(0.03, on);
        // The scale is set as an eye sets it: the cone touches at the end that stands proud.
        const off = Math.abs(slope - Math.tan(0.03)) * 60;
        expect(Math.abs(tried.standOff! - (truth - 12) / Math.tan(0.03))).toBeLessThan(
          0.03 + off / Math.tan(0.03),
        );
      }),
      RUNS,
    );
  });
  it('of a cone too steep marks at its large end and shakes at the small; too shallow, the other way', () => {
    const steep = shank(0.0335, 0.03).tried;
    expect(steep).toMatchObject({ bands: 'large', shake: 'small', rock: { touches: 'large' } });
    const shallow = shank(0.0265, 0.03).tried;
    expect(shallow).toMatchObject({ bands: 'small', shake: 'large', rock: { touches: 'small' } });
  });
});

describe('a run', () => {
  const ACTIONS: readonly LatheAction[] = [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 110 }, out: 80 },
    { do: 'tool', side: 'outside', nose: 0.4 },
    { do: 'touch' },
    { do: 'turn', handle: 'carriage', by: 30 },
    { do: 'turn-to', handle: 'cross', to: 0.6 },
    { do: 'turn', handle: 'carriage', by: -60 },
    { do: 'measure', at: 60, side: 'outside' },
    { do: 'sweep', on: 'work', handle: 'carriage', by: 20, count: 30 },
  ];
  it('is the same on the same seed, and another on another', () => {
    const run = (seed: number): string => {
      const lathe = makeVirtualLathe({ seed, level: 5 });
      return JSON.stringify(ACTIONS.map((action) => lathe.act(action)));
    };
    expect(run(3)).toBe(run(3));
    expect(run(3)).not.toBe(run(4));
  });
  it('is done again from its log', () => {
    const first = all(makeVirtualLathe({ seed: 11 }), ACTIONS);
    const again = all(makeVirtualLathe({ seed: 11 }), first.log);
    expect(again.seconds).toBe(first.seconds);
    expect(radius(again, 60)).toBe(radius(first, 60));
    expect(first.seconds).toBeGreaterThan(100);
  });
  it('shows nothing that is hidden but what its truth tells, whatever is done', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(1, 3, 5), (seed, level) => {
        const lathe = all(makeVirtualLathe({ seed, level: level as 1 | 3 | 5 }), ACTIONS);
        const { outline } = lathe.scene();
        for (const r of outline!.outside) expect(r).toBeGreaterThan(10);
        for (const size of Object.values(lathe.reveal().faults)) expect(Number.isFinite(size)).toBe(true);
      }),
      RUNS,
    );
  });
  it('refuses what no lathe does', () => {
    const lathe = makeVirtualLathe({ seed: 1 });
    const refused = (action: LatheAction): unknown => {
      try {
        return lathe.act(action);
      } catch (error) {
        return (error as { field: string }).field;
      }
    };
    expect(refused({ do: 'hold', by: 'three-jaw', out: 40 })).toBe('blank');
    expect(refused({ do: 'jaw', jaw: 1, by: 0.1 })).toBe('jaw');
    expect(refused({ do: 'turn', handle: 'cross', by: NaN })).toBe('by');
    expect(refused({ do: 'hold', by: 'three-jaw', blank: { diameter: 20, length: 30 }, out: 40 })).toBe(
      'out',
    );
    expect(() => makeVirtualLathe({ seed: 1, level: 9 as 5 })).toThrow(/0 to 5/);
  });
});

describe('rounds against a cone', () => {
  const HALF = Math.atan(1 / 16);
  it('a ball rests where its sphere meets the wall, by its closed form, or goes through', () => {
    const lathe = makeVirtualLathe({ seed: 3, level: 0 });
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 70, length: 75, bore: 30 }, out: 55 });
    lathe.act({ do: 'tool', side: 'inside', nose: 0.2, barDiameter: 14 });
    // A wall that is parallel lets a smaller ball through, and holds a larger one on its rim.
    expect(lathe.act({ do: 'ball', diameter: 29 }).reading).toBeUndefined();
    const [ball, mouth] = [20, 15];
    const over = lathe.act({ do: 'ball', diameter: 2 * ball }).reading!;
    expect(over).toBeCloseTo(ball + Math.sqrt(ball ** 2 - mouth ** 2), 1);
  });
  it('rollers beside a turned shank stand as far apart as its closed form has it', () => {
    const lathe = makeVirtualLathe({ seed: 4, level: 0 });
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 140 }, out: 100 });
    lathe.act({ do: 'tool', side: 'outside', nose: 0.4 });
    lathe.act({ do: 'nudge', device: 'attachment', by: 180 * Math.tan(HALF), pivotLength: 180 });
    const to = (z: number): void =>
      void lathe.act({ do: 'turn', handle: 'carriage', by: z - 60 - lathe.dial('carriage') });
    to(114);
    lathe.act({ do: 'engage', on: true });
    to(98);
    lathe.act({ do: 'touch' });
    for (const dial of [1, 2, 3, 3, 3]) {
      lathe.act({ do: 'turn', handle: 'cross', by: -8 - lathe.dial('cross') });
      to(114);
      lathe.act({ do: 'turn', handle: 'cross', by: dial - lathe.dial('cross') });
      to(30);
    }
    const { outline } = lathe.reveal();
    const [d, blocks] = [10, 20];
    const at = 100 - blocks - d / 2;
    const closed = 2 * (outline('outside', at) + d / 2 / Math.cos(HALF) + d / 2);
    expect(lathe.act({ do: 'rollers', diameter: d, blocks }).reading).toBeCloseTo(closed, 2);
    const rule = lathe.act({ do: 'rule', at, side: 'outside' }).reading!;
    expect((4 * rule) % 1).toBe(0);
    expect(Math.abs(rule - 2 * outline('outside', at))).toBeLessThan(0.13);
  });
});

describe('what cannot be done', () => {
  const ready = () => {
    const lathe = makeVirtualLathe({ seed: 3, level: 0 });
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 140 }, out: 100 });
    return lathe;
  };
  it.each<[string, LatheAction]>([
    ['to', { do: 'set', device: 'compound', to: 1e9 }],
    ['to', { do: 'set', device: 'tailstock', to: -400 }],
    ['at', { do: 'measure', at: 1e6, side: 'outside' }],
    ['at', { do: 'rule', at: -3, side: 'outside' }],
    ['diameter', { do: 'ball', diameter: 1e-9 }],
    ['diameter', { do: 'rollers', diameter: 1e9, blocks: 0 }],
    ['blocks', { do: 'rollers', diameter: 10, blocks: 1e6 }],
    ['to', { do: 'set', device: 'attachment', to: NaN }],
  ])('is refused at %s, and is no part of the run', (field, action) => {
    const lathe = ready();
    expect(() => lathe.act(action)).toThrow(expect.objectContaining({ field }));
    expect(lathe.log).toHaveLength(1);
    // Nor does it take time.
    expect(lathe.seconds).toBe(ready().seconds);
  });
});

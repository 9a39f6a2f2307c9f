import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeVirtualLathe } from '.';
import { quiet, all, setIn, clean, radius, RUNS } from './quietLathe.testdata';
import { real } from '../real.testdata';

describe('metal comes off as geometry has it', () => {
  it('a parallel cut leaves the diameter it was set to', () => {
    fc.assert(
      fc.property(real(0.1, 2), (depth) => {
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
      fc.property(real(0.01, 0.12), real(-0.003, 0.003), (angle, barAngle) => {
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
      fc.property(real(0.1, 1.5), fc.boolean(), (height, below) => {
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
      fc.property(real(0.05, 0.09), (barLash) => {
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
      fc.property(real(-1.5, 1.5), real(-0.25, 0.25), (by, tailstockOff) => {
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
      fc.property(real(0.01, 0.08), (on) => {
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

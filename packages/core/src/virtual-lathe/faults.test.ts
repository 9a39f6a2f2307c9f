import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quiet, all, setIn, radius, RUNS } from './quietLathe.testdata';
import { real } from '../real.testdata';

describe('what is hidden comes out as textbooks have it', () => {
  it('a cut springs by what its force makes of the give, and passes at the same figure take the rest', () => {
    fc.assert(
      fc.property(real(1e-4, 6e-4), (compliance) => {
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

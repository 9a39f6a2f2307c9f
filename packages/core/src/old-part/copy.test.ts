import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { taperSize } from '../taper/series/registry';
import { COPY_METHODS, copyTaper } from './registry';

const exact = (value: number, uncertainty = 0.003) => ({ value, uncertainty });

/** What each method's instruments would show on a cone that is known. */
const shown = (a: number, large: number, along: number) => {
  const t = Math.tan(a);
  const small = large - 2 * t * along;
  const D = 10;
  const lower = small + D * (1 + t + 1 / Math.cos(a));
  // A socket of the same cone: a ball of radius r sits where the side is r/cos a from the axis.
  const depthOfTop = (r: number) => (large / 2 - r / Math.cos(a)) / t - r;
  const R = large / 2 - 0.4 * along * t;
  const r = small / 2;
  return {
    diameters: { large: exact(large), small: exact(small), along: exact(along, 0.02) },
    rollers: {
      roller: exact(D, 0),
      lower: exact(lower),
      upper: exact(lower + 2 * along * t),
      height: exact(along, 0),
    },
    balls: {
      largeBall: exact(2 * R, 0),
      smallBall: exact(2 * r, 0),
      largeBallDepth: exact(depthOfTop(R), 0.01),
      smallBallDepth: exact(depthOfTop(r), 0.01),
    },
    sweep: { travel: exact(along, 0.02), radial: exact(along * t, 0.002), large: exact(large) },
  };
};

describe('copying an old taper', () => {
  it.each(COPY_METHODS.map((m) => m.id))('%s finds the cone that was measured', (id) => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 25, max: 60, noNaN: true }),
        fc.double({ min: 20, max: 50, noNaN: true }),
        (a, large, along) => {
          fc.pre(large - 2 * along * Math.tan(a) >= 8);
          const { taper } = copyTaper(id, shown(a, large, along)[id]);
          expect(taper.halfAngle.value).toBeCloseTo(a, 7);
          expect(taper.large!.value).toBeCloseTo(large, 5);
          expect(taper.ratio.uncertainty).toBeGreaterThan(0);
          expect(taper.weakest).not.toBe('');
        },
      ),
      { seed: 9 },
    );
  });

  it('names a No. 3 Morse from any of the four', () => {
    const size = taperSize('morse-iso', '3');
    const a = Math.atan(size.ratio / 2);
    for (const { id } of COPY_METHODS) {
      const { identified } = copyTaper(id, shown(a, 23.8, 70)[id]);
      expect(identified.matches[0]!.size.name, id).toContain('No. 3 Morse');
      expect(identified.matches[0]!.score, id).toBeLessThan(1);
    }
  });

  it('a blunter instrument is less sure, and says which figure to measure better', () => {
    const sharp = copyTaper('diameters', shown(0.025, 24, 70).diameters).taper;
    const blunt = copyTaper('diameters', {
      ...shown(0.025, 24, 70).diameters,
      small: exact(24 - 140 * Math.tan(0.025), 0.05),
    }).taper;
    expect(blunt.ratio.uncertainty).toBeGreaterThan(5 * sharp.ratio.uncertainty);
    expect(blunt.weakest).toBe('small');
  });

  it('looks through the shop’s own tapers too', () => {
    const own = {
      ...taperSize('general', '1:12'),
      series: 'shop' as const,
      size: 'mine',
      name: 'Mine',
      ratio: 1 / 16.5,
    };
    const a = Math.atan(1 / 33);
    const { identified } = copyTaper('diameters', shown(a, 28, 40).diameters, [own]);
    expect(identified.matches[0]!.size.name).toBe('Mine');
  });

  it.each([
    ['diameters', { large: exact(10), small: exact(12), along: exact(5) }, 'small'],
    ['diameters', { large: exact(10), small: exact(9) }, 'along'],
    ['rollers', { roller: exact(10), lower: exact(40), upper: exact(39), height: exact(20) }, 'upper'],
    ['rollers', { roller: exact(10), lower: exact(18), upper: exact(19), height: exact(20) }, 'measurement'],
    [
      'balls',
      { largeBall: exact(10), smallBall: exact(12), largeBallDepth: exact(1), smallBallDepth: exact(20) },
      'smallBall',
    ],
    ['sweep', { travel: exact(50), radial: exact(20), large: exact(10) }, 'radial'],
  ] as const)('%s says at which figure it cannot be', (id, measured, field) => {
    expect(() => copyTaper(id, measured)).toThrow(expect.objectContaining({ field }));
  });
});

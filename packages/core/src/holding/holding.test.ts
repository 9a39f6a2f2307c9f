import fc from 'fast-check';
import { normalFrom, seeded } from '../machine/seeded';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { exactRoundFit, roundFit, JAWS } from './circleFit';
import { nearAndFar, rimAndFace, separateRunout } from './tilt';
import { trueingLimit, trueUp } from './trueUp';
import { towardJaws } from './words';

/** What an indicator reads against round work whose axis sits off the spindle's, worked from the circle itself. */
const reads = (x: number, y: number, direction: number, radius = 20): number => {
  const along = x * Math.cos(direction) + y * Math.sin(direction);
  const across = -x * Math.sin(direction) + y * Math.cos(direction);
  return along + Math.sqrt(radius * radius - across * across) - radius;
};
const four = (x: number, y: number) => JAWS.map((d) => reads(x, y, d));
const small = fc.double({ min: -0.5, max: 0.5, noNaN: true });

describe('where the work sits', () => {
  it('comes back from any three directions or more, however they lie', () => {
    fc.assert(
      fc.property(small, small, fc.double({ min: 0.3, max: 1.5, noNaN: true }), (x, y, step) => {
        const readings = [0, 1, 2, 3].map((i) => ({
          direction: 0.2 + i * (step + 0.3),
          reading: reads(x, y, 0.2 + i * (step + 0.3)),
        }));
        const fit = roundFit(readings);
        expect(fit.x).toBeCloseTo(x, 1);
        expect(fit.y).toBeCloseTo(y, 1);
      }),
      { seed: 2 },
    );
  });
  it('two opposite jaws give their own line and nothing of the other', () => {
    expect(
      roundFit([
        { direction: JAWS[1]!, reading: 0.5 },
        { direction: JAWS[3]!, reading: 0.25 },
      ]),
    ).toMatchObject({ x: null, y: 0.125 });
    expect(
      roundFit([
        { direction: JAWS[2]!, reading: 0.3 },
        { direction: JAWS[0]!, reading: 0.1 },
      ]).x,
    ).toBeCloseTo(-0.1, 12);
  });
  it('and of work whose diameter is known no more than that', () => {
    const opposite = (one: number, other: number) => [
      { direction: JAWS[one]!, reading: 0.5 },
      { direction: JAWS[other]!, reading: 0.25 },
    ];
    for (const readings of [opposite(1, 3), opposite(0, 2)])
      expect(exactRoundFit(readings, 40)).toEqual(roundFit(readings));
  });
  it('the corners of square and hexagon bar are read the same way', () => {
    for (const corners of [4, 6]) {
      const readings = Array.from({ length: corners }, (_, i) => (i * 2 * Math.PI) / corners + 0.4).map(
        (direction) => ({
          direction,
          reading: 0.07 * Math.cos(direction) - 0.03 * Math.sin(direction) + 12,
        }),
      );
      expect(roundFit(readings).x).toBeCloseTo(0.07, 9);
      expect(roundFit(readings).y).toBeCloseTo(-0.03, 9);
    }
  });
  it.each([
    [[], 'underdetermined'],
    [
      [
        { direction: 0, reading: 1 },
        { direction: 1, reading: 2 },
      ],
      'underdetermined',
    ],
    [[0, 0, 0].map((direction) => ({ direction, reading: 1 })), 'underdetermined'],
    [
      [
        { direction: 0, reading: NaN },
        { direction: Math.PI, reading: 2 },
      ],
      'not-finite',
    ],
  ])('refuses %j', (readings, code) => {
    expect(() => roundFit(readings)).toThrow(expect.objectContaining({ code }));
  });
});

describe('trueing in a four-jaw', () => {
  it('moving as told brings it true, in either school', () => {
    fc.assert(
      fc.property(small, small, fc.constantFrom('half' as const, 'highs' as const), (x, y, school) => {
        let [px, py] = [x, y];
        for (let i = 0; i < 3; i++) {
          const { moves, inside } = trueUp({ readings: four(px, py), limit: 0.01, school });
          if (inside) break;
          for (const { jaw, action, by } of moves) {
            if (action !== 'tighten') continue;
            const push = JAWS[jaw - 1]!;
            px -= by * Math.cos(push);
            py -= by * Math.sin(push);
          }
        }
        expect(2 * Math.hypot(px, py)).toBeLessThan(0.012);
      }),
      { seed: 12 },
    );
  });
  it('eases the low jaw before the high one is tightened, the worst pair first', () => {
    const { moves } = trueUp({ readings: [0.1, 0.5, 0, 0], limit: 0.02, school: 'half' });
    expect(moves.map((m) => `${m.action} ${m.jaw}`)).toEqual([
      'loosen 4',
      'tighten 2',
      'loosen 3',
      'tighten 1',
    ]);
    expect(moves[0]!.by).toBeCloseTo(0.25, 12);
    expect(
      trueUp({ readings: [0.1, 0.5, 0, 0], limit: 0.02, school: 'highs' }).moves.map((m) => m.jaw),
    ).toEqual([2, 1]);
  });
  it('says what it can from what has been read, and what to read next', () => {
    expect(trueUp({ readings: [0.2, null, null, null], limit: 0.02, school: 'half' })).toMatchObject({
      swing: null,
      readNext: 3,
      moves: [],
    });
    const two = trueUp({ readings: [0.2, null, 0, null], limit: 0.02, school: 'half' });
    expect(two).toMatchObject({ inside: false, readNext: 2 });
    expect(two.moves[1]).toMatchObject({ jaw: 1, action: 'tighten' });
    // However well one pair agrees, the other may be anywhere.
    for (const [readings, readNext] of [
      [[0.004, null, 0, null], 2],
      [[null, 0.004, null, 0], 1],
    ] as const)
      expect(trueUp({ readings, limit: 0.02, school: 'half' })).toMatchObject({ inside: false, readNext });
    const three = trueUp({ readings: [0.2, 0.1, 0, null], limit: 0.02, school: 'half' });
    expect(three.moves.length).toBe(2);
  });
  it('work that is not round is never called true, however well it is centred', () => {
    const oval = trueUp({ readings: [0.2, 0, 0.2, 0], limit: 0.01, school: 'half' });
    expect(oval).toMatchObject({ inside: false, moves: [] });
    expect(oval.swing).toBeCloseTo(0.2, 12);
  });
  it('stops inside the limit, and tells out-of-round work from an offset', () => {
    const done = trueUp({ readings: [0.004, 0, 0, 0.002], limit: 0.01, school: 'half' });
    expect(done.inside).toBe(true);
    expect(plainText(done.said)).toContain('True within');
    // Within the limit, but by less than the needle's own unrest: it is moved a little yet.
    const hardly = trueUp({
      readings: [0.019, 0.0095, 0, 0.0095],
      limit: 0.02,
      school: 'half',
      resolution: 0.001,
    });
    expect(hardly.inside).toBe(false);
    expect(hardly.moves.map((m) => m.jaw)).toEqual([3, 1]);
    // Two steps of such a needle are the limit itself.
    const coarse = {
      readings: [0.01, 0.01, 0, 0.01],
      limit: 0.02,
      school: 'half' as const,
      resolution: 0.01,
    };
    expect(trueUp(coarse)).toMatchObject({ inside: false, moves: [] });
    expect(plainText(trueUp(coarse).said)).toContain('too coarse');
    expect(plainText(trueUp({ ...coarse, readings: [0.1, 0.05, 0, 0.05] }).said)).toContain('It swings');
    expect(plainText(trueUp({ readings: [0.2, 0, 0.2, 0], limit: 0.01, school: 'half' }).said)).toContain(
      'Out of round',
    );
    expect(plainText(trueUp({ readings: [0.25, 0, 0.2, 0], limit: 0.01, school: 'half' }).said)).toContain(
      'Out of round',
    );
  });
});

describe('offset told from tilt', () => {
  it('rim and face', () => {
    fc.assert(
      fc.property(small, small, small, small, (x, y, tx, ty) => {
        // The axis leans toward (tx, ty) on its way out, so its face stands back on that side.
        const face = JAWS.map((d) => -30 * (tx * Math.cos(d) + ty * Math.sin(d)));
        const found = rimAndFace({
          rim: JAWS.map((d) => x * Math.cos(d) + y * Math.sin(d)),
          face,
          faceRadius: 30,
        });
        expect(found.offset.x).toBeCloseTo(x, 9);
        expect(found.tilt.y).toBeCloseTo(ty, 9);
        const far = JAWS.map((d) => (x + 100 * tx) * Math.cos(d) + (y + 100 * ty) * Math.sin(d));
        const near = JAWS.map((d) => x * Math.cos(d) + y * Math.sin(d));
        expect(nearAndFar({ near, far, apart: 100 }).tilt.x).toBeCloseTo(found.tilt.x, 9);
      }),
    );
  });
  it('near and far', () => {
    const at = (x: number, y: number) => JAWS.map((d) => x * Math.cos(d) + y * Math.sin(d));
    const { offset, tap, tilt } = nearAndFar({ near: at(0.1, 0.15), far: at(0.04, 0.55), apart: 200 });
    expect(offset.x).toBeCloseTo(0.1, 9);
    expect(offset.y).toBeCloseTo(0.15, 9);
    expect(tap.x).toBeCloseTo(-0.06, 9);
    expect(tap.y).toBeCloseTo(0.4, 9);
    expect(tilt.x).toBeCloseTo(-0.0003, 9);
    expect(tilt.y).toBeCloseTo(0.002, 9);
  });
  it('the spindle’s part stays when the piece is turned half round', () => {
    const at = (x: number, y: number) => JAWS.map((d) => x * Math.cos(d) + y * Math.sin(d));
    const { spindle, piece } = separateRunout({
      first: at(0.03 + 0.05, -0.01),
      turned: at(0.03 - 0.05, -0.01),
    });
    expect(spindle.x).toBeCloseTo(0.03, 9);
    expect(spindle.y).toBeCloseTo(-0.01, 9);
    expect(piece.x).toBeCloseTo(0.05, 9);
  });
});

it('trues no finer than matters, nor than can be seen', () => {
  expect(trueingLimit({ indicator: 0.001, zone: 0.014 })).toBe(0.014);
  expect(trueingLimit({ indicator: 0.01, zone: 0.014 })).toBe(0.04);
  expect(trueingLimit({ indicator: 0.001 })).toBe(0.02);
});

describe('in words', () => {
  it('names the jaws a thing lies toward, and leaves out what is next to nothing', () => {
    expect(plainText(towardJaws({ x: 0.1, y: -0.04 }, 0.01))).toBe(
      '0.10\u00a0mm toward jaw 1 and 0.04\u00a0mm toward jaw 4',
    );
    expect(plainText(towardJaws({ x: -0.1, y: 0.001 }, 0.01))).toBe('0.10\u00a0mm toward jaw 3');
    expect(plainText(towardJaws({ x: 0.001, y: 0 }, 0.01))).toBe('nothing that can be seen');
    expect(plainText(towardJaws({ x: 0, y: 0.001 }, 1e-6, 'angle'))).toContain('toward jaw 2');
  });
});

it('the plus or minus of an offset holds it in about 95 of 100, from four places or from eight', () => {
  const uniform = seeded(8);
  for (const count of [4, 8]) {
    let inside = 0;
    const RUNS = 500;
    for (let run = 0; run < RUNS; run++) {
      const readings = Array.from({ length: count }, (_, i) => {
        const direction = (2 * Math.PI * i) / count;
        return { direction, reading: 0.2 * Math.cos(direction) + 0.004 * normalFrom(uniform) };
      });
      const { x, uncertainty } = roundFit(readings, 0.004);
      if (Math.abs(x! - 0.2) <= uncertainty!) inside++;
    }
    expect(inside / RUNS).toBeGreaterThan(0.92);
  }
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseSizes, unitOfSizes } from '../quantity/parseSizes';
import { METRIC_88 } from './blockSets';
import { finest } from './instrument';
import { holeAt, ORIGIN, pinBlockDesign, type PinBlockWish } from './pinBlockDesign';
import { stackWithWear } from './stackWithWear';

const SET = { name: 'set', sizes: METRIC_88, wear: 2 };

describe('a stack with wear blocks', () => {
  it('counts both wear blocks and uses none that is taken', () => {
    const stack = stackWithWear({ target: 34.562, set: SET, withWear: true });
    expect(stack.wear).toEqual([2, 2]);
    expect(stack.total).toBeCloseTo(34.562, 9);
    expect(stack.blocks.reduce((a, b) => a + b, 0) + 4).toBeCloseTo(34.562, 9);
    const again = stackWithWear({ target: 34.562, set: SET, used: stack.blocks });
    expect(again.blocks.filter((b) => stack.blocks.includes(b))).toEqual([]);
  });
  it('a set that owns two alike may use the second', () => {
    const twins = { name: 't', sizes: [10, 10, 5] };
    expect(stackWithWear({ target: 20, set: twins }).blocks).toEqual([10, 10]);
    expect(stackWithWear({ target: 10, set: twins, used: [10] }).blocks).toEqual([10]);
  });
  it('says when the wear blocks alone are too much', () => {
    expect(() => stackWithWear({ target: 3, set: SET, withWear: true })).toThrow(/wear blocks alone/);
    expect(() => stackWithWear({ target: 4, set: SET, withWear: true })).toThrow(/wear blocks alone/);
    expect(stackWithWear({ target: 3, set: SET }).total).toBe(3);
  });
});

describe('sizes of a set', () => {
  it('reads lists and ranges as people write them', () => {
    expect(parseSizes('0.5, 1 to 2 by 0.5', 'mm')).toEqual([0.5, 1, 1.5, 2]);
    expect(parseSizes('1/16; 1/8\n3/16', 'in')).toEqual([1.5875, 3.175, 4.7625]);
    expect(
      parseSizes(
        '1.0005; 1.001 to 1.009 by 0.001; 1.01 to 1.49 by 0.01; 0.5 to 9.5 by 0.5; 10 to 100 by 10',
        'mm',
      ),
    ).toEqual(METRIC_88);
    expect(parseSizes('6 mm; 1/4 in', 'mm')).toEqual([6, 6.35]);
    expect(parseSizes('12,5; 3', 'mm')).toEqual([12.5, 3]);
    expect(parseSizes('', 'mm')).toEqual([]);
  });
  it.each([
    '1 to 3 by 0.5',
    '1 thru 3 by .5',
    '1 through 3 every 0.5',
    '1-3 by 0.5',
    '1 – 3 x 0.5',
    '1 to 3 in steps of 0.5',
  ])('%s is a range', (text) => expect(parseSizes(text, 'mm')).toEqual([1, 1.5, 2, 2.5, 3]));
  it('the unit behind a range is that of all of it, 64ths are of an inch', () => {
    expect(parseSizes('1 to 2 by 0.5 mm', 'in')).toEqual([1, 1.5, 2]);
    expect(parseSizes('1/16 to 1/8 by 32nds', 'mm')).toEqual([1.5875, 2.38125, 3.175]);
    expect(parseSizes('1 cm to 20 by 5 mm', 'in')).toEqual([10, 15, 20]);
    expect(parseSizes('1/4 to 1/2 in by 1/8', 'mm')).toEqual([6.35, 9.525, 12.7]);
    expect(unitOfSizes('1/4 to 1/2 in by 1/8', 'mm')).toBe('mm');
  });
  it('drills are read by their marks, singly and in rows', () => {
    expect(parseSizes('#7; F; 1/4 in', 'mm')).toEqual([5.1054, 6.5278, 6.35]);
    expect(parseSizes('#1 to #60, A-Z', 'mm')).toHaveLength(86);
    expect(parseSizes('1-1/16; 1-1/8', 'in')).toEqual([26.9875, 28.575]);
  });
  it.each([
    ['0', '“0” is no size: it must be more than zero.'],
    ['5 to 1 by 1', '“5 to 1” runs backwards.'],
    ['1 to 1000 by 0.1', 'A set has at most 400 pieces.'],
    ['1 to 100 by 0.5; 1 to 150 by 0.5', 'A set has at most 400 pieces.'],
    ['six', 'Could not read “six”.'],
    ['1 to 2 by 0', '“0” is no size: it must be more than zero.'],
    ['1 to 2', '“1 to 2” is a range without its step: write it as 1 to 13 by 0.5.'],
    ['A to #7', 'Could not read “A to #7”.'],
  ])('refuses %s: %s', (text, sentence) => {
    expect(() => parseSizes(text, 'mm')).toThrow(sentence);
  });
  it.each([
    ['3, 4, 5 in', 'mm', 'in'],
    ['3, 4, 5 mm', 'in', 'mm'],
    // A range with its unit is whole; the rest stays as the box says.
    ['1 to 13 by 0.5 mm', 'in', 'in'],
    ['½, ¾ in', 'mm', 'in'],
    ['3, 4, 5 cm', 'mm', null],
    ['3, 4', 'in', 'in'],
    ['3 mm, 4 mm', 'in', 'in'],
    ['6, 8 mm, 10', 'mm', 'mm'],
    // With a stop between them each is for itself, as the box says.
    ['6; 1/4 in', 'mm', 'mm'],
    ['1/4 in, 6', 'mm', null],
    ['#1 to #60', 'in', 'in'],
  ] as const)('%s, in %s where nothing is said, is in %s', (text, usual, unit) => {
    if (unit) expect(unitOfSizes(text, usual)).toBe(unit);
    else
      expect(() => unitOfSizes(text, usual)).toThrow(
        expect.objectContaining({ code: 'ambiguous', message: expect.stringContaining('has no unit') }),
      );
  });
});

it('the finest instrument that spans the work is picked', () => {
  const tools = [
    { name: 'a', type: 'micrometer', resolution: 0.001, range: 25, uncertainty: 0.003 },
    { name: 'b', type: 'micrometer', resolution: 0.01, range: 50, uncertainty: 0.008 },
  ] as const;
  expect(finest(tools, 'micrometer', 20)?.name).toBe('a');
  expect(finest(tools, 'micrometer', 30)?.name).toBe('b');
  expect(finest(tools, 'depth')).toBeUndefined();
});

describe('a pin block', () => {
  const wish = (over: Partial<PinBlockWish> = {}): PinBlockWish => ({
    tapers: [
      { name: 'a', halfAngle: Math.atan(1 / 40.04) },
      { name: 'b', halfAngle: Math.atan(1 / 39.844) },
      { name: 'c', halfAngle: Math.atan(7 / 48) },
    ],
    width: 110,
    height: 40,
    holeDiameter: 6,
    resolution: 0.005,
    wall: 1.5,
    ...over,
  });

  it('keeps every wall, hits only what the readout can, and beats a block with one span', () => {
    const { holes, origin } = pinBlockDesign(wish());
    const all = [{ x: 0, y: 0 }, ...holes];
    for (const [i, hole] of all.entries()) {
      for (const other of all.slice(i + 1))
        expect(Math.hypot(hole.x - other.x, hole.y - other.y)).toBeGreaterThanOrEqual(7.5 - 1e-9);
      expect(origin.x + hole.x).toBeLessThanOrEqual(110 - 4.5 + 1e-9);
      expect(origin.y + hole.y).toBeLessThanOrEqual(40 - 4.5 + 1e-9);
    }
    for (const hole of holes) {
      expect(Math.abs(hole.x / 0.005 - Math.round(hole.x / 0.005))).toBeLessThan(1e-6);
      expect(Math.abs(hole.y / 0.005 - Math.round(hole.y / 0.005))).toBeLessThan(1e-6);
      expect(hole.breaksInto).toEqual([]);
      expect(Math.abs(hole.angleError)).toBeLessThan(0.0025 / hole.x);
    }
  });

  it('no X within reach would round better at that distance', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.15, noNaN: true }), (halfAngle) => {
        const tapers = [{ name: 'a', halfAngle }];
        const hole = pinBlockDesign(wish({ tapers, resolution: 0.1 })).holes[0]!;
        const score = (h: { x: number; angleError: number }) => Math.abs(h.angleError) + 0.005 / h.x;
        for (let x = 40; x <= 101; x += 0.1) {
          expect(score(hole)).toBeLessThanOrEqual(
            score(holeAt(tapers[0]!, Number(x.toFixed(1)), 0.1)) + 1e-9,
          );
        }
      }),
      { numRuns: 15, seed: 5 },
    );
  });

  it('names the holes it cannot keep clear of', () => {
    const twins = ['a', 'b', 'c', 'd', 'e', 'f'].map((name) => ({ name, halfAngle: 0.025 }));
    const { holes } = pinBlockDesign(wish({ tapers: twins, width: 50 }));
    const broken = holes.filter((h) => h.breaksInto.length > 0);
    expect(broken.length).toBeGreaterThan(0);
    expect(broken[0]!.breaksInto[0]).not.toBe(ORIGIN);
  });

  it.each([
    [{ tapers: [] }, 'underdetermined'],
    [{ width: 12 }, 'impossible'],
    [{ height: 10, tapers: [{ name: 'steep', halfAngle: 0.5 }] }, 'impossible'],
    [{ resolution: 0 }, 'out-of-range'],
  ])('refuses %j', (over, code) => {
    expect(() => pinBlockDesign(wish(over))).toThrow(expect.objectContaining({ code }));
  });
});

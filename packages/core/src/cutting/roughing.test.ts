import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { ALLOWANCE_FOR, allowanceFor } from './allowance';
import { feedAndSpeed } from './feedAndSpeed';
import { USUAL_MATERIALS } from '../kit/materials/usual';
import { materialNamed } from '../kit/materialNamed';
import { reamAdvice, reamerWear, reamingStock } from './ream';
import { staircase } from './staircase';

describe('materials', () => {
  it.each([
    ['EN24T', 'Alloy steel, toughened'],
    ['Silver steel', 'Tool steel, annealed'],
    ['16MnCr5, to be hardened', 'Alloy steel, toughened'],
    ['Phosphor bronze', 'Bronze'],
    ['Cast iron', 'Grey cast iron'],
    ['cast iron, grey', 'Grey cast iron'],
    ['Brass', 'Brass'],
    ['Stainless 316L, bright', 'Stainless steel'],
    ['EN8M', 'Medium carbon steel'],
    ['EN1APb (leaded)', 'Free-cutting and mild steel'],
    ['grey iron, GG25', 'Grey cast iron'],
    ['Aluminium bronze', 'Bronze'],
    ['A2 stainless', 'Stainless steel'],
    ['(ci)', 'Grey cast iron'],
    ['Precision ground flat stock', 'Tool steel, annealed'],
  ])('%s is read as %s', (words, name) => {
    expect(materialNamed(words, USUAL_MATERIALS)?.name).toBe(name);
  });
  it('does not guess at what it does not know', () => {
    expect(materialNamed('unobtainium', USUAL_MATERIALS)).toBeNull();
    expect(materialNamed('', USUAL_MATERIALS)).toBeNull();
    // CI is no part of a word, and a grade no part of a longer one.
    expect(materialNamed('Precision-ground special', USUAL_MATERIALS)).toBeNull();
    expect(materialNamed('1304', USUAL_MATERIALS)).toBeNull();
    expect(materialNamed('3045', USUAL_MATERIALS)).toBeNull();
  });
});

const steel = materialNamed('EN8', USUAL_MATERIALS)!;
const plain = { finishing: false };

describe('feed and speed', () => {
  it('is the surface speed over the circumference', () => {
    const { rpm, surfaceSpeed } = feedAndSpeed({ material: steel, tool: 'hss', diameter: 25, duty: plain });
    expect((rpm * Math.PI * 25) / 1000).toBeCloseTo(surfaceSpeed, 9);
    expect(surfaceSpeed).toBe(24);
  });
  it('everything harder than plain turning is slower, says so, and never faster', () => {
    const duties = [
      { form: true },
      { interrupted: true },
      { boring: 2 },
      { boring: 6 },
      { overhang: 4 },
      { overhang: 7 },
    ];
    for (const duty of duties) {
      const plainly = feedAndSpeed({ material: steel, tool: 'hss', diameter: 25, duty: plain });
      const slow = feedAndSpeed({ material: steel, tool: 'hss', diameter: 25, duty: { ...plain, ...duty } });
      expect(slow.rpm).toBeLessThan(plainly.rpm);
      expect(slow.feed).toBeLessThan(plainly.feed);
      expect(plainText(slow.because[0]!).length).toBeGreaterThan(8);
    }
    expect(
      feedAndSpeed({ material: steel, tool: 'hss', diameter: 25, duty: { ...plain, overhang: 2 } }).because,
    ).toEqual([]);
    expect(
      feedAndSpeed({ material: steel, tool: 'carbide', diameter: 25, duty: { finishing: true } }).feed,
    ).toBe(steel.fineFeed);
  });
  it('names the lathe’s next speed down, or its slowest', () => {
    const at = (diameter: number) =>
      feedAndSpeed({ material: steel, tool: 'hss', diameter, duty: plain, speeds: [60, 110, 200, 360] }).set;
    expect(at(25)).toBe(200);
    expect(at(400)).toBe(60);
    expect(feedAndSpeed({ material: steel, tool: 'hss', diameter: 25, duty: plain }).set).toBeNull();
  });
  it('refuses a diameter of nothing', () => {
    expect(() => feedAndSpeed({ material: steel, tool: 'hss', diameter: 0, duty: plain })).toThrow(
      expect.objectContaining({ field: 'diameter' }),
    );
  });
});

const cone = {
  largeDiameter: 24,
  smallDiameter: 20,
  halfAngle: Math.atan(0.025),
  division: 0.02,
  reads: 'diameter',
} as const;

describe('the staircase under a cone', () => {
  it('never cuts into the cone and its allowance, outside or inside, on any dial', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('external' as const, 'internal' as const),
        fc.constantFrom('radius' as const, 'diameter' as const),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0.1, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (member, reads, extra, depth, allowance) => {
          const stock = member === 'external' ? 24 + extra : 20 - extra;
          const steps = staircase({ ...cone, member, reads, stock, depth, allowance });
          const ratio = 2 * Math.tan(cone.halfAngle);
          steps.forEach((s, i) => {
            // The corner is where the cut comes nearest the cone: outside at its far end, inside at its bottom.
            const finished = member === 'external' ? 20 + s.along * ratio : 24 - s.along * ratio;
            const over = member === 'external' ? s.diameter - finished : finished - s.diameter;
            expect(over).toBeGreaterThan(allowance - 1e-9);
            expect(Math.abs(s.dial / 0.02 - Math.round(s.dial / 0.02))).toBeLessThan(1e-6);
            if (i > 0) expect(s.along).toBeLessThanOrEqual(steps[i - 1]!.along);
            const before = i === 0 ? stock : steps[i - 1]!.diameter;
            expect(Math.abs(s.diameter - before) / 2).toBeLessThan(depth + 0.041);
          });
        },
      ),
      { seed: 5 },
    );
  });
  it('takes no more cuts than its depth asks for where it goes exactly into what is to come off', () => {
    const to = { ...cone, member: 'external', reads: 'radius', stock: 26, allowance: 0 } as const;
    expect(staircase({ ...to, depth: 1 }).map(({ dial }) => dial)).toEqual([1, 2]);
    expect(staircase({ ...to, depth: 0.99 })).toHaveLength(3);
  });
  it.each([
    [{ member: 'external', stock: 23 }, 'stock'],
    [{ member: 'internal', stock: 21 }, 'stock'],
    [{ member: 'external', stock: 25, depth: 0 }, 'depth'],
    [{ member: 'external', stock: 400, depth: 0.1 }, 'depth'],
  ] as const)('refuses %j at %s', (more, field) => {
    expect(() => staircase({ ...cone, depth: 0.5, allowance: 0.2, ...more })).toThrow(
      expect.objectContaining({ field }),
    );
  });
});

describe('ream or not', () => {
  const task = {
    member: 'internal',
    largeDiameter: 17.78,
    smallDiameter: 14.5,
    length: 65,
    halfAngle: Math.atan(1 / 20.02 / 2),
    largeEnd: 'tailstock',
    workLength: 90,
    tolerance: { halfAngle: 4e-5, overLength: 0.01, grade: 'AT6' },
  } as unknown as Parameters<typeof reamAdvice>[0]['task'];
  const reamer = { name: 'No. 2 reamer', ratio: 1 / 20.02, length: 92 };
  const advise = (left: number, reamers = [reamer]) => reamAdvice({ task, reamers, left });
  it('bores on while there is much, reams while there is enough, and not when it would rub', () => {
    expect(advise(1)!.advice).toBe('bore-first');
    expect(advise(reamingStock(17.78))!.advice).toBe('ream');
    expect(advise(0.02)!.advice).toBe('too-little');
    expect(advise(0.15, [{ ...reamer, length: 40 }])!.advice).toBe('too-short');
    // As long as the bore is long enough; one that is, is taken before one that is not.
    expect(advise(0.15, [{ ...reamer, length: 65 }])!.advice).not.toBe('too-short');
    expect(advise(0.15, [{ ...reamer, length: 40 }, reamer])!.reamer.length).toBe(92);
  });
  it('says nothing where no reamer of the taper is owned, or outside', () => {
    expect(advise(0.15, [{ ...reamer, ratio: 1 / 19.922 }])).toBeNull();
    expect(reamAdvice({ task: { ...task, member: 'external' }, reamers: [reamer], left: 0.15 })).toBeNull();
  });
  it('the stand-off for its stock is that stock along the taper', () => {
    const { stock, standOff } = advise(0.15)!;
    expect(standOff / 20.02).toBeCloseTo(stock, 9);
    expect(reamerWear({ standOff: 2, halfAngle: task.halfAngle }).under).toBeCloseTo(2 / 20.02, 9);
  });
});

describe('what is left on for what comes next', () => {
  it('is least for polish, most for grinding, and more on larger work', () => {
    const at = (d: number) => ALLOWANCE_FOR.map((next) => allowanceFor(next, d));
    const [trial, ream, grind, polish] = at(25) as [number, number, number, number];
    expect([polish, trial, ream, grind]).toEqual([...at(25)].sort((a, b) => a - b));
    expect(allowanceFor('grind', 60)).toBeGreaterThan(grind);
    expect(() => allowanceFor('try', 0)).toThrow(expect.objectContaining({ field: 'diameter' }));
  });
});

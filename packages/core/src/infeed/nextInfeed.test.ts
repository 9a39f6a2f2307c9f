import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded, SimulatedLathe, someFaults, type LatheFaults } from '../lathe/simulatedLathe';
import type { InfeedPass } from './learn';
import { nextInfeed } from './nextInfeed';

/** The whole band of a stand-off of plus or minus 0.25 mm on a slow taper: the target is its far edge, where scrap begins. */
const TOLERANCE = 0.0126;
/** A 0.02 mm dial that reads diameter, set between its marks. */
const DIVISION = 0.0025;
const MOST = 25;

interface Outcome {
  readonly passes: number;
  readonly past: boolean;
  readonly end: 'reached' | 'hold' | 'lost';
  readonly left: number;
}

/** Works a piece down to its line by the advice alone; told to hold, it is measured again, and then left. */
function work(faults: LatheFaults, seed: number, risk: number): Outcome {
  const uniform = seeded(seed);
  const lathe = new SimulatedLathe(faults, uniform, 0.05 + 0.2 * uniform());
  const passes: InfeedPass[] = [];
  let measured = lathe.measure();
  const ask = (uncertainty: number) =>
    nextInfeed({ passes, target: measured, tolerance: TOLERANCE, risk, division: DIVISION, uncertainty });
  for (let n = 0; n < MOST; n++) {
    let said = ask(0.002);
    if (said.advice === 'hold') {
      const again = (measured + lathe.measure() + lathe.measure() + lathe.measure()) / 4;
      const last = passes.pop();
      if (last) passes.push({ ...last, removed: (last.removed ?? 0) + measured - again });
      measured = again;
      said = ask(0.001);
    }
    if (said.advice !== 'cut' || lathe.stock < 0)
      return {
        passes: n,
        past: lathe.stock < 0,
        end: said.advice === 'cut' ? 'lost' : said.advice,
        left: lathe.stock,
      };
    lathe.pass(said.infeed);
    const now = lathe.measure();
    passes.push({ infeed: said.infeed, removed: measured - now });
    measured = now;
  }
  return { passes: MOST, past: lathe.stock < 0, end: 'lost', left: lathe.stock };
}

describe('on lathes with hidden spring, lash, wear, scatter and a dial that lies', () => {
  it.each([
    [0.01, 2400],
    [0.05, 600],
  ])(
    'goes past no more often than the stated risk of %d in %d runs, and gets there',
    (risk, RUNS) => {
      const runs = Array.from({ length: RUNS }, (_, i) => work(someFaults(seeded(90_000 + i)), i + 1, risk));
      const share = (test: (r: Outcome) => boolean) => runs.filter(test).length / RUNS;
      const passes = runs.map((r) => r.passes).sort((a, b) => a - b);
      const said = {
        risk,
        past: share((r) => r.past),
        reached: share((r) => r.end === 'reached'),
        held: share((r) => r.end === 'hold'),
        lost: share((r) => r.end === 'lost'),
        median: passes[RUNS >> 1],
        nineInTen: passes[Math.floor(RUNS * 0.9)],
        within: share((r) => r.left >= 0 && r.left <= TOLERANCE * 1.5),
      };
      expect(said.past).toBeLessThanOrEqual(risk);
      expect(said.within).toBeGreaterThan(0.95);
      expect(said.reached).toBeGreaterThan(0.75);
      expect(said.median).toBeLessThanOrEqual(5);
    },
    120_000,
  );
});

describe('what it learns and advises', () => {
  const ask = (over: object = {}) =>
    nextInfeed({ passes: [], target: 0.2, tolerance: 0.01, risk: 0.01, ...over });
  it('a tool that springs is told from one that does not, and its carry is counted', () => {
    const springy = ask({
      passes: [0.05, 0.05, 0.05].map((infeed, i) => ({ infeed, removed: [0.035, 0.0455, 0.0487][i] })),
    });
    const stiff = ask({ passes: [0.05, 0.05, 0.05].map((infeed) => ({ infeed, removed: 0.05 })) });
    expect(springy.learned.gain).toBeLessThan(0.78);
    expect(stiff.learned.gain).toBeGreaterThan(0.92);
    expect(springy.learned.carried).toBeLessThan(-0.015);
  });
  it('lash lost once is not taken for spring', () => {
    const passes = [0.08, 0.05, 0.05].map((infeed, i) => ({ infeed, removed: i === 0 ? 0.04 : 0.05 }));
    const { infeed, prediction } = ask({ passes });
    expect(Math.abs(0.2 - prediction.left - infeed)).toBeLessThan(0.3 * infeed);
  });
  it('passes nobody measured are followed all the same', () => {
    const passes = [{ infeed: 0.1 }, { infeed: 0.1, removed: null }, { infeed: 0.05, removed: 0.24 }];
    const { infeed, prediction } = ask({ passes, target: 0.1 });
    expect(infeed).toBeGreaterThan(0.03);
    expect(prediction.low).toBeLessThan(prediction.left);
    expect(prediction.left).toBeLessThan(prediction.high);
  });
  it('a bolder risk asks for no less, the dial’s division is never exceeded, and near enough is left alone', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.4, noNaN: true }),
        fc.array(fc.double({ min: 0.6, max: 1, noNaN: true }), { maxLength: 4 }),
        (target, gains) => {
          const passes = gains.map((g) => ({ infeed: 0.05, removed: 0.05 * g }));
          const careful = ask({ target, passes, risk: 0.005 });
          const bold = ask({ target, passes, risk: 0.1 });
          if (careful.advice === 'cut' && bold.advice === 'cut')
            expect(bold.infeed).toBeGreaterThanOrEqual(careful.infeed * 0.55);
          const { infeed, chance } = ask({ target, passes, division: 0.01 });
          expect(Math.abs(infeed / 0.01 - Math.round(infeed / 0.01))).toBeLessThan(1e-6);
          expect(chance).toBeLessThanOrEqual(0.01);
        },
      ),
      { numRuns: 25, seed: 8 },
    );
    expect(ask({ target: 0.009 })).toMatchObject({ advice: 'reached', infeed: 0 });
    expect(ask({ target: -0.01 })).toMatchObject({ advice: 'reached', infeed: 0 });
  });
  it.each([
    [{ risk: 0 }, 'risk'],
    [{ risk: 0.7 }, 'risk'],
    [{ target: Number.NaN }, 'target'],
    [{ tolerance: -1 }, 'tolerance'],
    [{ passes: [{ infeed: -0.1 }] }, 'passes.0.infeed'],
    [{ passes: [{ infeed: 0.1, removed: Infinity }] }, 'passes.0.removed'],
    [{ division: 0 }, 'division'],
  ])('refuses %j at its field', (over, field) => {
    expect(() => ask(over)).toThrow(expect.objectContaining({ field }));
  });
});

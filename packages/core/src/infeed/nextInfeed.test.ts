import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AnelloError } from '../basics/error';
import { plainText } from '../figure/phrase';
import { nextInfeed } from './nextInfeed';

describe('an edge that stands as it cut', () => {
  const given = {
    target: 0.04,
    tolerance: 0.0126,
    risk: 0.01,
    division: 0.0025,
    uncertainty: 0.002,
    passes: [],
  };
  const before = [0.1, 0.07, 0.07, 0.07, 0, 0];
  it('is fed nearer at once, cut twice at that figure; never by more than the dial’s doubt allows', () => {
    const anew = nextInfeed(given);
    const known = nextInfeed({ ...given, before, twice: true, dialShown: true });
    expect(anew.twice).toBe(false);
    expect(known).toMatchObject({ advice: 'cut', move: 'cut', twice: true });
    expect(known.infeed).toBeGreaterThan(1.5 * anew.infeed);
    expect(known.prediction.left).toBeLessThan(anew.prediction.left);
    expect(known.chance).toBeLessThanOrEqual(0.01);
    // A dial nobody has seen to say what it moves is guarded against as ever.
    expect(2 * nextInfeed({ ...given, before, twice: true }).infeed).toBeLessThan(given.target);
  });
  it('is not cut twice where nobody said that it may be', () => {
    expect(nextInfeed({ ...given, before, dialShown: true }).twice).toBe(false);
  });
  it('carries what the passes before left sprung: less after every pass at the same figure', () => {
    const carried = (again: number) =>
      nextInfeed({ ...given, before: [0.1, ...Array<number>(again).fill(0)], given: 0 }).learned.carried;
    expect(carried(0)).toBeLessThan(carried(1));
    expect(carried(1)).toBeLessThan(carried(2));
  });
  it('foretells a given infeed cut twice as less than the same cut once', () => {
    const once = nextInfeed({ ...given, given: 0.02 });
    const pair = nextInfeed({ ...given, given: 0.02, twice: true });
    expect(pair.prediction.left).toBeLessThan(once.prediction.left);
    expect(pair.twice).toBe(true);
    expect(nextInfeed({ ...given, given: -0.005 }).prediction.left).toBeGreaterThan(once.prediction.left);
  });
});

describe('evidence that fits nothing is not answered by an infeed', () => {
  const given = { target: 0.2, tolerance: 0.0126, risk: 0.01, division: 0.0025, uncertainty: 0.002 };
  const times = (n: number, infeed: number, removed: number) =>
    Array.from({ length: n }, () => ({ infeed, removed }));
  it.each([
    ['twice what the dial says, twice', times(2, 0.02, 0.04), 'dial-doubled', /radius/],
    ['twice what the dial says', times(1, 0.05, 0.1), 'dial-doubled', /twice/],
    ['half of what it says, again and again', times(3, 0.05, 0.025), 'dial-halved', /half/],
    ['a wild reading', times(1, 0.05, 1), 'misfit', /wild/],
    ['grown instead of cut', times(1, 0.05, -0.2), 'misfit', /Nothing a tool does/],
    ['three feeds that took nothing', times(3, 0.05, 0), 'nothing-comes', /lash/],
    [
      'one that gave back all that came off before it',
      [...times(2, 0.1, 0.098), { infeed: 0.11, removed: -0.19 }],
      'misfit',
      /wild/,
    ],
  ])('%s', (_, passes, kind, word) => {
    const said = nextInfeed({ ...given, passes });
    expect(said).toMatchObject({ advice: 'hold', move: 'check', infeed: 0, suspicion: { kind } });
    expect(plainText([...said.suspicion!.looks, ' ', ...said.suspicion!.check])).toMatch(word);
  });
  it('the first cut survives a dial that is really twice what it says', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.03, max: 2, noNaN: true }), (target) => {
        const { infeed } = nextInfeed({ ...given, target, passes: [] });
        expect(2 * infeed).toBeLessThan(target);
      }),
      { seed: 5, numRuns: 40 },
    );
  });
});

describe('an approach that cannot be finished by the dial says what would', () => {
  it('a better reading, where the reading is what is in doubt', () => {
    const said = nextInfeed({
      passes: [
        { infeed: 0.05, removed: 0.048 },
        { infeed: 0.04, removed: 0.041 },
        { infeed: 0.04, removed: 0.0395 },
      ],
      target: 0.0105,
      tolerance: 0.01,
      risk: 0.01,
      uncertainty: 0.012,
      division: 0.002,
    });
    expect(said).toMatchObject({ advice: 'hold', move: 'measure', infeed: 0 });
    expect(said.remedies).toContain('better-reading');
  });
  it('a finer dial, where one division is more than the work may lose', () => {
    const said = nextInfeed({
      passes: [
        { infeed: 0.05, removed: 0.05 },
        { infeed: 0.05, removed: 0.05 },
        { infeed: 0.05, removed: 0.05 },
      ],
      target: 0.02,
      tolerance: 0.01,
      risk: 0.01,
      uncertainty: 0.002,
      division: 0.05,
    });
    expect(said).toMatchObject({ advice: 'hold', move: 'by-hand', infeed: 0 });
    expect(said.remedies).toEqual(['finer-dial']);
  });
});

it('what was cut since the last reading is measured, not left to the hand', () => {
  const request = { target: 0.05, tolerance: 0.01, risk: 0.02, uncertainty: 0.004, division: 0.01 };
  const measured = { infeed: 0.2, removed: 0.19 };
  const unread = { infeed: 0.05 };
  for (const passes of [
    [measured, unread],
    [measured, { ...unread, removed: null }],
    [measured, unread, unread],
  ])
    expect(nextInfeed({ ...request, passes })).toMatchObject({ advice: 'hold', move: 'measure', infeed: 0 });
});

describe('the end of an approach', () => {
  const given = { tolerance: 0.0126, risk: 0.01, division: 0.0025, uncertainty: 0.002 };
  /** A springing tool whose edge was left deep: as it stands, a pass with nothing fed in would take too much. */
  const deep = [
    { infeed: 0.05, removed: 0.031 },
    { infeed: 0.05, removed: 0.0445 },
    { infeed: 0.05, removed: 0.0485 },
  ];
  it('draws the tool back a little where a spring pass as it stands would go past', () => {
    const said = nextInfeed({ ...given, passes: deep, target: 0.0145 });
    expect(said).toMatchObject({ advice: 'cut', move: 'draw-back' });
    expect(said.infeed).toBeLessThan(0);
    expect(said.infeed).toBeGreaterThanOrEqual(-0.05);
    expect(said.chance).toBeLessThanOrEqual(0.01);
    const asItStands = nextInfeed({ ...given, passes: deep, target: 0.0145, given: 0 });
    expect(said.prediction.left).toBeGreaterThan(asItStands.prediction.left);
  });
  it('asks for a better reading where the work is in its band and one reading leaves that in doubt', () => {
    const passes = [
      { infeed: 0.05, removed: 0.048 },
      { infeed: 0.05, removed: 0.05 },
    ];
    const ask = (uncertainty: number) => nextInfeed({ ...given, passes, target: 0.0105, uncertainty });
    expect(ask(0.004)).toMatchObject({ advice: 'reached', move: 'measure', infeed: 0 });
    expect(ask(0.002)).toMatchObject({ advice: 'reached', move: 'none', infeed: 0 });
  });
  it('five passes that together took nothing, once it had cut, are looked into', () => {
    const idle = Array.from({ length: 5 }, () => ({ infeed: 0.005, removed: 0.0001 }));
    const passes = [{ infeed: 0.1, removed: 0.095 }, ...idle];
    const said = nextInfeed({ ...given, passes, target: 0.05 });
    expect(said).toMatchObject({ advice: 'hold', suspicion: { kind: 'nothing-comes' } });
    expect(plainText(said.suspicion!.looks)).toContain('last 5 passes');
    expect(nextInfeed({ ...given, passes: passes.slice(0, 5), target: 0.05 }).suspicion).toBeNull();
  });
});

describe('a dial set one division too deep', () => {
  const given = {
    passes: [],
    tolerance: 0.0126,
    risk: 0.01,
    uncertainty: 0.002,
    before: [0.05, 0, 0],
    dialShown: true,
  };
  it('is said where it would go past, and not where there is room for it', () => {
    const near = nextInfeed({ ...given, target: 0.03, division: 0.02, twice: true });
    expect(near.move).toBe('cut');
    expect(near.slip).toBeGreaterThan(0.5);
    expect(near.slip).toBeGreaterThan(near.chance);
    const far = nextInfeed({ ...given, target: 0.4, division: 0.005 });
    expect(far.slip).toBeLessThan(0.1);
  });
  it('is nothing where nothing is fed, and nobody knows of a dial without divisions', () => {
    expect(nextInfeed({ ...given, target: 0.004, division: 0.02 }).slip).toBe(0);
    expect(nextInfeed({ ...given, target: 0.03 }).slip).toBe(0);
  });
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
    expect(stiff.learned.gain).toBeGreaterThan(0.9);
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
    [{ before: [0.1, -1] }, 'before.1'],
    [{ division: 0 }, 'division'],
    [{ given: -1 }, 'given'],
    [{ passes: [{ infeed: -0.051, removed: 0 }] }, 'passes.0.infeed'],
  ])('refuses %j at its field', (over, field) => {
    expect(() => ask(over)).toThrow(expect.objectContaining({ field }));
  });
});

describe('figures that no shop has', () => {
  it.each([1e6, 1e100, 1e300, 5e-324])(
    'a target of %d ends in an infeed or a refusal, not in looking on',
    (target) => {
      for (const passes of [[], [{ infeed: 1e200, removed: 1e200 }]])
        try {
          expect(
            Number.isFinite(nextInfeed({ passes, target, tolerance: 0.01, risk: 0.01, twice: true }).infeed),
          ).toBe(true);
        } catch (error) {
          expect(error).toBeInstanceOf(AnelloError);
        }
    },
  );
});

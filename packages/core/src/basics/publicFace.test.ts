import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as core from '../index';
import { AnelloError } from './error';
import { checked, checkedInput, holdsNonFinite } from './publicFace';
import { LONG, SHANK } from '../testkit.testdata';
import { VECTORS } from '../vectors.testdata';

const refusal = (work: () => unknown): unknown => {
  try {
    return work();
  } catch (error) {
    return error;
  }
};

describe('what comes in', () => {
  it.each([
    [{ a: { b: [1, Number.NaN] } }, 'not-finite', 'a.b.1'],
    [{ a: Infinity }, 'not-finite', 'a'],
    [{ halfAngle: 1e6 }, 'out-of-range', 'halfAngle'],
    [{ length: 1e300 }, 'out-of-range', 'length'],
    [{ list: new Array(300_000).fill(1) }, 'out-of-range', 'list'],
  ])('%j is refused at its field', (given, code, field) => {
    expect(refusal(() => checkedInput(given, ''))).toMatchObject({ code, field });
  });
  it('figures of a workshop go through untouched', () => {
    const given = { diameter: 24.1, list: [1, 2], note: 'x', none: undefined, when: null };
    expect(() => checkedInput(given, '')).not.toThrow();
  });
});

describe('what goes out', () => {
  it('an answer that is no number, and whatever breaks inside, leaves as the one error', () => {
    expect(refusal(() => checked(() => ({ x: [0 / 0] }))())).toMatchObject({ code: 'not-finite' });
    const cause = new RangeError('Invalid array length');
    const refused = refusal(() =>
      checked(() => {
        throw cause;
      })(),
    );
    expect(refused).toBeInstanceOf(AnelloError);
    expect(refused).toMatchObject({ code: 'impossible', cause });
    expect(holdsNonFinite(Float64Array.of(1, Number.NaN))).toBe(true);
    const round: { of?: unknown } = {};
    round.of = round;
    expect(holdsNonFinite(round), 'what holds itself').toBe(false);
  });
});

/** Good calls of many kinds, to spoil one figure at a time; the checked vectors bring one of each of theirs. */
const OURS: readonly (readonly [keyof typeof core, Record<string, unknown>])[] = [
  ['tailstockSetOver', { workLength: 180, halfAngle: 0.025 }],
  ['compoundCheck', { halfAngle: 0.14, slideTravel: 20 }],
  ['attachmentCheck', { halfAngle: 0.025, carriageTravel: 75, lash: 0.05 }],
  ['pinBlock', { halfAngles: [0.025, 0.14], span: 90, resolution: 0.01 }],
  ['gaugeBlockStack', { target: 34.562, blocks: [1, 2, 10, 20, 1.002, 1.06, 1.5], maxCount: 4 }],
  [
    'passPlan',
    {
      member: 'external',
      now: 25,
      finish: 20,
      allowance: 0.1,
      lastStock: 0.6,
      roughDepth: 0.7,
      division: 0.05,
      reads: 'diameter',
      dialNow: 0,
    },
  ],
  [
    'staircase',
    {
      member: 'external',
      largeDiameter: 24,
      smallDiameter: 20,
      halfAngle: 0.025,
      stock: 26,
      allowance: 0.2,
      depth: 0.5,
      division: 0.05,
      reads: 'diameter',
    },
  ],
  [
    'nextInfeed',
    {
      passes: [{ infeed: 0.05, removed: 0.045 }],
      target: 0.2,
      tolerance: 0.01,
      risk: 0.01,
      division: 0.0025,
      uncertainty: 0.002,
    },
  ],
  [
    'fitEvidence',
    {
      member: 'external',
      evidence: [
        { kind: 'rock', touches: 'large', swing: 0.04, distance: 70 },
        { kind: 'measured', ratio: 0.05, uncertainty: 1e-4 },
      ],
      halfAngle: 0.025,
      band: 5e-5,
    },
  ],
  ['changeGears', { gears: [20, 40, 50, 60], leadScrew: 4, pitch: 1.5 }],
  [
    'driveUp',
    {
      diameter: 40,
      halfAngle: 0.04,
      advance: 1,
      hubDiameter: 80,
      shaftBore: 0,
      hub: core.ELASTIC.steel,
      shaft: core.ELASTIC.steel,
    },
  ],
  [
    'balance',
    { masses: [{ axis: { x: 3, y: 0 }, diameter: 40, length: 20 }], spindle: { x: 0, y: 0 }, density: 7.8 },
  ],
  [
    'tracerTemplate',
    {
      pieces: [{ kind: 'line', a: { z: 0, r: 7 }, b: { z: 20, r: 3 } }],
      member: 'external',
      noseRadius: 0.4,
      stylusRadius: 2,
      step: 0.1,
    },
  ],
  [
    'outOfReach',
    {
      pieces: [{ kind: 'line', a: { z: 0, r: 7 }, b: { z: 20, r: 3 } }],
      member: 'external',
      noseRadius: 0.4,
    },
  ],
  [
    'coordinateTable',
    {
      pieces: [{ kind: 'line', a: { z: 0, r: 7 }, b: { z: 20, r: 3 } }],
      member: 'external',
      noseRadius: 0.4,
      ridge: 0.01,
      along: 0.02,
      division: 0.02,
      reads: 'diameter',
      of: 'tip',
      allowance: 0,
    },
  ],
  ['solveTaper', { largeDiameter: 24, smallDiameter: 20, length: 80 }],
  ['compareWays', { task: SHANK, lathe: LONG, stillSet: [] }],
  [
    'dialIn',
    {
      readings: [
        { direction: 0, reading: 4 },
        { direction: Math.PI, reading: -4 },
      ],
      throw: 4,
      toward: 1,
      limit: 0.02,
    },
  ],
  ['valveAdvance', { throw: 20, lap: 5, lead: 0.5 }],
  ['flatFormTool', { smallRadius: 5, radii: [5, 6, 7], rake: 0.1, clearance: 0.2 }],
  ['circularFormTool', { smallRadius: 5, radii: [5, 6, 7], toolRadius: 30, rake: 0.1, clearance: 0.2 }],
  [
    'creepFound',
    {
      template: {
        line: [],
        checks: [{ z: 1, diameter: 4, tip: 2, slope: 0.1 }],
        lost: 0,
        steepest: 0.1,
        ends: { from: 0, to: 2 },
      },
      read: [2.01],
    },
  ],
  [
    'setScrew',
    { hub: 34, bore: 20, thread: { form: 'metric', diameter: 5, pitch: 0.8 }, phase: 0, finder: 10 },
  ],
  ['threeJawPacking', { diameter: 40, throw: 3, jaws: 'narrow' }],
];
const GOOD: typeof OURS = [
  ...OURS,
  ...VECTORS.filter(({ fn }, i) => VECTORS.findIndex((v) => v.fn === fn) === i)
    .filter(({ fn }) => OURS.every(([name]) => name !== fn))
    .map(({ fn, input }) => [fn as keyof typeof core, input as Record<string, unknown>] as const),
];
const NASTY = [
  0,
  -0,
  1,
  -1,
  1e-300,
  -1e-300,
  1e300,
  -1e300,
  1e9,
  -1e9,
  5e-324,
  Number.NaN,
  Infinity,
  -Infinity,
  1e-12,
  0.5,
  3,
];

/** The paths of every number in a call. */
function numbersIn(value: unknown, path: readonly string[] = []): (readonly string[])[] {
  if (typeof value === 'number') return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => numbersIn(inner, [...path, key]));
}
function spoiled(value: unknown, [key, ...rest]: readonly string[], by: number): unknown {
  if (key === undefined) return by;
  const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<
    string,
    unknown
  >;
  copy[key] = spoiled(copy[key], rest, by);
  return copy;
}

describe('hostile figures', () => {
  it.each(GOOD)(
    '%s answers with figures or the one error, whatever one or two of its figures are',
    (name, good) => {
      const call = core[name] as (given: unknown) => unknown;
      const paths = numbersIn(good);
      fc.assert(
        fc.property(
          fc.array(fc.tuple(fc.constantFrom(...paths), fc.constantFrom(...NASTY)), {
            minLength: 1,
            maxLength: 2,
          }),
          (changes) => {
            const given = changes.reduce<unknown>((now, [path, by]) => spoiled(now, path, by), good);
            const answer = refusal(() => call(given));
            if (answer instanceof Error) {
              expect(answer).toBeInstanceOf(AnelloError);
              expect(answer.message).not.toMatch(/NaN|Infinity|undefined/);
            } else {
              expect(holdsNonFinite(answer)).toBe(false);
              expect(JSON.stringify(answer) ?? '').not.toMatch(/NaN|Infinity/);
            }
          },
        ),
        { numRuns: Number(process.env['HOSTILE'] ?? 120), seed: 12 },
      );
    },
    30_000,
  );
});

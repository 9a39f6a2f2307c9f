import { checkPlan, planPart, type Holding, type PlanOperation } from '../../packages/core/src/plan';
import { HOLDING_BY, type Finding, type PlanPart } from '../../packages/core/src/plan/piece/line';
import type { Page } from '../page.testdata';
import { sketched } from './lines.testdata';

const NAMES = [
  'a pin of 6 by 80 out of a thick bar',
  'an arbor with a drawbar thread',
  'an eccentric bush',
  'a crank pin between two journals',
  'a dead centre for a Morse socket',
  'a sleeve from one socket to another',
  'a ring bored from both ends',
  'a nose piece with a tang and a cross hole',
  'a handle',
] as const;

type Line = readonly Holding[];
type Changed = readonly [what: string, line: Line];

/** What an order does wrong that the one it was made from did not. */
function newlyWrong(part: PlanPart, from: Line, changes: readonly Changed[]): unknown {
  const key = ({ code, operation, sentence }: Finding): string => `${code} ${operation ?? ''} ${sentence}`;
  const before = new Set(checkPlan(part, from).map(key));
  const wrong = changes.map(([what, line]): readonly [string, unknown] => [
    what,
    checkPlan(part, line)
      .filter((one) => !before.has(key(one)))
      .map(({ code, level, operation, phrase }) => ({
        [`${code}, ${level}, ${operation ?? 'the holding'}`]: phrase,
      })),
  ]);
  const fine = wrong.flatMap(([what, found]) => ((found as unknown[]).length === 0 ? [what] : []));
  return Object.fromEntries([
    ['nothing wrong', fine.length > 0 ? fine : ['none']],
    ...wrong.filter(([, found]) => (found as unknown[]).length > 0),
  ]);
}

/** A line with the operations of one of its holdings made others. */
const withOperations = (line: Line, h: number, operations: readonly PlanOperation[]): Line =>
  line.map((holding, i) => (i === h ? { ...holding, operations } : holding));
const withHolding = (line: Line, h: number, more: Partial<Holding>): Line =>
  line.map((holding, i) => (i === h ? { ...holding, ...more } : holding));

const changedAbout = (line: Line): Changed[] =>
  line.flatMap(({ operations }, h) =>
    operations.slice(1).map((later, i): Changed => {
      const earlier = operations[i] as PlanOperation;
      const about = operations.with(i, later).with(i + 1, earlier);
      return [`${later.id} before ${earlier.id}`, withOperations(line, h, about)];
    }),
  );

const leftOut = (line: Line): Changed[] =>
  line.flatMap(({ operations }, h) =>
    operations.map((one): Changed => [
      `without ${one.id}`,
      withOperations(
        line,
        h,
        operations.filter(({ id }) => id !== one.id),
      ),
    ]),
  );

/** The last of a holding done in the next already, the first of one in the one before. */
const inAnother = (line: Line): Changed[] =>
  line.slice(1).flatMap((next, h): Changed[] => {
    const { operations } = line[h] as Holding;
    const [first, ...rest] = next.operations;
    const last = operations.at(-1);
    return [
      ...(first
        ? [
            [
              `${first.id} in the holding before`,
              withOperations(withOperations(line, h, [...operations, first]), h + 1, rest),
            ] as const,
          ]
        : []),
      ...(last
        ? [
            [
              `${last.id} in the holding after`,
              withOperations(withOperations(line, h, operations.slice(0, -1)), h + 1, [
                last,
                ...next.operations,
              ]),
            ] as const,
          ]
        : []),
    ];
  });

/** Held by something else, on more and on less, about, on a centre and on none. */
const heldOtherwise = (line: Line): Changed[] =>
  line.flatMap((holding, h): Changed[] => {
    const { by, grips, toward, centre, id } = holding;
    const other = toward === 'headstock' ? 'tailstock' : 'headstock';
    return [
      ...HOLDING_BY.filter((one) => one !== by).map((one): Changed => [
        `${id} by ${one}`,
        withHolding(line, h, { by: one }),
      ]),
      [`${id} about`, withHolding(line, h, { toward: other })],
      [`${id} ${centre ? 'off its centre' : 'on a centre'}`, withHolding(line, h, { centre: !centre })],
      ...(grips
        ? ([
            [`${id} by 4 mm`, withHolding(line, h, { grips: { ...grips, to: grips.from + 4 } })],
            [`${id} by 10 mm more`, withHolding(line, h, { grips: { from: grips.from, to: grips.to + 10 } })],
            [
              `${id} 6 mm further on`,
              withHolding(line, h, { grips: { from: grips.from + 6, to: grips.to + 6 } }),
            ],
          ] as const)
        : []),
    ];
  });

const doneTwice = (line: Line): Changed[] =>
  line.flatMap(({ operations }, h) =>
    operations.map((one, i): Changed => [
      `${one.id} twice`,
      withOperations(line, h, operations.toSpliced(i + 1, 0, { ...one, id: `${one.id}-again` })),
    ]),
  );

/** Each on the feature that the one before it is on. */
const onAnother = (line: Line): Changed[] =>
  line.flatMap(({ operations }, h) =>
    operations.slice(1).flatMap((one, i): Changed[] => {
      const { features } = operations[i] as PlanOperation;
      return features.length === 0 || one.features.length === 0 || features[0] === one.features[0]
        ? []
        : [
            [
              `${one.id} on ${features.join()}`,
              withOperations(line, h, operations.with(i + 1, { ...one, features })),
            ],
          ];
    }),
  );

/** Clocked on nothing, on what was made first, and more nearly than anybody clocks. */
const clockedOtherwise = (line: Line): Changed[] =>
  line.flatMap((holding, h): Changed[] => {
    const { trueTo, id } = holding;
    const first = line.flatMap(({ operations }) => operations.flatMap(({ features }) => features))[0];
    return [
      ...(first
        ? [
            [
              `${id} clocked on ${first}`,
              withHolding(line, h, { trueTo: { feature: first, limit: 0.01 } }),
            ] as const,
          ]
        : []),
      ...(trueTo
        ? ([
            [`${id} not clocked`, line.map((one, i) => (i === h ? without(one) : one))],
            [`${id} clocked to 0.2`, withHolding(line, h, { trueTo: { ...trueTo, limit: 0.2 } })],
          ] as const)
        : []),
    ];
  });
const without = ({ trueTo: _, ...holding }: Holding): Holding => holding;

const WAYS_TO_CHANGE = {
  'an operation done twice': doneTwice,
  'an operation on another feature': onAnother,
  'clocked otherwise': clockedOtherwise,
  'two operations changed about': changedAbout,
  'an operation left out': leftOut,
  'an operation in another holding': inAnother,
  'held otherwise': heldOtherwise,
  'holdings changed about': (line: Line): Changed[] =>
    line.length < 2 ? [] : [['the last holding first', [line.at(-1) as Holding, ...line.slice(0, -1)]]],
} as const;

/** Lines of work moved about as somebody might, and what each of these orders does wrong. */
export const ORDERS_PAGE: Page = NAMES.flatMap((name): Page => {
  const part = sketched(name);
  const line = (): Line => planPart(part).holdings;
  return Object.entries(WAYS_TO_CHANGE).map(([how, change]) => [
    `${name}: ${how}`,
    () => newlyWrong(part, line(), change(line())),
  ]);
});

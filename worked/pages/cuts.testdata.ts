import { diameterMove } from '../../packages/core/src/approach';
import { hearPitch } from '../../packages/core/src/chatter';
import { gainShown, latheLore, nextInfeed } from '../../packages/core/src/infeed';
import type { InfeedPass } from '../../packages/core/src/infeed/learn';
import type { InfeedRequest } from '../../packages/core/src/infeed/request';
import type { RecordBody } from '../../packages/core/src/job/records/registry';
import type { KeptRecord } from '../../packages/core/src/job/records/row';
import type { Page } from '../page.testdata';

/** Passes as pairs: what the dial was fed, and what came off by the measurement after it. */
const passes = (...all: (readonly [fed: number, off?: number | null])[]): InfeedPass[] =>
  all.map(([infeed, removed]) => ({ infeed, removed }));

/** Five approaches on one lathe that showed how its tools spring. */
const SHOWN = [0.7, 0.75, 0.72, 0.78, 0.74].map((gain, i) => ({
  gain,
  variance: 0.001,
  lash: 0.01 * i,
  wear: 0,
  at: `2026-11-${10 + i}T09:00:00.000Z`,
}));
const LORE = latheLore(SHOWN, '2026-11-20T09:00:00.000Z') ?? undefined;
const USUAL: InfeedRequest = {
  passes: [],
  target: 0.05,
  tolerance: 0.006,
  risk: 0.01,
  division: 0.0025,
  uncertainty: 0.003,
};

/** How a tool has cut so far. */
const TOOLS: Readonly<Record<string, Partial<InfeedRequest>>> = {
  'nothing was cut yet': {},
  'nothing was cut yet, and the lathe is known': { lore: LORE },
  'an honest tool': { passes: passes([0.05, 0.05], [0.05, 0.05]) },
  'one that springs by a quarter': { passes: passes([0.08, 0.06], [0.06, 0.06]) },
  'a spring pass took more': { passes: passes([0.08, 0.05], [0, 0.025]) },
  'one unread between': { passes: passes([0.06], [0.04, 0.09]) },
  'nothing came off at last': { passes: passes([0.05, 0.05], [0.05, 0]) },
  'twice what was asked': { passes: passes([0.05, 0.1], [0.05, 0.1]) },
  'more and more': { passes: passes([0.05, 0.04], [0.05, 0.05], [0.05, 0.065]) },
  'within a hair': { target: 0.002, passes: passes([0.05, 0.048]) },
  'past its target': { target: -0.004, passes: passes([0.05, 0.055]) },
  'read badly': { uncertainty: 0.03, passes: passes([0.05, 0.04]) },
  'a coarse dial': { division: 0.025, passes: passes([0.05, 0.045], [0.05, 0.05]) },
  'twice at one figure': { twice: true, passes: passes([0.06, 0.04]) },
  'foretold of half': { given: 0.025, passes: passes([0.05, 0.045]) },
  'less risk than can be had': { risk: 1e-6, passes: passes([0.05, 0.03]) },
  'fed before it was measured': { before: [0.1, 0.1, 0], passes: passes([0.04, 0.04]) },
};

const kept = (bodies: readonly RecordBody[]): KeptRecord[] =>
  bodies.map((body, i) => ({
    id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
    jobId: 'j-1',
    piece: 1,
    at: `2026-11-20T09:${10 + i}:00.000Z`,
    operator: 'RK',
    body,
  }));
const at = (diameter: number): RecordBody => ({
  kind: 'measured',
  diameter,
  expected: null,
  dialAt: 0,
  typed: `${diameter}`,
});
const cut = (dialTo: number, depth: number): RecordBody => ({
  kind: 'pass',
  dialFrom: dialTo - 2 * depth,
  dialTo,
  planned: null,
  depth,
  typed: `${dialTo}`,
});

/** A plain diameter on its way, by what was kept of it. */
const KEPT: Readonly<Record<string, readonly RecordBody[]>> = {
  'nothing kept': [],
  'one cut, unread': [cut(1.5, 0.75)],
  'measured large': [at(31.2)],
  'roughed and measured': [cut(1.5, 0.75), cut(3, 0.75), at(30.5)],
  'nearly there': [at(30.5), cut(0.2, 0.1), at(30.32), cut(0.4, 0.1), at(30.12)],
  'inside its limits': [at(30.4), cut(0.4, 0.2), at(29.99)],
  'past them': [at(30.4), cut(0.4, 0.2), at(29.95)],
};

/** The next cut, on the way to a line and to a size; and what a tool’s note means. */
export const CUTS_PAGE: Page = [
  ...Object.entries(TOOLS).map(([name, more]): Page[number] => [
    `next infeed: ${name}`,
    () => nextInfeed({ ...USUAL, ...more }),
  ]),
  ['what earlier approaches say of a lathe', () => LORE ?? null],
  [
    'what one of them showed',
    () =>
      [0.2, 0.1].map((stock) =>
        gainShown({ passes: passes([0.08, 0.06], [0.06, 0.05], [0.04, 0.035]), stock, at: '2026-11-26' }),
      ),
  ],
  ...(['external', 'internal'] as const).flatMap((member): Page =>
    Object.entries(KEPT).map(([name, bodies]) => [
      `${member === 'external' ? 'a seat' : 'a bore'} of 30: ${name}`,
      () =>
        diameterMove(kept(bodies), 1, {
          member,
          from: member === 'external' ? 34 : 28,
          least: 29.98,
          most: 30,
          roughDepth: 0.75,
          dial: { division: 0.05, reads: 'diameter' },
        }),
    ]),
  ),
  ...[70, 420, 1400, 5200].map((hz): Page[number] => [
    `a note of ${hz} Hz`,
    () => hearPitch({ hz }, { turns: 420, jaws: 3, bar: { diameter: 16, length: 80, stuff: 'steel' } }),
  ]),
];

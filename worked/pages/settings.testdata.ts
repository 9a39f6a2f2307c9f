import { judgeSweep, nextNudge, nudgeTable, schoolsFor, settingSteps } from '../../packages/core/src/setting';
import type { SettingContext } from '../../packages/core/src/setting/setting';
import { analyseSweep } from '../../packages/core/src/sweep';
import { WAYS } from '../../packages/core/src/ways/taper/registry';
import { DRAWER, LONG, SHORT } from '../../packages/core/src/testkit.testdata';
import type { Page } from '../page.testdata';
import { LATHES, TASKS } from './ways.testdata';

const task = (name: string): SettingContext['task'] => TASKS[name]!;
const WORM = LATHES[2]!;
const CONTEXTS: Readonly<Record<string, SettingContext>> = {
  'a Morse shank on the long lathe': { task: task('a Morse shank'), lathe: LONG, kit: DRAWER },
  'its socket on the short lathe': { task: task('its socket'), lathe: SHORT, kit: DRAWER },
  'a slow cone on the lathe with a worm': {
    task: task('a slow cone of 400 mm'),
    lathe: WORM,
    kit: DRAWER,
    blocksInUse: [1.05, 10],
  },
};

type Step = ReturnType<typeof settingSteps>[number];

/** A card without what is drawn on it; what another school has as well is only named. */
function cardOnce(seen: Set<string>, { drawing: _drawing, short: _short, ...card }: Step): unknown {
  const known = JSON.stringify(card);
  if (seen.has(known)) return `as before: ${card.id}`;
  seen.add(known);
  return card;
}

const SETTINGS_OF_ALL: Page = Object.entries(CONTEXTS).flatMap(([name, context]): Page =>
  WAYS.map((way): Page[number] => [
    `${name}, by ${way.name}`,
    () => {
      const seen = new Set<string>();
      return schoolsFor(way.id, context).map(({ id, title, blocked }) => ({
        [title]: blocked ?? settingSteps(way.id, context, id).map((step) => cardOnce(seen, step)),
      }));
    },
    context.lathe === SHORT ? 'inch' : 'mm',
  ]),
);

/** A sweep as it came out: the angle out by so much, and some of what else a needle does. */
function read(context: SettingContext, out: number, needle: (u: number) => number): unknown {
  const sweep = settingSteps('attachment', context, 'indicator').find((step) => step.proves)?.sweep;
  if (!sweep) return 'there is none';
  const last = sweep.stations.at(-1)?.at ?? 0;
  return judgeSweep(
    'attachment',
    context,
    sweep,
    sweep.stations.map(({ at, expected }) => ({ at, seen: expected * (1 + out) + needle(at / last) })),
  );
}
const LONG_SHANK = CONTEXTS['a Morse shank on the long lathe']!;

/** The cards of every way by every school, and what is said of readings. */
export const SETTINGS_PAGE: Page = [
  ...SETTINGS_OF_ALL,
  ...(
    [
      ['right', 0, () => 0],
      ['two hundredths too steep', 0.02, () => 0],
      ['three hundredths too shallow', -0.03, () => 0],
      ['of a bar that bows', 0, (u: number) => 0.02 * u * (1 - u)],
      ['with lash at its start', 0, (u: number) => (u > 0 ? -0.04 : 0)],
      ['with one reading misread', 0, (u: number) => (u > 0.4 && u < 0.6 ? 0.1 : 0)],
    ] as const
  ).map(([what, out, needle]): Page[number] => [
    `a sweep that is ${what}`,
    () => read(LONG_SHANK, out, needle),
  ]),
  ...WAYS.filter(({ adjusts }) => adjusts !== 'nothing').flatMap((way): Page =>
    [0.0005, -0.0012].flatMap((off): Page =>
      Object.entries(CONTEXTS).map(([name, context]) => [
        `the nudge for ${way.name}, ${off} rad out: ${name}`,
        () => nextNudge(way.id, context, context.task.halfAngle + off, 75),
      ]),
    ),
  ),
  [
    'taps and what they are worth',
    () =>
      nudgeTable(
        'attachment',
        LONG_SHANK,
        settingSteps('attachment', LONG_SHANK).find((step) => step.proves)!.sweep!,
      ),
  ],
  ...(
    [
      ['a slope alone', (z: number) => 0.025 * z],
      ['a slope and a bow', (z: number) => 0.025 * z + 0.0006 * z * (1 - z / 95)],
      ['a flat start', (z: number) => 0.025 * Math.max(0, z - 17)],
      ['a step', (z: number) => 0.025 * z + (z > 52 ? 0.06 : 0)],
      ['a screw of 6 mm', (z: number) => 0.025 * z + 0.01 * Math.sin((2 * Math.PI * z) / 6)],
      ['one reading that jumps', (z: number) => 0.025 * z + (z === 40 ? 0.2 : 0)],
    ] as const
  ).map(([what, needle]): Page[number] => [
    `a long sweep of ${what}`,
    () => {
      const travel = Array.from({ length: 96 }, (_, i) => i);
      // What a hand and a stand add, always the same.
      const shake = (i: number): number => 0.0008 * Math.sin(12.9898 * i + 4.1 * i * i);
      const reading = travel.map((z, i) => Math.round((needle(z) + shake(i)) * 1000) / 1000);
      return analyseSweep({ travel, reading, expectedSlope: 0.025, lead: 6, resolution: 0.001 });
    },
  ]),
];

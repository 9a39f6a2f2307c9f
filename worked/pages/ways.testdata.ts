import { compareWays, fitBars, toolHeightError, type WayChoice } from '../../packages/core/src/ways';
import { DRAWER, LONG, SHANK, SHORT } from '../../packages/core/src/testkit.testdata';
import { NO_KIT } from '../../packages/core/src/kit/kit';
import type { Lathe, StillSet } from '../../packages/core/src/machine/lathe';
import { taperTolerance } from '../../packages/core/src/taper';
import type { TaperTask } from '../../packages/core/src/taper/task';
import type { Page } from '../page.testdata';

const DEG = Math.PI / 180;
/** A cone by its large end, length and half angle in degrees. */
const cone = (
  largeDiameter: number,
  length: number,
  half: number,
  more: Partial<TaperTask> = {},
): TaperTask => ({
  member: 'external',
  largeDiameter,
  smallDiameter: largeDiameter - 2 * length * Math.tan(half * DEG),
  length,
  halfAngle: half * DEG,
  largeEnd: 'headstock',
  workLength: length + 40,
  tolerance: taperTolerance({ grade: 'AT6', length }),
  ...more,
});

export const TASKS: Readonly<Record<string, TaperTask>> = {
  'a Morse shank': SHANK,
  'its socket': { ...SHANK, member: 'internal', largeEnd: 'tailstock', workLength: 100 },
  'a steep shank': cone(44.45, 65.4, 8.2971, { workLength: 130 }),
  'a collet seat of 8°': cone(25, 30, 8, { member: 'internal', largeEnd: 'tailstock', workLength: 85 }),
  'a chamfer of 30°': cone(20, 4, 30),
  'a slow cone of 400 mm': cone(30, 400, 0.4, { workLength: 520 }),
  'a valve face of 45°, its large end out': cone(40, 3, 45, { largeEnd: 'tailstock' }),
};
const WORM: Lathe = {
  ...LONG,
  name: 'Lathe with a worm',
  attachment: {
    ...LONG.attachment!,
    kind: 'plain',
    scale: { unit: 'per-foot', division: 0.001 },
    indicatedEnd: 'headstock',
    turnsPerDegree: 2.4,
  },
  compound: {
    ...LONG.compound!,
    dialDivision: 0.02,
    screwLead: 3,
    feedAngle: 60 * DEG,
    handleReach: 150,
    handleOut: 40,
  },
  tailstock: { ...LONG.tailstock!, barrelReach: 90, bodyRadius: 60 },
  swing: 320,
  swingOverSlide: 190,
  minutes: { attachment: 25, compound: 12 },
};
export const LATHES: readonly Lathe[] = [
  LONG,
  SHORT,
  WORM,
  { ...SHORT, name: 'Bare lathe', compound: null, tailstock: null },
];

const stillSet: readonly StillSet[] = [
  { device: 'attachment', halfAngle: SHANK.halfAngle },
  { device: 'compound', halfAngle: 8 * DEG },
  { device: 'tailstock', halfAngle: 0.4 * DEG, workLength: 520 },
];

/** A comparison with each way's figures on one line. */
const weighed = ({ assessments, recommended, reason }: WayChoice): unknown => ({
  [recommended ?? 'none']: reason,
  ways: assessments.map(({ title, blockers, notes, finish, ...one }) => ({
    [title]: [
      `${one.settingLabel} `,
      one.setting,
      `; ${one.needLabel} `,
      one.needed,
      ...(one.available ? [' of ', one.available] : []),
      ...(one.divisionError ? ['; a division ', one.divisionError] : []),
      ...(one.errorByScale ? ['; by scale ', one.errorByScale] : []),
      ...(one.errorByIndicator ? ['; checked ', one.errorByIndicator] : []),
      `; ${one.feed ?? 'no feed'}, ${one.minutes} minutes`,
    ],
    finish,
    ...(blockers.length > 0 ? { blockers } : {}),
    ...(notes.length > 0 ? { notes } : {}),
  })),
});

/** Which way is taken for a taper, on lathes that differ, and what speaks against the others. */
export const WAYS_PAGE: Page = [
  ...LATHES.flatMap((lathe): Page =>
    Object.entries(TASKS).map(([name, task]) => [
      `${name} on the ${lathe.name}`,
      () =>
        weighed(
          compareWays({
            task,
            lathe,
            stillSet: lathe === WORM ? stillSet : [],
            kit: lathe === SHORT ? NO_KIT : DRAWER,
            ...(lathe === LONG ? { cutting: { feed: 0.08, noseRadius: 0.4 } } : {}),
          }),
        ),
      lathe === SHORT ? 'inch' : 'mm',
    ]),
  ),
  ...[0.1, -0.1, 0.02].map((height): Page[number] => [
    `a tool ${height} mm off the centre’s height`,
    () => toolHeightError({ ...SHANK, height }),
  ]),
  [
    'which bars go into its socket',
    () => fitBars(DRAWER.boringBars, { depth: 86, smallEnd: SHANK.smallDiameter }),
  ],
  ['and into a hole of 12 mm, 120 deep', () => fitBars(DRAWER.boringBars, { depth: 120, smallEnd: 12 })],
];

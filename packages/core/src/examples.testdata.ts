import { formTool } from './form-tool/formTool';
import { fitEvidence } from './evidence/fitEvidence';
import { tracerTemplate } from './curve/tracerTemplate';
import { shapeCurve } from './curve/shapeCurve';
import { eccentricsOf, type EccentricPart } from './eccentric/part';
import type { MadeBasis } from './eccentric/made';
import type { JobFacts } from './job/facts';
import type { RecordBody } from './job/records/registry';
import type { KeptRecord } from './job/records/row';
import type { Material } from './kit/material';
import { USUAL_MATERIALS } from './kit/materials/usual';
import type { Lathe } from './machine/lathe';
import type { PlanPart } from './plan/piece/line';
import type { Feature } from './part/kinds/registry';
import type { ConePlace } from './practice/bench/conePlace';
import { settingSteps } from './setting/registry';
import type { SettingContext, Sweep } from './setting/setting';
import type { TaperTask } from './taper/task';
import { DRAWER, LONG, SHANK } from './testkit.testdata';
import type { VeeThread } from './thread/form';

/** What the examples in the docstrings work on, besides SHANK, LONG, SHORT and DRAWER of the test kit. */

/** The shank's sleeve. */
export const SOCKET: TaperTask = { ...SHANK, member: 'internal' };

/** The shank as it lies on a bed, its free end 100 mm from the chuck. */
export const CONE_PLACE: ConePlace = {
  task: SHANK,
  line: { diameter: 23.825, z: 19 },
  toLarge: 5,
  toSmall: 81,
};

export const SHANK_PART: readonly Feature[] = [
  {
    id: 's',
    name: 'Shank',
    kind: 'taper',
    side: 'external',
    largeEnd: 'headstock',
    gaugeDiameter: 23.825,
    ratio: 1 / 19.922,
    length: 86,
    beyondGauge: 5,
  },
  { id: 'b', name: 'Body', kind: 'cylinder', side: 'external', diameter: 30, length: 50 },
];

/** An eccentric of 54 mm with a travel of 9.5 mm, on a shaft of 20 mm. */
export const DISC_PART: readonly Feature[] = [
  { id: 'e', name: 'Eccentric', kind: 'eccentric', side: 'external', diameter: 54, length: 18, travel: 9.5 },
  { id: 'h', name: 'Bore', kind: 'bore', side: 'internal', diameter: 20, length: 18 },
];
export const DISC = eccentricsOf(DISC_PART)[0] as EccentricPart;
export const BASIS: MadeBasis = { throw: 4.75, diameter: 54, width: 18, bore: 20, hub: null };

/** A finial: parallel, an ogee, parallel again. */
export const CURVE = shapeCurve([
  { z: 0, r: 9 },
  { z: 6, r: 9 },
  { z: 26, r: 13, run: 'ogee' },
  { z: 34, r: 13 },
]);
export const TEMPLATE = tracerTemplate({
  pieces: CURVE,
  member: 'external',
  noseRadius: 0.8,
  stylusRadius: 0.8,
});
export const TOOL = formTool({
  kind: 'flat',
  work: [
    { z: 0, r: 10 },
    { z: 6, r: 12 },
  ],
  rake: 0.1,
  clearance: 0.15,
  toolRadius: 30,
});

export const STEEL = USUAL_MATERIALS[0] as Material;
export const M6: VeeThread = { form: 'metric', diameter: 6, pitch: 1 };
export const FOUR_JAW: Lathe = { ...LONG, chucks: [{ name: 'Four-jaw', kind: 'four-jaw', capacity: 200 }] };

export const SETTING: SettingContext = { task: SHANK, lathe: LONG, kit: DRAWER };
export const SWEEP = settingSteps('attachment', SETTING).find((step) => step.proves)?.sweep as Sweep;
export const FITTED = fitEvidence({
  member: 'external',
  evidence: [{ kind: 'bands', where: 'large' }],
  halfAngle: SHANK.halfAngle,
  length: SHANK.length,
});

export const FACTS: JobFacts = {
  quantity: 1,
  partComplete: true,
  shapes: [
    {
      kind: 'taper',
      feature: 'shank',
      name: 'Shank',
      machineId: 'long-lathe',
      halfAngle: SHANK.halfAngle,
      band: 1e-4,
      way: null,
    },
  ],
};

const kept = (body: RecordBody, n: number): KeptRecord => ({
  id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  jobId: 'j-101',
  piece: 1,
  at: `2026-11-20T09:${String(10 + n)}:00.000Z`,
  operator: 'RK',
  body,
});
const reading = (at: number, seen: number): RecordBody => ({
  kind: 'reading',
  way: 'attachment',
  step: 'sweep',
  travelAlong: 'axis',
  at,
  seen,
  expected: seen,
  low: seen - 0.003,
  high: seen + 0.003,
  typed: String(seen),
});

/** A piece set by the attachment, cut once and tried once. */
export const RECORDS: readonly KeptRecord[] = [
  reading(37.5, 0.941),
  reading(75, 1.882),
  {
    kind: 'setting-kept',
    way: 'attachment',
    machineId: 'long-lathe',
    halfAngle: SHANK.halfAngle,
    workLength: 136,
  } satisfies RecordBody,
  { kind: 'pass', dialFrom: 0, dialTo: 2, planned: 2, depth: 1, typed: '2' } satisfies RecordBody,
  {
    kind: 'stand-off',
    seen: 1.6,
    halfAngle: SHANK.halfAngle,
    diameterLeft: 0.08,
    typed: '1.6',
  } satisfies RecordBody,
  {
    kind: 'contact',
    contact: 'large',
    halfAngle: SHANK.halfAngle,
    swing: null,
    distance: null,
  } satisfies RecordBody,
].map(kept);

/** A bush out of bar: what the examples of a line of work are about. */
export const PLANNED: PlanPart = {
  features: [
    { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', diameter: 30, length: 40 },
    { id: 'hole', name: 'Hole', kind: 'bore', side: 'internal', diameter: 20, length: 40 },
  ],
  stock: { shape: 'round', across: 32, length: 100 },
  quantity: 1,
  lathe: LONG,
  kit: DRAWER,
};

/** A collet holder: shank drawn home from behind, a seat of 8° a side, and the thread of its nut. */
export const COLLET_HOLDER: PlanPart = {
  features: [
    {
      id: 'shank',
      name: 'Shank',
      kind: 'taper',
      side: 'external',
      largeEnd: 'tailstock',
      gaugeDiameter: 23.825,
      ratio: 1 / 19.922,
      length: 86,
      beyondGauge: 5,
    },
    { id: 'collar', name: 'Collar', kind: 'cylinder', side: 'external', diameter: 40, length: 8 },
    { id: 'relief', name: 'Relief', kind: 'groove', side: 'external', diameter: 26, length: 3 },
    {
      id: 'nut',
      name: 'Nut thread',
      kind: 'thread',
      side: 'external',
      designation: 'M30x1.5',
      diameter: 30,
      pitch: 1.5,
      length: 15,
    },
    {
      id: 'seat',
      name: 'Seat',
      kind: 'taper',
      side: 'internal',
      largeEnd: 'tailstock',
      largeDiameter: 22,
      halfAngle: (8 / 180) * Math.PI,
      length: 24,
    },
    { id: 'clear', name: 'Clearance', kind: 'bore', side: 'internal', diameter: 12.5, length: 20 },
    {
      id: 'drawbar',
      name: 'Drawbar thread',
      kind: 'thread',
      side: 'internal',
      from: 'headstock',
      designation: 'M12',
      diameter: 12,
      pitch: 1.75,
      length: 25,
    },
  ],
  stock: { shape: 'round', across: 42, length: 180 },
  quantity: 5,
  lathe: LONG,
  kit: DRAWER,
};

/** Where an indicator was read along a bar, mm. */
export const SWEEP_AT: readonly number[] = Array.from({ length: 40 }, (_, i) => 4 * i);

/** A needle that stands still all along. */
export const LEVEL_SWEEP = { travel: SWEEP_AT, reading: SWEEP_AT.map(() => 0.25), expectedSlope: 0 };

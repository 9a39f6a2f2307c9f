import { isDeepStrictEqual } from 'node:util';
import {
  begunAs,
  bundleQuerySchema,
  bundleSchema,
  coreFeatures,
  coreKit,
  coreLathe,
  eccentricOfJob,
  entry,
  importQuerySchema,
  isEntry,
  jobDocumentSchema,
  JOB_SCHEMA,
  KIT_SCHEMA,
  kitDocumentSchema,
  lineOperations,
  logQuerySchema,
  MACHINE_SCHEMA,
  machineDocumentSchema,
  materialDocument,
  materialOfJob,
  mateLink,
  migrateBundle,
  migrateJobDocument,
  migrateMachineDocument,
  newJobDocument,
  newWork,
  operationOf,
  planPartOf,
  PRACTICE_MACHINE,
  rackQuerySchema,
  readWireLine,
  recordBodySchema,
  shapesOf,
  shapeWith,
  shopTaperSchema,
  shopTaperSize,
  SHOP_TAPER_SCHEMA,
  sizes,
  startedFrom,
  startedWith,
  STARTERS,
  stockOfJob,
  tableSize,
  taperFigures,
  taperOfJobIfComplete,
  valuesOf,
  workOf,
  type JobDocument,
} from '../../packages/contract/src';
import { RECORD_EXAMPLES } from '../../packages/core/src/job/records/records.testdata';
import { USUAL_MATERIALS } from '../../packages/core/src/kit/materials/usual';
import { planPart } from '../../packages/core/src/plan';
import { answered, type Page } from '../page.testdata';

/** What a form is refused for, as it stands at its boxes; what it reads as where that is something else; or that it is fine. */
interface Form {
  safeParse(value: unknown): {
    readonly success: boolean;
    readonly data?: unknown;
    readonly error?:
      | { readonly issues: readonly { readonly path: readonly PropertyKey[]; readonly message: string }[] }
      | undefined;
  };
}
function read(form: Form, value: unknown): unknown {
  const { data, error } = form.safeParse(value);
  if (error)
    return error.issues.map(
      ({ path, message }) => `${path.map(String).join('.') || 'all of it'}: ${message}`,
    );
  return isDeepStrictEqual(data, value) ? 'fine' : data;
}

const own = {
  schema: SHOP_TAPER_SCHEMA,
  name: 'Our arbor',
  use: '',
  archived: false,
  thread: '',
} as const;
const TAPERS: Readonly<Record<string, object>> = {
  'by its ratio': { ratio: entry('1:12', 'taper') },
  'by its half angle': { halfAngle: entry('8°', 'angle') },
  'by both': { ratio: entry('1:12', 'taper'), halfAngle: entry('2.3859°', 'angle') },
  'by both, and they disagree': { ratio: entry('1:12', 'taper'), halfAngle: entry('2.4°', 'angle') },
  'by neither': {},
  'at a half angle of 85.9°': { halfAngle: entry('85.9°', 'angle') },
  'at a half angle of 86°': { halfAngle: entry('86°', 'angle') },
  'with a ratio of nothing': { ratio: { typed: '0', value: 0 } },
  'with its place': {
    ratio: entry('1:12', 'taper'),
    gaugeDiameter: entry('30 mm'),
    beyondGauge: entry('-2 mm'),
    length: entry('60 mm'),
    thread: 'M12',
  },
  'without a name': { name: ' ', ratio: entry('1:12', 'taper') },
  'with a figure that is not as typed': { ratio: { typed: '1:12', value: 0.1 } },
};
const SHOP: Page = Object.entries(TAPERS).map(([what, more]) => [
  `a shop’s taper ${what}`,
  () => ({
    form: read(shopTaperSchema, { ...own, ...more }),
    size: answered(() => shopTaperSize('t-1', { ...own, ...more } as never)),
  }),
]);

const base = { schema: KIT_SCHEMA, name: 'x', note: '', archived: false } as const;
const of = (kind: string, more: object): object => ({ ...base, kind, ...more });
const mm = (text: string) => entry(text);
const KIT: Readonly<Record<string, object>> = {
  drills: of('drills', { sizes: sizes('3; 1; 1/16 in') }),
  'drills put away': of('drills', { sizes: sizes('9'), archived: true }),
  'drills that read otherwise': of('drills', { sizes: { typed: '3; 4', unit: 'mm', values: [3, 5] } }),
  'drills of nothing': of('drills', { sizes: { typed: '0', unit: 'mm', values: [0] } }),
  reamers: of('reamers', { sizes: sizes('6; 8; 10') }),
  rollers: of('rollers', { sizes: sizes('5; 10') }),
  balls: of('balls', { sizes: sizes('6; 1/4 in') }),
  blocks: of('blocks', {
    sizes: sizes('1 to 2 by 0.5'),
    wear: mm('2 mm'),
    checkedOn: '2026-03-01',
    checkEvery: entry('12', 'number'),
  }),
  'blocks checked on no day': of('blocks', { sizes: sizes('1'), checkedOn: '2026-13-01' }),
  'a sine bar': of('sine-bar', { length: mm('100 mm') }),
  'a master': of('master', {
    ratio: entry('1:19.922', 'taper'),
    length: mm('78 mm'),
    provedOn: '2026-09-02',
  }),
  'a master of a size': of('master', {
    series: { series: 'morse-iso', size: '3' },
    ratio: entry('1:19.9', 'taper'),
    length: mm('78 mm'),
  }),
  'a master of a size there is not': of('master', {
    series: { series: 'morse-iso', size: '9' },
    ratio: entry('1:19.9', 'taper'),
    length: mm('78 mm'),
  }),
  'a taper reamer': of('taper-reamer', { ratio: entry('1:50', 'taper'), length: mm('60 mm') }),
  'a boring bar': of('boring-bar', {
    diameter: mm('20 mm'),
    reach: mm('110 mm'),
    pointOffset: mm('13 mm'),
    edgeDepth: mm('5 mm'),
    clearance: entry('15°', 'angle'),
    material: 'steel',
  }),
  'a boring bar of wood': of('boring-bar', {
    diameter: mm('20 mm'),
    reach: mm('110 mm'),
    pointOffset: mm('13 mm'),
    edgeDepth: mm('5 mm'),
    clearance: entry('15°', 'angle'),
    material: 'wood',
  }),
  'a pin block': of('pin-block', { holes: [{ name: 'No. 3', x: mm('93 mm'), y: mm('2.34 mm') }] }),
  'a pin block without holes': of('pin-block', { holes: [] }),
  'a micrometer': of('instrument', {
    type: 'micrometer',
    resolution: mm('0.001 mm'),
    range: mm('25 mm'),
    uncertainty: mm('0.003 mm'),
  }),
  'an instrument of no type': of('instrument', {
    type: 'stick',
    resolution: mm('0.001 mm'),
    uncertainty: mm('0.003 mm'),
  }),
  'a material': materialDocument({ ...USUAL_MATERIALS[0]!, name: 'Our bronze' }),
  'a thing of no kind': of('hammer', {}),
};
const OWNED: Page = [
  ...Object.entries(KIT).map(([what, document]): Page[number] => [
    `kit: ${what}`,
    () => {
      const form = read(kitDocumentSchema, document);
      const { materials, ...kit } =
        form === 'fine' || what === 'a material' ? coreKit([document as never]) : { materials: [] };
      return {
        form,
        kit: Object.fromEntries(
          Object.entries(kit).filter(([, one]) => one !== null && (one as unknown[]).length !== 0),
        ),
        ...(what === 'a material' ? { materials } : {}),
      };
    },
  ]),
  ['a material as a row', () => materialDocument(USUAL_MATERIALS[2]!)],
];

const STARTED: JobDocument[] = STARTERS.map((starter) => ({
  ...newJobDocument({ number: 'J-1', title: starter.id, machineId: 'm' }),
  ...startedWith(starter, { figures: {}, tapers: {} }),
}));
const [FIRST] = STARTED as [JobDocument];
const JOBS: Page = STARTED.map((document, i) => [
  `a job begun as ${STARTERS[i]!.id}: what is asked of it`,
  () => {
    const shapes = shapesOf(document);
    return {
      form: read(jobDocumentSchema, document),
      drawn: coreFeatures(document.features).length,
      stock: stockOfJob(document),
      material: materialOfJob({ ...document, material: 'brass' }, USUAL_MATERIALS)?.name ?? null,
      shapes: shapes.map((shape) => ({
        ...shape,
        operation: operationOf(document, shape),
        work: workOf(document, shape.feature, shape.kind),
        other: workOf(document, shape.feature, shape.kind === 'taper' ? 'curve' : 'taper').kind,
      })),
      with: document.features.map(({ id }) => shapeWith(document, id)?.feature ?? 'none'),
      taper: taperOfJobIfComplete(document)?.task ?? null,
      eccentric: eccentricOfJob(document)?.throw ?? null,
      nobody: eccentricOfJob(document, 'nothing'),
      line: answered(
        () =>
          lineOperations(
            document,
            planPart(planPartOf(document, coreLathe(PRACTICE_MACHINE), coreKit([]))).holdings,
          ).flat().length,
      ),
      begins: Object.keys(begunAs(document)),
      values: Object.keys(valuesOf(document.features[0] as never)),
    };
  },
]);

const work = {
  ...newWork('taper'),
  way: { id: 'attachment', school: 'master', machineId: 'long', halfAngle: 0.025 },
};
const FROM: Readonly<Record<string, unknown>> = {
  'one by the attachment': work,
  'one that names no way': newWork('taper'),
  'one of another kind': { ...newWork('curve'), way: 'steps' },
  'one of an eccentric': { ...newWork('eccentric'), way: 'four-jaw' },
  'no work at all': { kind: 'taper', way: 3 },
  'one with its own bar': { ...work, cut: { ...newWork('taper').cut, stock: mm('40 mm') } },
};
const BEGUN: Page = Object.entries(FROM).map(([what, earlier]) => [
  `begun from ${what}`,
  () =>
    (['taper', 'eccentric', 'curve'] as const).map((kind) => ({
      [kind]: [null, 0.03].map((halfAngle) =>
        startedFrom(newWork(kind), earlier, { machineId: 'm', halfAngle }),
      ),
    })),
]);

const broken = (body: object, key: string, value: unknown): object => ({ ...body, [key]: value });
const RECORDS: Page = Object.entries(RECORD_EXAMPLES).map(([kind, body]) => [
  `a record of ${kind}`,
  () => ({
    form: read(recordBodySchema, body),
    taken: Object.fromEntries(
      Object.keys(body)
        .filter((key) => key !== 'kind')
        .map((key) => [
          key,
          [null, -1, 0, 1e300, 'x', []]
            .filter((value) => recordBodySchema.safeParse(broken(body, key, value)).success)
            .map((value) => JSON.stringify(value))
            .join(' '),
        ]),
    ),
  }),
]);

const line = (more: object): string =>
  JSON.stringify({ instrument: 'dial', value: 1.25, unit: 'mm', ...more });
const WIRE: Page = [
  ['a line', line({})],
  ['in inches', line({ unit: 'in', value: 0.05 })],
  ['of an angle', line({ unit: 'deg', value: 8 })],
  ['with its time', line({ time: 12.5 })],
  ['at no time', line({ time: 'noon' })],
  ['with its button', line({ pressed: true })],
  ['not pressed', line({ pressed: false })],
  ['of a channel', line({ channel: 'Y' })],
  ['in furlongs', line({ unit: 'furlong' })],
  ['of no figure', line({ value: null })],
  ['too large', line({ value: 1e12 })],
  ['with more', line({ more: 1 })],
  ['no JSON', '{"instrument"'],
  ['a list', '[]'],
  ['nothing', ''],
].map(([what, text]): Page[number] => [`on the wire: ${what}`, () => readWireLine(text!)]);

const QUERIES: Page = [
  ...[
    {},
    { sort: 'due' },
    { sort: 'weight' },
    { find: 'morse' },
    { archived: 'yes' },
    { limit: '5' },
    { limit: '-1' },
    { page: '2' },
  ].map((query): Page[number] => [
    `the rack is asked for ${JSON.stringify(query)}`,
    () => read(rackQuerySchema, query),
  ]),
  ...[
    {},
    { job: 'j-101' },
    { kind: 'note' },
    { kind: 'nothing' },
    { from: '2026-11-01' },
    { limit: '100' },
    { limit: '1e9' },
  ].map((query): Page[number] => [
    `the logbook is asked for ${JSON.stringify(query)}`,
    () => read(logQuerySchema, query),
  ]),
  ...[
    {},
    { trial: 'yes' },
    { trial: 'no' },
    { leave: 'jobs:j-101' },
    { over: 'jobs:j-101,kit:k-1-a' },
    { over: 'people:x' },
    { leave: '' },
  ].map((query): Page[number] => [
    `a file is taken in with ${JSON.stringify(query)}`,
    () => read(importQuerySchema, query),
  ]),
  ...[{}, { jobs: 'j-101,j-102' }, { jobs: '' }, { jobs: 'J 1' }].map((query): Page[number] => [
    `a file is asked for ${JSON.stringify(query)}`,
    () => read(bundleQuerySchema, query),
  ]),
];

const bundle = { format: 'anello', schema: 1, machines: [], kit: [], tapers: [] };
const OLDER: Page = [
  ['a job of today', () => migrateJobDocument(FIRST) === FIRST || 'made anew'],
  ['a job of tomorrow', () => migrateJobDocument({ ...FIRST, schema: JOB_SCHEMA + 1 })],
  [
    'a job of no form',
    () => [migrateJobDocument(null), migrateJobDocument(3), migrateJobDocument({ schema: 'x' })],
  ],
  ['a lathe of today', () => read(machineDocumentSchema, migrateMachineDocument(PRACTICE_MACHINE))],
  ['a lathe of tomorrow', () => migrateMachineDocument({ ...PRACTICE_MACHINE, schema: MACHINE_SCHEMA + 1 })],
  [
    'a lathe with a compound turned round',
    () =>
      read(machineDocumentSchema, {
        ...PRACTICE_MACHINE,
        compound: { ...PRACTICE_MACHINE.compound, zero: 'up' },
      }),
  ],
  ['a file of nothing', () => read(bundleSchema, migrateBundle(bundle))],
  ['a file that is none', () => read(bundleSchema, migrateBundle([]))],
  [
    'a file with a job of today',
    () =>
      (read(bundleSchema, migrateBundle({ ...bundle, jobs: [{ id: 'j-1', document: FIRST }] })) as object) &&
      'read',
  ],
  [
    'a file with a job of tomorrow',
    () => migrateBundle({ ...bundle, jobs: [{ id: 'j-1', document: { ...FIRST, schema: 99 } }] }),
  ],
  [
    'a file with rows that are none',
    () =>
      read(
        bundleSchema,
        migrateBundle({ ...bundle, jobs: [null, 3], machines: [{ id: 'm-1', document: {} }] }),
      ),
  ],
];

const BOXES: Page = [
  [
    'what was typed and what it was read as',
    () => [entry('1 1/2 in'), entry('8°30′', 'angle'), entry('1:20', 'taper'), entry('12', 'number')],
  ],
  [
    'what is no figure',
    () =>
      [
        entry('twelve'),
        isEntry({ typed: '1', value: 1 }),
        isEntry({ typed: 1, value: 1 }),
        isEntry(null),
      ].map((one) => answered(() => one)),
  ],
  [
    'a taper out of the tables',
    () =>
      ['morse-iso/3', 'jarno/6', 'steep/40', 'taper-pin-metric/6'].flatMap((key) =>
        (['external', 'internal'] as const).map((side) => taperFigures(tableSize(key), side)),
      ),
  ],
  [
    'no taper of the tables',
    () => ['morse-iso/9', 'nothing/1', ''].map((key) => answered(() => tableSize(key))),
  ],
  [
    'how mates know each other',
    () =>
      STARTED.slice(0, 4).map((document) =>
        answered(() => mateLink({ id: 'j-2', document }, shapesOf(document)[0]?.feature ?? '')),
      ),
  ],
];

/** Forms as they are kept and sent: what is read of each, and what each is refused for. */
export const FORMS_PAGE: Page = [
  ...SHOP,
  ...OWNED,
  ...JOBS,
  ...BEGUN,
  ...RECORDS,
  ...WIRE,
  ...QUERIES,
  ...OLDER,
  ...BOXES,
];

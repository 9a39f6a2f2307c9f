import { NO_KIT } from '@anello/core/kit';
import type { Holding } from '@anello/core/plan';
import type { KeptRecord, RecordBody } from '@anello/core/job';
import { describe, expect, it } from 'vitest';
import { LONG_LATHE } from '../machine/machines.testdata';
import { coreLathe, type FeatureDocument, type JobDocument } from '../index';
import { job, shank } from './jobs.testdata';
import { batchAt, lineCard, lineOperations } from './line';
import { newWork } from './work/new';

const LATHE = coreLathe(LONG_LATHE);
const FEATURES = [
  { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', ...sized(30, 40) },
  shank(),
  { id: 'ring', name: 'Ring', kind: 'groove', side: 'external', ...sized(15, 3) },
] as FeatureDocument[];
function sized(diameter: number, long: number) {
  const typed = (value: number) => ({ typed: `${value} mm`, value });
  return { diameter: typed(diameter), length: typed(long) };
}
const HOLDINGS: readonly Holding[] = [
  {
    id: 'h1',
    by: 'three-jaw',
    grips: { from: 60, to: 90 },
    toward: 'headstock',
    centre: false,
    operations: [
      { id: 'face', kind: 'face', features: [], end: 'headstock' },
      { id: 'turn', kind: 'turn', features: ['body', 'ring'] },
    ],
  },
  {
    id: 'h2',
    by: 'three-jaw',
    grips: { from: 0, to: 30 },
    toward: 'tailstock',
    centre: false,
    operations: [
      { id: 'cone', kind: 'taper', features: ['t'] },
      { id: 'finish', kind: 'finish', features: [] },
    ],
  },
];
const document = (over: Partial<JobDocument> = {}): JobDocument =>
  job({
    features: FEATURES,
    quantity: 2,
    plan: HOLDINGS as JobDocument['plan'],
    work: { t: newWork('taper') },
    ...over,
  });
let count = 0;
const record = (body: RecordBody, more: Partial<KeptRecord> = {}): KeptRecord => ({
  id: `r${++count}`,
  jobId: 'j-1',
  piece: 1,
  at: '2026-11-20T10:00:00.000Z',
  operator: 'RK',
  body,
  ...more,
});
const worked = (operation: string, piece = 1): KeptRecord =>
  record({ kind: 'worked', said: operation }, { operation, piece });
const PASS: RecordBody = {
  kind: 'pass',
  dialFrom: 24.5,
  dialTo: 24.1,
  planned: 0.4,
  depth: 0.2,
  typed: '24.1',
};
const note = (more: Partial<KeptRecord> = {}): KeptRecord => record({ kind: 'note', text: 'n' }, more);
const card = (records: readonly KeptRecord[], doc = document()) => lineCard(doc, LATHE, NO_KIT, records);

describe('a line of work, for its progress', () => {
  it('says which of its operations has a loop of its own in this job, and which is of its first shape', () => {
    expect(lineOperations(document(), HOLDINGS)).toEqual([
      [
        { id: 'face', features: [], loop: false },
        { id: 'turn', features: ['body', 'ring'], loop: false },
      ],
      [
        { id: 'cone', features: ['t'], loop: true, first: true },
        { id: 'finish', features: [], loop: false },
      ],
    ]);
    // A taper that is not in the part any more has none.
    const gone = document({ features: FEATURES.slice(0, 1), work: {} });
    expect(lineOperations(gone, HOLDINGS)[1]![0]).toEqual({ id: 'cone', features: ['t'], loop: false });
  });
  it('is of the piece in hand, in the order that was chosen', () => {
    const at = batchAt(document(), HOLDINGS, [worked('face', 1), worked('face', 2)]);
    expect([at.order, at.quantity, at.shapes]).toEqual(['in-turn', 2, ['t']]);
    expect(batchAt(document({ batch: 'by-holding' }), HOLDINGS, []).order).toBe('by-holding');
  });
  it('knows which holdings go on in jaws that are not opened', () => {
    const [first, second] = HOLDINGS as [Holding, Holding];
    const up: Holding = { ...first, id: 'h3', centre: true };
    const goOn = (...holdings: Holding[]) => [...(batchAt(document(), holdings, []).goOn ?? [])];
    expect(goOn(first, up, second)).toEqual([1]);
    expect(goOn(first, second, up)).toEqual([]);
    const parted: Holding = {
      ...first,
      operations: [...first.operations, { id: 'part-off', kind: 'part-off', features: [] }],
    };
    expect(goOn(parted, up)).toEqual([]);
  });
});

describe('the line of a job in short', () => {
  it('is not there while the part cannot be planned, nor where its order is empty', () => {
    expect(card([], document({ plan: undefined, features: [] }))).toBeNull();
    expect(card([], document({ plan: [] }))).toBeNull();
  });
  it('is as proposed where nobody put it otherwise', () => {
    const proposed = card([], document({ plan: undefined, features: FEATURES.slice(0, 2) }));
    expect(proposed!.holdings.length).toBeGreaterThan(0);
    expect(proposed!.now?.name).toBe('Face');
  });
  it('tells for each holding how much is done, and what is next', () => {
    expect(card([])).toEqual({
      holdings: [
        { of: 2, done: 0 },
        { of: 2, done: 0 },
      ],
      now: { piece: 1, operation: 'face', name: 'Face', on: '', loop: false },
    });
    const half = card([worked('face')]);
    expect(half?.holdings.map(({ done }) => done)).toEqual([1, 0]);
    expect(half?.now).toEqual({ piece: 1, operation: 'turn', name: 'Turn', on: 'Body, Ring', loop: false });
    expect(card([worked('face'), worked('turn')])?.now).toEqual({
      piece: 1,
      operation: 'cone',
      name: 'Taper',
      on: 'Shank',
      loop: true,
    });
  });
  it('is at the shape that was worked last, though the piece has not come to it', () => {
    const now = (...records: KeptRecord[]) => card(records)?.now?.operation;
    // By what it says it was done in, or of which shape, or of the first where it says neither.
    expect(now(record(PASS, { operation: 'cone' }))).toBe('cone');
    expect(now(record(PASS, { feature: 't' }))).toBe('cone');
    expect(now(record(PASS))).toBe('cone');
    expect(now(record(PASS, { operation: 'turn', feature: 't' }))).not.toBe('cone');
    expect(now(record(PASS, { feature: 'body' }))).toBe('face');
    // What is said beside the work is no work.
    expect(now(note({ operation: 'cone' }))).toBe('face');
    expect(now(record(PASS, { operation: 'cone', piece: 2 }), worked('face', 1))).toBe('turn');
  });
  it('of two shapes is at the first one where a row says neither, and only where it has been worked', () => {
    const nose = { ...shank(), id: 'u', name: 'Nose' } as FeatureDocument;
    const [face, cones] = HOLDINGS as [Holding, Holding];
    const order = [
      face,
      { ...cones, operations: [{ id: 'nose', kind: 'taper', features: ['u'] }, ...cones.operations] },
    ];
    const two = document({
      features: [...FEATURES, nose],
      plan: order as JobDocument['plan'],
      work: { t: newWork('taper'), u: newWork('taper') },
    });
    const now = (...records: KeptRecord[]) => card(records, two)?.now?.operation;
    expect(lineOperations(two, order as Holding[])[1]!.map(({ first }) => first)).toEqual([
      undefined,
      true,
      undefined,
    ]);
    expect(now(record(PASS))).toBe('cone');
    expect(now(record(PASS, { feature: 'u' }))).toBe('nose');
    expect(now(worked('face'), worked('turn'))).toBe('nose');
  });
  it('of a piece scrapped at its shape says what of it was done, and goes on with the next', () => {
    const scrap = record(
      { kind: 'verdict', verdict: 'scrap', cause: 'chatter' },
      { operation: 'cone', feature: 't' },
    );
    const now = card([worked('face'), worked('turn'), record(PASS, { operation: 'cone' }), scrap])!;
    expect(now.holdings.map(({ done }) => done)).toEqual([2, 0]);
    expect(now.now).toMatchObject({ piece: 2, operation: 'face' });
  });
  it('asked for again, is of the lathe and the kit it is asked for', () => {
    const doc = document({ plan: undefined, features: FEATURES.slice(0, 2) });
    const on = (lathe: typeof LATHE) => lineCard(doc, lathe, NO_KIT, [])?.holdings;
    const here = on(LATHE);
    const bare = { ...LATHE, attachment: null, compound: null, tailstock: null } as typeof LATHE;
    on(bare);
    expect(on(LATHE)).toEqual(here);
    // Another kit asks for a proposal of its own: with a reamer it may be another.
    expect(lineCard(doc, LATHE, { ...NO_KIT }, [])?.holdings).toEqual(here);
  });
});

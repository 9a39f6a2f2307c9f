// @vitest-environment node
// It reads files, also where all tests run as in a page.
import { jobProgress, recordsOf, type KeptRecord } from '@anello/core/job';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  coreFeatures,
  eccentricOfJob,
  entry,
  JOB_SCHEMA,
  jobDocumentSchema,
  jobFacts,
  migrateJobDocument,
  newWork,
  planPartOf,
  putWork,
  shapesOf,
  shapeWith,
  stockOfJob,
  coreLathe,
  taperOfJob,
  taperOfJobIfComplete,
  type FeatureDocument,
  workOf,
} from '../index';
import { NO_KIT } from '@anello/core/kit';
import { LONG_LATHE } from '../machine/machines.testdata';
import { job, shank } from './jobs.testdata';

describe('a job’s document', () => {
  it('is valid when new, and with every kind of feature', () => {
    const features: FeatureDocument[] = [
      {
        id: 'a',
        name: 'Body',
        kind: 'cylinder',
        side: 'external',
        diameter: entry('40 mm'),
        length: entry('42 mm'),
      },
      shank(),
      {
        id: 'c',
        name: 'Hole',
        kind: 'bore',
        side: 'internal',
        from: 'tailstock',
        diameter: entry('10.2 mm'),
      },
      { id: 'd', name: 'Groove', kind: 'groove', side: 'external' },
      {
        id: 'e',
        name: 'Thread',
        kind: 'thread',
        side: 'internal',
        designation: 'M12',
        pitch: entry('1.75 mm'),
      },
      {
        id: 'f',
        name: 'Ogee',
        kind: 'profile',
        side: 'external',
        points: [{}, { z: entry('4 mm'), diameter: entry('9 mm') }],
      },
      {
        id: 'g',
        name: 'Throw',
        kind: 'eccentric',
        side: 'external',
        throw: entry('4.75 mm'),
        phase: entry('90 deg', 'angle'),
      },
    ];
    expect(jobDocumentSchema.safeParse(job()).success).toBe(true);
    expect(jobDocumentSchema.safeParse(job({ features })).error).toBeUndefined();
    expect(coreFeatures(features)[0]).toMatchObject({ diameter: 40, length: 42 });
  });
  it('refuses a feature of a kind there is not, or a figure under a name there is not', () => {
    const bad = (feature: object) => jobDocumentSchema.safeParse({ ...job(), features: [feature] }).success;
    expect(bad({ id: 'x', name: 'X', kind: 'helix', side: 'external' })).toBe(false);
    expect(bad({ id: 'x', name: 'X', kind: 'cylinder', side: 'external', girth: entry('1 mm') })).toBe(false);
    expect(bad({ id: 'x', name: '', kind: 'cylinder', side: 'external' })).toBe(false);
  });
  it.each([0, 201, 1.5])('takes no job of %d pieces', (quantity) => {
    expect(jobDocumentSchema.safeParse(job({ quantity })).success).toBe(false);
  });
  it('goes through JSON and back unchanged', () => {
    const document = job({ features: [shank()] });
    expect(jobDocumentSchema.parse(JSON.parse(JSON.stringify(document)))).toEqual(document);
    expect(migrateJobDocument(document)).toBe(document);
  });
});

describe('what a job comes to', () => {
  it('has a task while its taper is settled, and says what is missing while it is not', () => {
    expect(taperOfJob(job({ features: [shank()] }))?.task.halfAngle).toBeCloseTo(
      Math.atan(1 / 19.922 / 2),
      12,
    );
    const { gaugeDiameter: _gone, ...open } = shank() as Extract<FeatureDocument, { kind: 'taper' }>;
    expect(() => taperOfJob(job({ features: [open] }))).toThrow(
      expect.objectContaining({ code: 'underdetermined' }),
    );
    expect(taperOfJobIfComplete(job({ features: [open] }))).toBeNull();
  });
  it('takes the drawing’s own zone over the grade', () => {
    const usual = newWork('taper');
    const work = { t: { ...usual, tolerance: { ...usual.tolerance, coneZone: entry('0.02 mm') } } };
    expect(taperOfJob(job({ features: [shank()], work }))?.task.tolerance.overLength).toBeCloseTo(0.02, 12);
  });
  it('knows whether the part is complete and which shapes it has', () => {
    expect(jobFacts(job())).toMatchObject({ partComplete: false, shapes: [] });
    const facts = jobFacts(job({ features: [shank()] }));
    expect(facts).toMatchObject({ partComplete: true, shapes: [{ kind: 'taper', feature: 't', way: null }] });
    const half = job({
      features: [{ id: 'a', name: 'Body', kind: 'cylinder', side: 'external', diameter: entry('40 mm') }],
    });
    expect(jobFacts(half)).toMatchObject({ partComplete: false, shapes: [] });
  });
  it('each taper is made to its own grade, and asked for by its feature', () => {
    const seat = shank({ id: 's', name: 'Seat' });
    const usual = newWork('taper');
    const work = { s: { ...usual, tolerance: { ...usual.tolerance, grade: 'AT4' as const } } };
    const two = job({ features: [shank(), seat], work });
    const [first, second] = ['t', 's'].map((id) => taperOfJob(two, id)!.task.tolerance.halfAngle);
    expect(second!).toBeLessThan(first!);
    expect(taperOfJob(two)?.feature.id).toBe('t');
    expect(taperOfJob(two, 'none')).toBeNull();
  });
});

describe('the shapes of a part', () => {
  const disc = { id: 'e', name: 'Disc', kind: 'eccentric', side: 'external' } as FeatureDocument;
  const ogee = { id: 'p', name: 'Ogee', kind: 'profile', side: 'external', points: [] } as FeatureDocument;
  const groove = { id: 'g', name: 'Neck', kind: 'groove', side: 'external' } as FeatureDocument;
  const of = (...features: FeatureDocument[]) => shapesOf({ features }).map((s) => `${s.kind} ${s.feature}`);
  it('tapers come first, then eccentrics, then curves; grooves only where there is nothing else', () => {
    expect(of(groove, ogee, disc, shank(), shank({ id: 's' }))).toEqual([
      'taper t',
      'taper s',
      'eccentric e',
      'curve p',
    ]);
    expect(of(groove, { ...groove, id: 'h' })).toEqual(['curve g']);
    expect(of()).toEqual([]);
  });
  it('a groove beside a curve is worked with it; other plain features with none', () => {
    const features = [groove, ogee, { ...groove, id: 'h' }];
    expect([shapeWith({ features }, 'h')?.feature, shapeWith({ features }, 'p')?.feature]).toEqual([
      'p',
      'p',
    ]);
    expect(shapeWith({ features: [groove, shank()] }, 'g')).toBeNull();
    expect(shapeWith({ features: [groove] }, 'g')?.feature).toBe('g');
    // A plain diameter beside both is worked with neither.
    const plain = { ...shank(), id: 'b', kind: 'cylinder' as const };
    expect(shapeWith({ features: [groove, ogee, plain] }, 'b')).toBeNull();
  });
  it('their work is the usual until it is said, and what is said of another kind is not theirs', () => {
    const work = { a: { ...newWork('curve'), way: 'steps' as const } };
    expect(workOf({ work }, 'a', 'curve').way).toBe('steps');
    expect(workOf({ work }, 'a', 'taper')).toEqual(newWork('taper'));
    const draft = { work: {} };
    putWork(draft, 'b', newWork('eccentric'));
    expect(draft.work).toEqual({ b: { kind: 'eccentric', mate: '' } });
  });
});

describe('a job about an eccentric', () => {
  const disc: FeatureDocument = {
    id: 'e',
    name: 'Eccentric',
    kind: 'eccentric',
    side: 'external',
    diameter: entry('54 mm'),
    length: entry('18 mm'),
    travel: entry('9.5 mm'),
    grooves: [{ width: entry('4 mm'), depth: entry('3 mm') }],
  };
  const bore: FeatureDocument = {
    id: 'b',
    name: 'Bore',
    kind: 'bore',
    side: 'internal',
    diameter: entry('20 mm'),
    length: entry('18 mm'),
    fit: 'H7',
  };
  it('is valid, with everything it may say of how it is made', () => {
    const document = job({
      features: [disc, bore],
      work: {
        e: {
          kind: 'eccentric',
          mate: '',
          way: 'packing',
          toward: 2,
          limit: entry('0.05 mm'),
          jaws: 'wide',
          screw: 'M6',
          valve: { lap: entry('2 mm'), drive: 'direct', turns: 'clockwise' },
        },
      },
    });
    expect(jobDocumentSchema.safeParse(document).error).toBeUndefined();
    const with_ = (over: object) => ({ ...document, work: { e: { ...newWork('eccentric'), ...over } } });
    expect(jobDocumentSchema.safeParse(with_({ toward: 5 })).success).toBe(false);
    expect(jobDocumentSchema.safeParse(with_({ limit: entry('-1 mm') })).success).toBe(false);
  });
  it('has the throw that is named, or the first', () => {
    const two = [disc, { ...disc, id: 'f', name: 'Second' }];
    expect(eccentricOfJob(job({ features: two }))).toMatchObject({ id: 'e', throw: 4.75, width: 18 });
    expect(eccentricOfJob(job({ features: two }), 'f')?.id).toBe('f');
    expect(eccentricOfJob(job({ features: two }), 'none')).toBeNull();
    expect(eccentricOfJob(job())).toBeNull();
  });
  it('says what its progress depends on', () => {
    expect(jobFacts(job({ features: [disc, bore] })).shapes).toEqual([
      { kind: 'eccentric', feature: 'e', name: 'Eccentric', throw: 4.75, bored: true, way: null },
    ]);
    const work = { e: { ...newWork('eccentric'), way: 'four-jaw' as const } };
    expect(jobFacts(job({ features: [disc], work })).shapes[0]).toMatchObject({
      bored: false,
      way: 'four-jaw',
    });
  });
});

/** What form 4 said at its top of a job without a choice made. */
const FORM_4 = {
  mate: '',
  tolerance: { grade: 'AT7', standOff: entry('0.4 mm') },
  way: null,
  cut: { roughDepth: entry('0.8 mm'), lastStock: entry('0.5 mm'), allowance: entry('0.1 mm') },
};

describe('a job of an older form', () => {
  it.each([1, 2, 3, 4])('a job of form %d is read as one of the present', (schema) => {
    const { work: _work, cut: _cut, ...now } = job({ features: [shank()] });
    const read = jobDocumentSchema.parse(migrateJobDocument({ ...now, ...FORM_4, schema }));
    expect(read.work.t).toMatchObject({ kind: 'taper', mate: '', tolerance: FORM_4.tolerance });
    expect(read.cut).toEqual({ roughDepth: FORM_4.cut.roughDepth });
    expect(() => migrateJobDocument({ ...now, schema: JOB_SCHEMA + 1 })).toThrow(
      expect.objectContaining({ code: 'newer-document' }),
    );
  });
  it('what the part was to fit is said of its first taper, which was the one worked', () => {
    const { work: _work, cut: _cut, ...now } = job({ features: [shank(), { ...shank(), id: 'second' }] });
    const read = migrateJobDocument({ ...now, ...FORM_4, mate: 'The spindle', way: 'compound', schema: 4 });
    expect(workOf(read, 't', 'taper')).toMatchObject({ mate: 'The spindle', way: 'compound' });
    expect(workOf(read, 'second', 'taper')).toMatchObject({ mate: '', way: null });
  });
  it('a printer measured by the bar of form 3 is told by the shorter one of form 4', () => {
    const {
      work: _work,
      cut: _cut,
      ...now
    } = job({
      features: [{ id: 'p', name: 'Ogee', kind: 'profile', side: 'external', points: [] } as FeatureDocument],
    });
    const curve = { printedBar: entry('100.4 mm'), nose: entry('0.8 mm') };
    const read = migrateJobDocument({ ...now, ...FORM_4, curve, schema: 3 });
    const work = workOf(read, 'p', 'curve');
    expect(work.printedBar?.value).toBeCloseTo(50.2, 9);
    expect(work.nose).toEqual(curve.nose);
  });
  it('what a plain part was tried in stands in its note', () => {
    const { work: _work, cut: _cut, ...now } = job({ note: 'Two off.' });
    expect(migrateJobDocument({ ...now, ...FORM_4, mate: 'Its strap', schema: 4 }).note).toBe(
      'Two off.\nTried in: Its strap.',
    );
  });
});

describe('the demo jobs as they were in form 4', () => {
  const rows = JSON.parse(readFileSync(new URL('./fixtures/form4.json', import.meta.url), 'utf8')) as {
    document: Record<string, never> & { number: string; features: { id: string; kind: string }[] };
    records: KeptRecord[];
    came: Record<string, unknown>;
  }[];
  it.each(rows.map((row) => [row.document.number, row] as const))('%s says the same', (_number, row) => {
    const { document: older, records, came } = row;
    const document = jobDocumentSchema.parse(migrateJobDocument(older));
    const progress = jobProgress(jobFacts(document), records);
    const { piece, now, finished, scrapped } = progress;
    const stages = progress.stages.map((s) => s.state).join(' ');
    const { next, ...rest } = came;
    expect({ piece, now, finished, scrapped, stages }).toEqual(rest);
    expect(progress.next.toLowerCase()).toContain(String(next).toLowerCase());
    const taper = older.features.find((f) => f.kind === 'taper');
    if (!taper) return;
    const work = workOf(document, taper.id, 'taper');
    const { stock, lastStock, allowance } = older.cut!;
    expect(work).toMatchObject({ mate: older.mate, tolerance: older.tolerance, way: older.way });
    expect(work.cut).toMatchObject({ ...(stock ? { stock } : {}), lastStock, allowance });
    expect(recordsOf(records, taper.id, true)).toEqual(records);
  });
});

describe('a job as its line of work is worked out from', () => {
  const withBody = { ...job(), features: [shank()] };
  it('takes the usual bar until one is said, and then that', () => {
    expect(stockOfJob(withBody)).toMatchObject({ shape: 'round', across: 26 });
    const stock = { shape: 'hex' as const, across: entry('1 in'), length: entry('120 mm') };
    expect(stockOfJob({ ...withBody, stock })).toEqual({ shape: 'hex', across: 25.4, length: 120 });
    expect(jobDocumentSchema.parse({ ...withBody, stock }).stock).toEqual(stock);
    // A bar of nothing is kept as it was typed; its line of work says at its box what is wrong.
    const none = { ...stock, length: entry('0 mm') };
    expect(jobDocumentSchema.parse({ ...withBody, stock: none }).stock).toEqual(none);
  });
  it('gives each feature the way that was chosen for it', () => {
    const way = { id: 'tailstock' as const, machineId: 'm', halfAngle: 0.025 };
    const work = { t: { ...newWork('taper'), way } };
    const part = planPartOf({ ...withBody, work }, coreLathe(LONG_LATHE), NO_KIT);
    expect(part.ways).toEqual({ [shank().id]: 'tailstock' });
    expect(part.quantity).toBe(withBody.quantity);
    expect(part.cut?.allowance).toBe(work.t.cut.allowance.value);
    const brass = planPartOf({ ...withBody, material: 'brass' }, coreLathe(LONG_LATHE), NO_KIT);
    expect(brass.material?.name).toBe('Brass');
  });
  it('keeps the holdings as they were put, and an order from before there were any', () => {
    const plan = [
      {
        id: 'h1',
        by: 'three-jaw' as const,
        grips: { from: -30, to: -6 },
        toward: 'tailstock' as const,
        centre: false,
        trueTo: { feature: 's', limit: 0.01 },
        operations: [{ id: 'h1-1', kind: 'face' as const, features: [], end: 'tailstock' as const }],
      },
    ];
    const kept = { ...withBody, plan, order: ['face', 'rough', 'taper'] };
    expect(jobDocumentSchema.parse(kept)).toMatchObject({ plan, order: kept.order });
    const lost = { ...kept, plan: [{ ...plan[0], by: 'teeth' }] };
    expect(jobDocumentSchema.safeParse(lost).success).toBe(false);
  });
});

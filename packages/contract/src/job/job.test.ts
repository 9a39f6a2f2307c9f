import { describe, expect, it } from 'vitest';
import {
  coreFeatures,
  eccentricOfJob,
  entry,
  JOB_SCHEMA,
  jobDocumentSchema,
  jobFacts,
  migrateJobDocument,
  planPartOf,
  stockOfJob,
  coreLathe,
  taperOfJob,
  taperOfJobIfComplete,
  type FeatureDocument,
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
    const tolerance = { ...job().tolerance, coneZone: entry('0.02 mm') };
    expect(taperOfJob(job({ features: [shank()], tolerance }))?.task.tolerance.overLength).toBeCloseTo(
      0.02,
      12,
    );
  });
  it('knows whether the part is complete and whether it has a taper at all', () => {
    expect(jobFacts(job())).toMatchObject({ partComplete: false, hasTaper: false, halfAngle: null });
    expect(jobFacts(job({ features: [shank()] }))).toMatchObject({ partComplete: true, hasTaper: true });
    const half = job({
      features: [{ id: 'a', name: 'Body', kind: 'cylinder', side: 'external', diameter: entry('40 mm') }],
    });
    expect(jobFacts(half)).toMatchObject({ partComplete: false, hasTaper: false });
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
      eccentric: {
        way: 'packing',
        toward: 2,
        limit: entry('0.05 mm'),
        jaws: 'wide',
        screw: 'M6',
        valve: { lap: entry('2 mm'), drive: 'direct', turns: 'clockwise' },
      },
    });
    expect(jobDocumentSchema.safeParse(document).error).toBeUndefined();
    expect(jobDocumentSchema.safeParse(job({ eccentric: { toward: 5 } as never })).success).toBe(false);
    expect(jobDocumentSchema.safeParse(job({ eccentric: { limit: entry('-1 mm') } as never })).success).toBe(
      false,
    );
  });
  it('is about the throw chosen, or the first; a taper comes before either', () => {
    const two = [disc, { ...disc, id: 'f', name: 'Second' }];
    expect(eccentricOfJob(job({ features: two }))).toMatchObject({ id: 'e', throw: 4.75, width: 18 });
    expect(eccentricOfJob(job({ features: two, eccentric: { feature: 'f' } }))?.id).toBe('f');
    expect(eccentricOfJob(job({ features: [shank(), disc] }))).toBeNull();
    expect(eccentricOfJob(job())).toBeNull();
  });
  it('says what its progress depends on', () => {
    expect(jobFacts(job({ features: [disc, bore] })).eccentric).toEqual({
      id: 'e',
      throw: 4.75,
      bored: true,
      way: null,
    });
    expect(jobFacts(job({ features: [disc], eccentric: { way: 'four-jaw' } })).eccentric).toMatchObject({
      bored: false,
      way: 'four-jaw',
    });
  });
});

describe('a job of an older form', () => {
  it.each([1, 2, 3])('a job of form %d is read as one of the present', (schema) => {
    const now = job();
    expect(migrateJobDocument({ ...now, schema })).toEqual(now);
    expect(() => migrateJobDocument({ ...now, schema: JOB_SCHEMA + 1 })).toThrow(
      expect.objectContaining({ code: 'newer-document' }),
    );
  });
  it('a printer measured by the bar of form 3 is told by the shorter one of form 4', () => {
    const now = job();
    const older = { ...now, schema: 3, curve: { printedBar: entry('100.4 mm'), nose: entry('0.8 mm') } };
    const { curve } = jobDocumentSchema.parse(migrateJobDocument(older));
    expect(curve?.printedBar?.value).toBeCloseTo(50.2, 9);
    expect(curve?.nose).toEqual(older.curve.nose);
  });
});

describe('a job as its line of work is worked out from', () => {
  const withBody = { ...job(), features: [shank()] };
  it('takes the usual bar until one is said, and then that', () => {
    expect(stockOfJob(withBody)).toMatchObject({ shape: 'round', across: 26 });
    const stock = { shape: 'hex' as const, across: entry('1 in'), length: entry('120 mm') };
    expect(stockOfJob({ ...withBody, stock })).toEqual({ shape: 'hex', across: 25.4, length: 120 });
    expect(jobDocumentSchema.parse({ ...withBody, stock }).stock).toEqual(stock);
  });
  it('gives each feature the way that was chosen for it', () => {
    const way = { id: 'tailstock' as const, machineId: 'm', halfAngle: 0.025 };
    const part = planPartOf({ ...withBody, way }, coreLathe(LONG_LATHE), NO_KIT);
    expect(part.ways).toEqual({ [shank().id]: 'tailstock' });
    expect(part.quantity).toBe(withBody.quantity);
    expect(part.cut?.allowance).toBe(withBody.cut.allowance.value);
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

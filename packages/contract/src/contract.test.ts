import { solveTaperFeature } from '@anello/core/part';
import { TAPER_SERIES, taperSize } from '@anello/core/taper';
import { describe, expect, it } from 'vitest';
import {
  coreFeatures,
  eccentricOfJob,
  entry,
  entrySchema,
  jobDocumentSchema,
  jobFacts,
  migrateJobDocument,
  newJobDocument,
  recordSchema,
  settingSchema,
  taperFigures,
  taperOfJob,
  taperOfJobIfComplete,
  valuesOf,
  type FeatureDocument,
  type JobDocument,
} from './index';

const shank = (over: Partial<Extract<FeatureDocument, { kind: 'taper' }>> = {}): FeatureDocument => ({
  id: 't',
  name: 'Shank',
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  ...taperFigures(taperSize('morse-iso', '3'), 'external'),
  ...over,
});
const job = (over: Partial<JobDocument> = {}): JobDocument => ({
  ...newJobDocument({ number: 'J-1', title: 'Shank', machineId: 'm' }),
  ...over,
});

describe('a typed figure', () => {
  it('keeps what was typed beside what it was read as', () => {
    expect(entry('1-5/16 in')).toEqual({ typed: '1-5/16 in', value: 33.3375 });
    expect(entry('7/24', 'taper').value).toBeCloseTo(7 / 24, 12);
    expect(entry(`1°26'16"`, 'angle').value).toBeCloseTo(0.025094, 6);
  });
  it('is refused when the two do not agree, or the text cannot be read', () => {
    const schema = entrySchema('length');
    expect(schema.safeParse({ typed: '12.5 mm', value: 12.5 }).success).toBe(true);
    expect(schema.safeParse({ typed: '12.5 mm', value: 12.6 }).success).toBe(false);
    expect(schema.safeParse({ typed: 'twelve', value: 12 }).error?.issues[0]?.message).toMatch(
      /Could not read|not a unit/,
    );
    expect(schema.safeParse({ typed: '1°', value: 1 }).error?.issues[0]?.message).toContain('takes a length');
    expect(schema.safeParse({ typed: '', value: 0 }).success).toBe(false);
    expect(schema.safeParse({ typed: '1 mm', value: Infinity }).success).toBe(false);
  });
  it('becomes a plain number wherever it stands in a document', () => {
    const nested = { a: entry('1 in'), list: [{ b: entry('2 mm') }, { c: 'text' }], none: null, flag: true };
    expect(valuesOf(nested)).toEqual({ a: 25.4, list: [{ b: 2 }, { c: 'text' }], none: null, flag: true });
    expect(nested.a.typed).toBe('1 in');
  });
});

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

describe('a size from the tables', () => {
  const complete = TAPER_SERIES.flatMap((s) => s.sizes).filter(
    (s) => s.gaugeDiameter !== null && s.length !== null,
  );
  it.each(complete)('$name ($series) becomes figures that solve to the table’s own', (size) => {
    const feature = { ...shank(), ...taperFigures(size, 'external') } as FeatureDocument;
    expect(jobDocumentSchema.safeParse(job({ features: [feature] })).error).toBeUndefined();
    const solved = solveTaperFeature(coreFeatures([feature])[0] as never);
    expect(solved.gaugeDiameter).toBeCloseTo(size.gaugeDiameter!, 6);
    expect(solved.smallDiameter).toBeCloseTo(size.gaugeDiameter! - size.length! * size.ratio, 5);
    expect(solved.ratio).toBeCloseTo(size.ratio, 9);
  });
  it('stops a socket at its gauge line, and leaves out what the table leaves out', () => {
    const socket = taperFigures(taperSize('morse-iso', '3'), 'internal');
    expect([socket.beyondGauge?.value, socket.length?.value]).toEqual([0, 81]);
    expect(taperFigures(taperSize('general', '1:12'), 'external')).not.toHaveProperty('length');
    expect(taperFigures(taperSize('taper-pin-metric', '6'), 'external').smallDiameter?.value).toBe(6);
  });
  it('is typed in the table’s own unit', () => {
    expect(taperFigures(taperSize('morse-inch', '3'), 'external')).toMatchObject({
      gaugeDiameter: { typed: '0.938 in' },
      ratio: { typed: '0.60235 in/ft' },
    });
  });
});

describe('rows', () => {
  const row = {
    id: '00000001-0000-4000-8000-000000000001',
    jobId: 'j-101',
    piece: 1,
    at: '2026-11-20T10:00:00.000Z',
    operator: 'RK',
    body: { kind: 'note', text: 'Bar cleaned.' },
  };
  it('have a client’s own id, a time and somebody’s hand', () => {
    expect(recordSchema.safeParse(row).success).toBe(true);
    for (const bad of [
      { id: 'one' },
      { at: 'yesterday' },
      { operator: ' ' },
      { piece: 0 },
      { body: { kind: 'note', text: '' } },
    ]) {
      expect(recordSchema.safeParse({ ...row, ...bad }).success).toBe(false);
    }
  });
  it('never hold a figure that is not one', () => {
    const standOff = (seen: unknown) => ({
      kind: 'stand-off',
      seen,
      halfAngle: 0.025,
      diameterLeft: 0.08,
      typed: '1.6',
    });
    expect(recordSchema.safeParse({ ...row, body: standOff(1.6) }).success).toBe(true);
    for (const seen of [NaN, Infinity, '1.6', null])
      expect(recordSchema.safeParse({ ...row, body: standOff(seen) }).success).toBe(false);
  });
  it('a setting may say that nothing is known any more', () => {
    const { piece: _piece, body: _body, ...base } = row;
    const setting = {
      ...base,
      machineId: 'm',
      device: 'compound',
      halfAngle: null,
      workLength: null,
      jobNumber: null,
      how: 'disturbed',
    };
    expect(settingSchema.safeParse(setting).success).toBe(true);
    expect(settingSchema.safeParse({ ...setting, device: 'chuck' }).success).toBe(false);
  });
});

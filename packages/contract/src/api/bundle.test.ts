import { describe, expect, it } from 'vitest';
import { JOB_SCHEMA, MACHINE_SCHEMA } from '../forms';
import { LONG_LATHE } from '../machine/machines.testdata';
import { job } from '../job/jobs.testdata';
import { bundleQuerySchema, importQuerySchema, migrateBundle } from './bundle';
import { broughtUp } from '../migrate';

const FIRST_LATHE = { schema: 1, name: 'Old', attachment: { maximum: 8, division: 5 }, compound: null };

describe('a shop’s file of an older form', () => {
  it('has its lathes and jobs brought to the present one, and the rest as it is', () => {
    const raw = {
      format: 'x',
      kit: [{ id: 'k', document: { schema: 0 } }],
      machines: [
        { id: 'm', document: FIRST_LATHE },
        { id: 'n', document: LONG_LATHE },
      ],
      jobs: [{ id: 'j', document: job() }],
    };
    const found = migrateBundle(raw) as typeof raw & { machines: { document: { schema: number } }[] };
    expect(found.machines.map(({ id, document }) => [id, document.schema])).toEqual([
      ['m', MACHINE_SCHEMA],
      ['n', MACHINE_SCHEMA],
    ]);
    expect(found.machines[0]!.document).toMatchObject({
      archived: false,
      attachment: { maximum: 8, scale: { unit: 'half-angle', division: 5 } },
      chucks: [],
      changeGears: [],
      spindle: { taper: '' },
      readout: null,
      minutes: {},
    });
    expect(found.machines[0]!.document).not.toHaveProperty('attachment.division');
    expect(found.jobs[0]!.document.schema).toBe(JOB_SCHEMA);
    expect([found.kit, found.format]).toEqual([raw.kit, 'x']);
  });
  it('without lathes or jobs, or none at all, is left for the schema to refuse', () => {
    expect(migrateBundle({ kit: [] })).toEqual({ kit: [] });
    expect(migrateBundle({ machines: 'none', jobs: null })).toEqual({ machines: 'none', jobs: null });
    for (const raw of [null, 'text', 7]) expect(migrateBundle(raw)).toBe(raw);
    const rows = ['no row', null, { id: 'm' }, { id: 'n', document: { schema: 1 } }];
    expect((migrateBundle({ machines: rows }) as { machines: unknown[] }).machines.slice(0, 2)).toEqual([
      'no row',
      null,
    ]);
  });
  it('of a newer Anello is refused with which of its things', () => {
    expect(() => migrateBundle({ jobs: [{ id: 'j', document: { schema: JOB_SCHEMA + 1 } }] })).toThrow(
      expect.objectContaining({ code: 'newer-document', field: 'schema' }),
    );
  });
});

describe('a document of an older form', () => {
  const forms = {
    what: 'thing',
    present: 3,
    steps: {
      1: (older: object) => ({ ...older, first: true }),
      2: (older: object) => ({ ...older, second: true }),
    },
  };
  it('is brought up a form at a time, from wherever it is', () => {
    expect(broughtUp({ schema: 1 }, forms)).toEqual({ schema: 3, first: true, second: true });
    expect(broughtUp({ schema: 2 }, forms)).toEqual({ schema: 3, second: true });
    const now = { schema: 3 };
    expect(broughtUp(now, forms)).toBe(now);
  });
  it('of no form, or of one that never was, is handed on as it is', () => {
    for (const raw of [null, {}, { schema: '1' }, { schema: 0 }, { schema: -1 }])
      expect(broughtUp(raw, forms)).toBe(raw);
    expect(() => broughtUp({ schema: 4 }, forms)).toThrow(
      'This thing was written by a newer Anello (form 4)',
    );
  });
});

describe('what is asked of a file', () => {
  it('names things by sort and id, with commas between', () => {
    const asked = importQuerySchema.parse({ trial: 'yes', leave: 'jobs:j-101,kit:plug-3,', over: '' });
    expect(asked).toEqual({ trial: 'yes', leave: ['jobs:j-101', 'kit:plug-3'], over: [] });
    expect(importQuerySchema.parse({})).toEqual({});
    for (const leave of ['j-101', 'people:rk', 'jobs:J 101', 'jobs:ab'])
      expect(importQuerySchema.safeParse({ leave }).success).toBe(false);
    expect(importQuerySchema.safeParse({ trial: 'no' }).success).toBe(false);
  });
  it('is the whole shop, or at least one job', () => {
    expect(bundleQuerySchema.parse({})).toEqual({});
    expect(bundleQuerySchema.parse({ jobs: 'j-101,j-102' })).toEqual({ jobs: ['j-101', 'j-102'] });
    expect(bundleQuerySchema.safeParse({ jobs: ',' }).success).toBe(false);
  });
});

import type { RecordBody } from '@anello/core/job';
import { describe, expect, it } from 'vitest';
import { recordBodySchema, recordSchema } from '../index';
import { RECORD_EXAMPLES } from '../../../core/src/job/records/records.testdata';

const examples = Object.values<RecordBody>(RECORD_EXAMPLES);
const good = (body: unknown): boolean => recordBodySchema.safeParse(body).success;
/** What may be left out of a row. */
const OPTIONAL = new Set(['temperature', 'of']);

describe.each(examples)('a kept row of kind $kind', (body) => {
  it('is taken as it is, and comes back the same', () => {
    expect(recordBodySchema.parse(JSON.parse(JSON.stringify(body)))).toEqual(body);
  });
  it('is refused with any of its figures missing, or with one too many', () => {
    for (const key of Object.keys(body).filter((k) => !OPTIONAL.has(k))) {
      const { [key]: _gone, ...rest } = body as unknown as Record<string, unknown>;
      expect(good(rest), key).toBe(false);
    }
    expect(good({ ...body, extra: 1 })).toBe(false);
  });
  it('is refused where a figure is no number at all', () => {
    for (const [key, value] of Object.entries(body).filter(([, v]) => typeof v === 'number'))
      for (const wrong of [Number.NaN, Infinity, String(value)])
        expect(good({ ...body, [key]: wrong }), `${key} ${wrong}`).toBe(false);
  });
});

it('a row says of which job and piece it is, by whom and when', () => {
  const row = {
    id: '7f1b0f5e-3a55-4b52-9d2e-1f6a8f0c1a2b',
    jobId: 'j-104',
    piece: 1,
    at: '2026-11-20T09:30:00.000Z',
    operator: 'RK',
    body: RECORD_EXAMPLES.joint,
  };
  expect(recordSchema.parse(row)).toEqual(row);
  for (const wrong of [
    { id: 'seven' },
    { piece: 0 },
    { at: 'yesterday' },
    { operator: '' },
    { operator: 'someone with a long name' },
    { jobId: '' },
  ])
    expect(recordSchema.safeParse({ ...row, ...wrong }).success).toBe(false);
});

it('an unknown kind is refused', () => {
  expect(good({ kind: 'guess', value: 1 })).toBe(false);
});

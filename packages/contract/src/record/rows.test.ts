import { describe, expect, it } from 'vitest';
import { recordSchema, settingSchema } from '../index';

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

import { describe, expect, it } from 'vitest';
import { newWork } from './work/new';
import { operationOf } from './work/operation';

const of = (kind: 'taper' | 'eccentric' | 'curve', work: object = {}, plan?: object[]): string =>
  operationOf({ work: { f: { ...newWork(kind), ...work } }, plan } as never, { feature: 'f', kind });
const held = (...operations: object[]) => [{ id: 'h', operations }];

describe('the operation a shape is worked in', () => {
  it('is the one that is always proposed while the job has no order of its own', () => {
    expect([of('taper'), of('eccentric'), of('curve')]).toEqual(['taper-f', 'eccentric-f', 'curve-f']);
    expect(of('taper', { way: { id: 'form-tool', machineId: 'm', halfAngle: 0.1 } })).toBe('taper-f');
  });
  it('of a curve by a form tool is a plunge', () => {
    expect(of('curve', { way: 'form-tool' })).toBe('plunge-f');
    expect(of('curve', { way: 'steps' })).toBe('curve-f');
  });
  it('is as the job’s own order names it, where that works this shape', () => {
    const own = { id: 'own', kind: 'taper', features: ['f'] };
    expect(of('taper', {}, held({ id: 'x', kind: 'turn', features: ['f'] }, own))).toBe('own');
    expect(of('taper', {}, held({ ...own, features: ['g'] }))).toBe('taper-f');
    expect(of('curve', {}, held({ id: 'dip', kind: 'plunge', features: ['f'] }))).toBe('dip');
    expect(of('eccentric', {}, held(own))).toBe('eccentric-f');
  });
});

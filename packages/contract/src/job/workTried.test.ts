import { USUAL_CURVE } from '@anello/core/curve';
import { describe, expect, it } from 'vitest';
import { entry, newWork, workTried, type FeatureDocument } from '..';
import { shank } from './jobs.testdata';

const profile = (side: 'external' | 'internal', places: readonly (readonly [string, string])[]) =>
  ({
    id: 'p',
    name: 'Foot',
    kind: 'profile',
    side,
    points: places.map(([z, diameter]) => ({ z: entry(z), diameter: entry(diameter) })),
  }) as FeatureDocument;
const FOOT = [
  ['0 mm', '40 mm'],
  ['10 mm', '20 mm'],
] as const;
const made = { until: 'made' } as const;

describe('what of a job is tried at the practice lathe', () => {
  it('is a curve outside, along it from its headstock end, with the nose and the limit of its work or the usual', () => {
    const features = [profile('external', FOOT)];
    const tried = workTried({ features, work: {} }, 'p', made);
    expect(tried).toMatchObject({ kind: 'curve', nose: USUAL_CURVE.nose, limit: USUAL_CURVE.limit });
    if (tried?.kind !== 'curve') return;
    expect([tried.points[0], tried.points.at(-1)]).toEqual([
      { z: 0, r: 20 },
      { z: 10, r: 10 },
    ]);
    const work = { p: { ...newWork('curve'), nose: entry('3 mm'), limit: entry('0.05 mm') } };
    expect(workTried({ features, work }, 'p', made)).toMatchObject({ nose: 3, limit: 0.05 });
  });
  it('is a throw as it is drawn, held to the limit of its work or the usual, and none that runs true', () => {
    const throwOf = (off: string) =>
      ({
        ...{ id: 'e', name: 'Pin', kind: 'eccentric', side: 'external' },
        ...{ diameter: entry('20 mm'), length: entry('16 mm'), throw: entry(off) },
      }) as FeatureDocument;
    const tried = (off: string, work = {}) => workTried({ features: [throwOf(off)], work }, 'e', made);
    expect(tried('5 mm')).toMatchObject({ kind: 'throw', throw: 5, diameter: 20, length: 16, limit: 0.05 });
    expect(tried('5 mm', { e: { kind: 'eccentric', mate: '', limit: entry('0.1 mm') } })).toMatchObject({
      limit: 0.1,
    });
    expect(tried('0 mm')).toBeNull();
    expect(
      workTried({ features: [{ ...throwOf('5 mm'), diameter: undefined } as never], work: {} }, 'e', made),
    ).toBeNull();
  });
  it('is no curve in a bore, and none whose figures are missing or cannot be', () => {
    const of = (feature: FeatureDocument) => workTried({ features: [feature], work: {} }, 'p', made);
    expect(of(profile('internal', FOOT))).toBeNull();
    expect(of(profile('external', [FOOT[0]]))).toBeNull();
    expect(of({ ...profile('external', FOOT), points: [{}, {}] } as FeatureDocument)).toBeNull();
  });
  it('is all the grooves of a part at once, with what their bottoms may be out by', () => {
    const of = (id: string, more: object) => ({ id, name: id, side: 'external', ...more }) as FeatureDocument;
    const land = (id: string) =>
      of(id, { kind: 'cylinder', diameter: entry('30 mm'), length: entry('4 mm') });
    const groove = (id: string, bottom: string) =>
      of(id, { kind: 'groove', diameter: entry(bottom), length: entry('3 mm') });
    const features = [land('a'), groove('g', '24 mm'), land('b'), groove('h', '22 mm'), land('c')];
    const tried = workTried({ features, work: {} }, 'g', made);
    expect(tried).toMatchObject({ kind: 'plunge', band: USUAL_CURVE.bottomBand });
    if (tried?.kind !== 'plunge') return;
    expect(tried.grooves.map(({ name, bottom }) => [name, bottom])).toEqual([
      ['g', 24],
      ['h', 22],
    ]);
    expect(tried.width).toBeCloseTo(10, 9);
    // One of them that cannot be told lets the others wait too.
    const half = [...features, of('i', { kind: 'groove' }), land('d')];
    expect(workTried({ features: half, work: {} }, 'g', made)).toBeNull();
    expect(
      workTried({ features: [...features, of('d', { kind: 'cylinder' })], work: {} }, 'g', made),
    ).not.toBeNull();
    const unsaid = [land('a'), of('g', { kind: 'groove' })];
    expect(workTried({ features: unsaid, work: {} }, 'g', made)).toBeNull();
  });
  it('is a taper in the way that is named, or the one chosen; a shape nobody knows is nothing', () => {
    const features = [shank()];
    expect(workTried({ features, work: {} }, 't', made)).toBeNull();
    expect(workTried({ features, work: {} }, 't', { until: 'set', way: 'compound' })).toMatchObject({
      kind: 'cone',
      way: 'compound',
      until: 'set',
      task: { member: 'external' },
    });
    expect(workTried({ features, work: {} }, 'x', made)).toBeNull();
  });
});

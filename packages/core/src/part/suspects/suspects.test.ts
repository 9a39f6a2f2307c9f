import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { LONG, SHORT } from '../../testkit.testdata';
import type { Feature } from '../kinds/registry';
import { inDivisions } from './inDivisions';
import { featureMixUps } from './registry';

const base = { id: 'f', name: 'F', side: 'external' } as const;

describe('a feature’s figures that look like slips', () => {
  it('a taper’s cost lies at its far end; what is not settled yet is let be', () => {
    const taper: Feature = {
      ...base,
      kind: 'taper',
      largeEnd: 'headstock',
      gaugeDiameter: 23.825,
      ratio: 1 / 20,
      length: 81,
    };
    const [one] = featureMixUps(taper);
    expect(one).toMatchObject({ key: 'ratio', dimension: 'taper', offer: '1:19.922' });
    expect(one!.cost.value).toBeCloseTo(81 * (1 / 19.922 - 1 / 20), 9);
    expect(featureMixUps({ ...taper, length: undefined })).toEqual([]);
  });
  it('a throw rounded from a fraction is out twice over in the travel', () => {
    const [one] = featureMixUps({ ...base, kind: 'eccentric', throw: 0.188 * 25.4 });
    expect(one).toMatchObject({ key: 'throw', offer: '3/16 in' });
    expect(one!.cost.value).toBeCloseTo(2 * 0.0005 * 25.4, 9);
    expect(plainText(one!.said)).toContain('3/16 in rounded off');
    expect(featureMixUps({ ...base, kind: 'eccentric', throw: 4.75 })).toEqual([]);
    expect(featureMixUps({ ...base, kind: 'cylinder', diameter: 0.188 * 25.4 })).toEqual([]);
  });
  it('is counted on the dial as the dial reads', () => {
    expect(inDivisions(0.2, LONG.dial)?.value).toBeCloseTo(0.2 / 0.05, 9);
    expect(inDivisions(0.2, SHORT.dial)?.value).toBeCloseTo(0.1 / 0.0254, 9);
    expect(inDivisions(0.001, LONG.dial)).toBeNull();
  });
  it('is told from the least that can be set apart on, and whole from ten on', () => {
    const by = (divisions: number) =>
      inDivisions(divisions, { ...LONG.dial, reads: 'diameter', division: 1 });
    expect(by(0.05)).toMatchObject({ value: 0.05, resolution: 0.1 });
    expect(by(9.9)?.resolution).toBe(0.1);
    expect(by(10)?.resolution).toBe(1);
  });
});

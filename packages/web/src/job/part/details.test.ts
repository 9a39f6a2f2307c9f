import { entry, type FeatureDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { limitFieldsOf, newFeature } from './featureFields';

const body: FeatureDocument = {
  id: 'a',
  name: 'Body',
  kind: 'cylinder',
  side: 'external',
  diameter: entry('40 mm'),
  length: entry('30 mm'),
};

describe('a new feature that lies on others', () => {
  it('lies on the one that is looked at', () => {
    expect(newFeature('chamfer', 'n', 'Chamfer', body)).toEqual({
      id: 'n',
      name: 'Chamfer',
      kind: 'chamfer',
      side: 'external',
      at: 'tailstock',
      on: 'a',
    });
  });
  it('never on another detail, and a tang on an end of the part', () => {
    const chamfer = newFeature('chamfer', 'n', 'Chamfer', body);
    expect(newFeature('flats', 'm', 'Flats', chamfer)).not.toHaveProperty('on');
    expect(newFeature('tang', 'm', 'Tang', body)).not.toHaveProperty('on');
  });
  it('asks for no fit and no finish', () => {
    expect(limitFieldsOf({ kind: 'cross-hole', side: 'external' })).toEqual([]);
    expect(limitFieldsOf({ kind: 'cylinder', side: 'external' }).length).toBe(4);
  });
});

import { entry } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import { useJob } from '../../data/stores/job';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useFeatureEdit } from './useFeatureEdit';

const screen = useOnScreen();
const of = (id: string) =>
  useJob().document!.features.find((f) => f.id === id) as unknown as Record<string, unknown>;
const editing = (id = 't') => {
  const feature = ref(id);
  const { desk } = screen.work(shankJob('attachment'), () => useFeatureEdit(() => feature.value));
  return { desk, feature };
};

describe('a feature that is edited', () => {
  it('has a figure as it was typed, of itself alone', () => {
    const { desk, feature } = editing();
    desk.setField('length', entry('90 mm'));
    expect(of('t')['length']).toEqual(entry('90 mm'));
    expect(of('b')['length']).toEqual(entry('50 mm'));
    feature.value = 'b';
    desk.setField('length', entry('40 mm'));
    expect([of('t')['length'], of('b')['length']]).toEqual([entry('90 mm'), entry('40 mm')]);
  });
  it.each([undefined, null])('loses a figure that is taken out (%s)', (nothing) => {
    const { desk } = editing('b');
    desk.setField('length', nothing);
    expect(of('b')).not.toHaveProperty('length');
  });
  it.each([
    ['ratio', false],
    ['halfAngle', false],
    ['gaugeDiameter', false],
    ['largeDiameter', false],
    ['smallDiameter', false],
    ['length', true],
    ['name', true],
  ])('of a table is no longer the table’s when its %s is changed by hand: %s', (key, still) => {
    const { desk } = editing();
    desk.change((feature) => void (feature['series'] = { id: 'morse', size: '3' }));
    desk.setField(key, key === 'name' ? 'Nose' : entry('0.05', 'number'));
    expect('series' in of('t')).toBe(still);
  });
  it('that is not there is not made', () => {
    const { desk } = editing('gone');
    const before = useJob().document!.features;
    desk.setField('length', entry('90 mm'));
    expect(useJob().document!.features).toEqual(before);
  });
});

import { entry, type FeatureDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { h, nextTick, ref } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import MixUps from './MixUps.vue';

const screen = useOnScreen();
/** 0.187 in is what people write for 3/16. */
const eccentric = (id: string): FeatureDocument => ({
  id,
  name: `Eccentric ${id}`,
  kind: 'eccentric',
  side: 'external',
  diameter: entry('54 mm'),
  length: entry('18 mm'),
  throw: entry('0.187 in'),
});
const throwOf = (id: string): string =>
  (useJob().document!.features.find((f) => f.id === id) as unknown as { throw: { typed: string } }).throw
    .typed;

describe('a figure taken for another, and had back', () => {
  it('is had back at the feature it was of, though another is looked at by then', async () => {
    const shown = ref('a');
    const features = [eccentric('a'), eccentric('b')];
    const host = screen.show(shankJob('attachment', { features, work: {} }), {
      setup: () => () =>
        h(MixUps, { feature: useJob().document!.features.find((f) => f.id === shown.value)! }),
    });
    host.querySelector('button')!.click();
    await nextTick();
    expect([throwOf('a'), throwOf('b')]).toEqual(['3/16 in', '0.187 in']);
    shown.value = 'b';
    await nextTick();
    host.querySelector('button')!.click();
    await nextTick();
    expect(throwOf('b')).toBe('3/16 in');
    shown.value = 'a';
    await nextTick();
    useScreen().undoable!.run();
    expect([throwOf('a'), throwOf('b')]).toEqual(['3/16 in', '0.187 in']);
  });
});

import { entry } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { useMounted } from '../../testkit/mounted';
import { useKeptEntries, type KeptEntries } from './useKeptEntries';
import { useMeasuredPlaces } from './useMeasuredPlaces';

const { within } = useMounted();

describe('figures typed at the machine', () => {
  it('are kept by name, taken out by nothing, and outlive the screen', async () => {
    const first = within(() => useKeptEntries('hold.1'));
    expect(first.found.empty.value).toBe(true);
    first.found.set('1', entry('0.2 mm'));
    first.found.set('2', entry('1/64 in'));
    first.found.set('1', undefined);
    await nextTick();
    first.leave();
    const again = within(() => useKeptEntries('hold.1')).found;
    expect(again.value('1')).toBeUndefined();
    expect(again.entry('2')).toEqual(entry('1/64 in'));
    expect(again.empty.value).toBe(false);
  });
  it('are another set under another name, and are cleared but for those named', async () => {
    const name = ref('a');
    const { found: kept } = within((): KeptEntries => useKeptEntries(name));
    kept.set('limit', entry('0.05 mm'));
    kept.set('1', entry('1 mm'));
    await nextTick();
    name.value = 'b';
    await nextTick();
    expect(kept.empty.value).toBe(true);
    name.value = 'a';
    await nextTick();
    kept.clear('limit');
    expect(kept.value('limit')).toBe(0.05);
    expect(kept.value('1')).toBeUndefined();
  });
});

describe('measured places', () => {
  it('are read as they are typed, and what cannot be is said by line', () => {
    const { text, read } = within(() => useMeasuredPlaces('m')).found;
    text.value = '0,18\nx,2';
    expect(read.value.places).toEqual([{ z: 0, r: 9 }]);
    expect(read.value.problem).toMatch(/^Line 2:/);
  });
  it('without a unit are in the screen’s', async () => {
    const { text, read } = within(() => useMeasuredPlaces('m')).found;
    text.value = '0,1';
    expect(read.value.places).toEqual([{ z: 0, r: 0.5 }]);
    usePreferences().units = 'inch';
    await nextTick();
    expect(read.value.places).toEqual([{ z: 0, r: 12.7 }]);
  });
});

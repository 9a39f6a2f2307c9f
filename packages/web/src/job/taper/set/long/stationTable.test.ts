import { describe, expect, it } from 'vitest';
import { h, nextTick, ref } from 'vue';
import { fill, plain, press, useMounted } from '../../../../testkit/mounted';
import StationTable from './StationTable.vue';

const { mount } = useMounted();

describe('the table of stations', () => {
  const text = ref('');
  const show = (): HTMLElement =>
    mount({
      render: () =>
        h(StationTable, {
          modelValue: text.value,
          'onUpdate:modelValue': (next: string) => (text.value = next),
        }),
    });
  const type = async (host: HTMLElement, at: string | null, seen: string): Promise<void> => {
    if (at !== null) fill(host, 'Slide stands at', at);
    fill(host, 'Needle reads', seen);
    host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true, bubbles: true }));
    await nextTick();
    await nextTick();
  };
  it('takes one figure a station, and keeps what it cannot read in its box', async () => {
    const host = show();
    await type(host, '0', '0');
    await type(host, '10', '0.25');
    await type(host, null, '0.50');
    expect(text.value).toBe('0; 0\n10; 0.25\n20; 0.50');
    await type(host, null, 'off');
    expect(text.value).toBe('0; 0\n10; 0.25\n20; 0.50');
    expect(host.innerHTML).toContain('off');
    await type(host, null, '0.76');
    expect(text.value.split('\n').at(-1)).toBe('30; 0.76');
    press(host, /Leave out the reading at 0/);
    await nextTick();
    expect(text.value).toBe('10; 0.25\n20; 0.50\n30; 0.76');
    press(host, /reading at 20 again/);
    await nextTick();
    await type(host, null, '0.52');
    expect(text.value).toBe('10; 0.25\n20; 0.52\n30; 0.76');
    expect(plain(host.querySelector('tbody')!.textContent)).not.toContain('0.50');
    await type(host, null, '1.02');
    expect(text.value.split('\n').at(-1)).toBe('40; 1.02');
  });
});

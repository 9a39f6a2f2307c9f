import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { plain } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import BarMapLine from './BarMapLine.vue';

const screen = useOnScreen();
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
};
const travel = Array.from({ length: 160 }, (_, i) => i);
const row = (deep: number, more: object = {}) => ({
  seq: 7,
  number: 'J-088',
  title: 'Earlier',
  machineId: 'long-lathe',
  gone: false,
  record: {
    id: 'r',
    jobId: 'j-88',
    piece: 1,
    at: '2026-11-12T09:00:00.000Z',
    operator: 'RK',
    body: {
      kind: 'swept',
      way: 'attachment',
      beginsAt: 40,
      travel,
      reading: travel.map((z) => 0.025 * z - deep * Math.exp(-(((z - 20) / 15) ** 2))),
    },
  },
  ...more,
});
const shown = async (rows: readonly object[]): Promise<{ host: HTMLElement; asked: string[] }> => {
  const asked: string[] = [];
  vi.stubGlobal('fetch', async (address: string) => {
    asked.push(String(address));
    return new Response(JSON.stringify({ rows, next: null }), {
      headers: { 'content-type': 'application/json' },
    });
  });
  const host = screen.show(shankJob('attachment'), BarMapLine);
  await settled();
  return { host, asked };
};

describe('what is known of the bar', () => {
  it('where it is straight enough for this part, when that was found, and what it leaves', async () => {
    const { host, asked } = await shown([row(0.04)]);
    const said = plain(host.querySelector('.map')!.textContent);
    expect(said).toContain('J-088');
    expect(said).toMatch(/40 to 199 mm of it stray by 0\.0\d\d mm\. Use \d+ to \d+ mm: that leaves/);
    expect(asked[0]).toMatch(/machine=long-lathe&way=attachment&kind=swept/);
  });
  it('nothing where no sweep is kept, or it was taken back', async () => {
    expect((await shown([])).host.querySelector('.map')).toBeNull();
    expect((await shown([row(0.04, { gone: true })])).host.querySelector('.map')).toBeNull();
  });
});

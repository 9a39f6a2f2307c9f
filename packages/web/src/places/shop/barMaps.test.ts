import { afterEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { plain, useMounted } from '../../testkit/mounted';
import BarMaps from './BarMaps.vue';

const { mount } = useMounted();
afterEach(() => vi.unstubAllGlobals());
const travel = Array.from({ length: 100 }, (_, i) => i);
const row = (way: string, deep: number, more: object = {}) => ({
  seq: 1,
  number: `J-${way}`,
  title: '',
  machineId: 'long-lathe',
  gone: false,
  record: {
    jobId: 'j',
    at: '2026-11-12T09:00:00.000Z',
    body: {
      kind: 'swept',
      way,
      travel,
      reading: travel.map((z) => 0.02 * z - deep * Math.exp(-(((z - 20) / 12) ** 2))),
    },
  },
  ...more,
});
const shown = async (rows: readonly object[]): Promise<HTMLElement> => {
  vi.stubGlobal(
    'fetch',
    async () =>
      new Response(JSON.stringify({ rows, next: null }), { headers: { 'content-type': 'application/json' } }),
  );
  const host = mount(BarMaps, { id: 'long-lathe' });
  for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
  return host;
};

describe('a lathe’s map of its bar and slides', () => {
  it('says for each length that was swept which stretch to use, and what it leaves', async () => {
    const host = await shown([row('attachment', 0.03), row('compound', 0), row('attachment', 0.5)]);
    const [bar, slide] = [...host.querySelectorAll('article')].map((one) => plain(one.textContent));
    expect(bar).toContain('J-attachment');
    expect(
      [...host.querySelectorAll('article')[0]!.querySelectorAll('tbody th')].map((th) =>
        plain(th.textContent),
      ),
    ).toEqual(['25 mm', '50 mm', '80 mm']);
    const costs = [...host.querySelectorAll('article')[0]!.querySelectorAll('td:last-child')].map((td) =>
      Number.parseFloat(td.textContent!.replace('under', '')),
    );
    expect(costs[0]).toBeLessThan(0.002);
    expect(costs[2]).toBeGreaterThan(0.005);
    expect(slide).toMatch(/80 mm ?\d+ to \d+ mm ?under 0\.001 mm/);
  });
  it('nothing where nothing was swept, or what was is taken back', async () => {
    expect((await shown([row('attachment', 0.03, { gone: true })])).querySelector('section')).toBeNull();
  });
});

import type { LikenessSaid } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { answering } from '../../testkit/answers';
import { plain, useMounted } from '../../testkit/mounted';
import LatheLikeness from './LatheLikeness.vue';

const { mount } = useMounted();
const point = (n: number, value: number) => ({
  jobId: `j-${n}`,
  number: `J-${n}`,
  at: `2026-11-${String(n % 28).padStart(2, '0')}T10:00:00.000Z`,
  value,
});
const TOOK = {
  kind: 'took',
  device: null,
  way: null,
  mean: 0.87,
  scatter: 0.02,
  changed: null,
  points: [101, 102, 103, 104, 105].map((n) => point(n, 0.86 + n / 10_000)),
};
const said = (more: object = {}): LikenessSaid =>
  ({ shapes: 5, accepted: 4, scrapped: 1, figures: [TOOK], lost: [], ...more }) as unknown as LikenessSaid;
async function show(body: LikenessSaid | null): Promise<HTMLElement> {
  const { asked } = answering(() => (body ? { body } : 'away'));
  const host = mount(LatheLikeness, { id: 'lathe 1' });
  await vi.waitFor(() => expect(asked.map(({ url }) => url)).toEqual(['/api/machines/lathe%201/likeness']));
  await new Promise((resolve) => setTimeout(resolve, 10));
  return host;
}

describe('what a lathe’s records say', () => {
  it('is each figure with its scatter, how many it is from, and the jobs it was seen on', async () => {
    const host = await show(said());
    const text = plain(host.textContent);
    expect(text).toMatch(/from 5 shapes: 4 accepted, 1 scrapped/);
    expect(text).toMatch(/What comes off for each 1\.00 fed ?0\.87/);
    expect(text).toMatch(/± 0\.02, 5 jobs/);
    expect([...host.querySelectorAll('.jobs a')].map((a) => a.getAttribute('href'))).toEqual(
      [102, 103, 104, 105].map((n) => `/job/j-${n}/record`),
    );
  });
  it('names what was lost on it, and why', async () => {
    const lost = [
      {
        jobId: 'j-9',
        number: 'J-9',
        at: '2026-11-02T10:00:00.000Z',
        why: 'Lash not taken up',
        verdict: 'scrap',
      },
    ];
    const host = await show(said({ lost }));
    expect(plain(host.textContent)).toMatch(/Lost on it, and why.*J-9/);
  });
  it('is nothing before anything was made on it, and while the server is away', async () => {
    expect((await show(said({ shapes: 0, figures: [] }))).querySelector('section')).toBeNull();
    expect((await show(null)).querySelector('section')).toBeNull();
  });
});

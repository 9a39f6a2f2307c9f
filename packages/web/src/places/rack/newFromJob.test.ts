import type { JobCard } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { job as jobDocument } from '../../../../contract/src/job/jobs.testdata';
import { plain, useMounted } from '../../testkit/mounted';
import { waitingServer } from '../../testkit/waiting';
import type { Begun } from './begun';
import NewFromJob from './NewFromJob.vue';

const { mount } = useMounted();
const card = (n: number): JobCard =>
  ({ id: `j-${n}`, number: `J-${n}`, title: `Part ${n}`, features: [] }) as never;
const whole = (n: number) => ({
  job: {
    id: `j-${n}`,
    version: 1,
    document: { ...jobDocument(), title: `Part ${n}`, note: 'as it went', due: '2026-11-20', who: 'RK' },
  },
  records: [],
  next: null,
});
async function show() {
  const asked = waitingServer();
  const begun: Begun[] = [];
  const host = mount(NewFromJob, { onBegun: (one: Begun) => begun.push(one) });
  await nextTick();
  await asked[0]!.answer({ jobs: [card(1), card(2)], total: 2 });
  const pick = async (n: number) => {
    [...host.querySelectorAll<HTMLElement>('button.job')]
      .find((one) => plain(one.textContent).includes(`J-${n}`))!
      .click();
    await nextTick();
    return asked.at(-1)!;
  };
  return { host, asked, begun, pick };
}

describe('a part begun as an earlier job', () => {
  it('has that job’s part and nothing that is of the job alone', async () => {
    const { begun, pick } = await show();
    const request = await pick(2);
    expect(request.url).toBe('/api/jobs/j-2');
    await request.answer(whole(2));
    expect(begun).toMatchObject([{ title: 'Part 2', part: { features: jobDocument().features } }]);
    for (const key of ['number', 'quantity', 'note', 'due', 'who', 'order', 'schema'])
      expect(begun[0]!.part).not.toHaveProperty(key);
  });
  it('picked and then another is the other, whichever answer comes last', async () => {
    const { host, begun, pick } = await show();
    const first = await pick(1);
    const second = await pick(2);
    await second.answer(whole(2));
    await first.answer(whole(1));
    expect(begun.map(({ title }) => title)).toEqual(['Part 2']);
    expect(plain(host.querySelector('[aria-pressed="true"]')!.textContent)).toContain('J-2');
  });
  it('that is not answered says so, and one that is picked after it does not', async () => {
    const { host, pick } = await show();
    const lost = await pick(1);
    await lost.lose();
    expect(plain(host.querySelector('[role="status"]')!.textContent)).toContain('the server is away');
    await (await pick(2)).answer(whole(2));
    expect(host.querySelector('[role="status"]')).toBeNull();
  });
});

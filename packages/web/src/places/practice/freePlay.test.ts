import type { JobDocument } from '@anello/contract';
import { DEVICES } from '@anello/core/machine';
import { plainText } from '@anello/core/figure';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { bench } from '../../data/db';
import { useShop } from '../../data/stores/shop';
import { answering } from '../../testkit/answers';
import { emptyBench } from '../../testkit/emptyBench';
import { useMounted } from '../../testkit/mounted';
import { LATHE_ID, shankJob } from '../../testkit/onScreen';
import { nameOf, useFreePlay } from './useFreePlay';

const { within } = useMounted();
let documents: Record<string, JobDocument> = {};
let away = false;
let rack: { id: string; number: string; title?: string }[] = [];
let searched: string[] = [];
const server = () =>
  answering(({ url }) => {
    if (away) return 'away';
    const id = /^\/api\/jobs\/([^?]+)$/.exec(url)?.[1];
    if (id === undefined) searched.push(new URL(url, 'http://shop').searchParams.get('search') ?? 'none');
    if (id === undefined) return { body: { jobs: rack, total: rack.length, machines: [] } };
    const job = { id, version: 1, updatedAt: '2026-11-28T08:00:00.000Z', document: documents[id] };
    return { body: { job, records: [], next: null } };
  });
async function play(asked: { job?: string; feature?: string }) {
  server();
  const shop = useShop();
  shop.machines = [{ id: LATHE_ID, version: 1, document: LONG_LATHE, settings: [] }];
  shop.loaded = true;
  const { found: desk } = within(() => useFreePlay(asked));
  if (asked.job) await vi.waitFor(() => expect(desk.why.value !== null || desk.ready.value).toBe(true));
  await nextTick();
  return desk;
}
const whyNot = (desk: Awaited<ReturnType<typeof play>>): string => plainText(desk.why.value ?? []);

beforeEach(async () => {
  await emptyBench();
  away = false;
  rack = [];
  searched = [];
  documents = { 'j-1': shankJob('attachment') };
});

describe('a job tried first', () => {
  it('begins with its first shape, the way that is chosen for it, on its own lathe', async () => {
    const desk = await play({ job: 'j-1' });
    expect(desk.form).toMatchObject({ feature: 't', way: 'attachment', own: true });
    expect(desk.shapes.value.map(({ value }) => value)).toEqual(['t']);
    expect(desk.ways.value.map(({ value }) => value)).toEqual([...DEVICES]);
    expect(desk.lathe.value).toBe(LONG_LATHE.name);
    expect(desk.ready.value).toBe(true);
  });

  it('has nothing to pick before the job has come, and the practice corner’s lathe where its own is not here', async () => {
    const desk = await play({});
    expect([desk.shapes.value, desk.ways.value, desk.lathe.value, desk.why.value]).toEqual([
      [],
      [],
      null,
      null,
    ]);
    expect(desk.ready.value).toBe(false);
    documents['j-1'] = { ...shankJob('attachment'), machineId: 'gone' };
    const elsewhere = await play({ job: 'j-1' });
    expect(elsewhere.lathe.value).toBeNull();
    expect(elsewhere.ready.value).toBe(true);
  });
  it('is picked from those of the rack', async () => {
    rack = [
      { id: 'j-1', number: 'J-1' },
      { id: 'j-2', number: 'J-2' },
    ];
    const desk = await play({});
    await vi.waitFor(() => expect(desk.jobs.value.map(({ number }) => number)).toEqual(['J-1', 'J-2']));
    expect(desk.ready.value).toBe(false);
  });

  it('is found by words, and the one that is picked stands there whatever is found', async () => {
    rack = [{ id: 'j-7', number: 'J-7', title: 'Hub' }];
    const desk = await play({ job: 'j-1' });
    await vi.waitFor(() => expect(desk.jobs.value).toHaveLength(2));
    const [mine, other] = desk.jobs.value;
    const { number, title } = documents['j-1']!;
    expect(mine).toEqual({ id: 'j-1', number, title });
    expect([other!.id, nameOf(mine!)]).toEqual(['j-7', `${number} ${title}`]);
    rack = [{ id: 'j-1', number, title }];
    desk.search.value = 'hub & co';
    await vi.waitFor(() => expect(desk.jobs.value).toHaveLength(1));
    rack = [{ id: 'j-7', number: 'J-7', title: 'Hub' }];
    desk.search.value = 'hub';
    await vi.waitFor(() => expect(desk.jobs.value.map(({ id }) => id)).toEqual(['j-7', 'j-1']));
    desk.search.value = nameOf(mine!);
    await vi.waitFor(() => expect(searched).toEqual(['', 'hub & co', 'hub', '']));
    // One that was just picked stands there too, before the job itself has come.
    desk.form.job = 'j-7';
    desk.search.value = 'J-7 Hub';
    await vi.waitFor(() => expect(searched).toEqual(['', 'hub & co', 'hub', '', '']));
  });
  it('whose feature is not there any more begins with one that is', async () => {
    expect((await play({ job: 'j-1', feature: 'gone' })).form.feature).toBe('t');
  });

  it('without a shape, or with figures missing, says why not', async () => {
    const plainJob = shankJob('attachment');
    documents['j-2'] = {
      ...plainJob,
      features: plainJob.features.filter((f) => f.kind === 'cylinder'),
      work: {},
    };
    const none = await play({ job: 'j-2' });
    expect(whyNot(none)).toMatch(/no taper, throw, curve or groove/);
    expect(none.ready.value).toBe(false);
    const features = plainJob.features.map((f) => (f.kind === 'taper' ? { ...f, length: undefined } : f));
    documents['j-3'] = { ...plainJob, features: features as JobDocument['features'] };
    const open = await play({ job: 'j-3' });
    expect(whyNot(open)).toMatch(/not complete/);
    expect(open.ready.value).toBe(false);
  });

  it('says when the shop cannot be asked', async () => {
    away = true;
    const desk = await play({});
    await vi.waitFor(() => expect(desk.away.value).toBe(true));
  });

  it('is put on the practice lathe with its way, its lathe and the faults that were chosen, and nothing of its plan', async () => {
    documents['j-1'] = { ...documents['j-1']!, order: 'A-7', plan: [] } as unknown as JobDocument;
    const desk = await play({ job: 'j-1' });
    desk.form.way = 'compound';
    desk.form.level = 0;
    await nextTick();
    const address = await desk.begin();
    const [kept, ...others] = await (await bench()).getAll('practice');
    expect(others).toEqual([]);
    expect(address).toBe(`/job/${kept!.id}/set/t`);
    expect(kept).toMatchObject({
      feature: 't',
      until: 'made',
      way: 'compound',
      exercise: null,
      hidden: { level: 0 },
    });
    const { document } = kept!.row;
    expect(document).toMatchObject({ number: documents['j-1']!.number, quantity: 1 });
    expect(document.work['t']).toMatchObject({ way: { id: 'compound', machineId: document.machineId } });
    expect(document.machineId).not.toBe(LATHE_ID);
    expect([document.plan ?? null, document.order ?? '']).toEqual([null, '']);
  });

  it('off its own lathe is worked on the practice corner’s', async () => {
    const desk = await play({ job: 'j-1' });
    desk.form.own = false;
    await nextTick();
    await desk.begin();
    const [kept] = await (await bench()).getAll('practice');
    expect(kept!.row.document.machineId).toBe('practice-lathe');
  });
});

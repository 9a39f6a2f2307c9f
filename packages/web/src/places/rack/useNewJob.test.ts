import type { JobRow } from '@anello/contract';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { useShop } from '../../data/stores/shop';
import { answering, refusing, type Answer } from '../../testkit/answers';
import { useMounted } from '../../testkit/mounted';
import { useNewJob } from './useNewJob';

const { within } = useMounted();
let next = 'J-101';
let adding: (body: { id: string; document: JobRow['document'] }) => Answer;
const desk = () => within(useNewJob).found;
const server = () =>
  answering(({ method, body }) =>
    method === 'GET' ? { body: { number: next } } : adding(body as Parameters<typeof adding>[0]),
  );

beforeEach(() => {
  next = 'J-101';
  adding = (body) => ({ body: { ...body, version: 1, updatedAt: '2026-11-28T08:00:00.000Z' } });
});

describe('a new job', () => {
  it('is offered the number that the server says is next', async () => {
    next = 'J-1204';
    const { asked } = server();
    const job = desk();
    await job.prepare();
    expect(job.form.number).toBe('J-1204');
    expect(asked.map(({ url }) => url)).toEqual(['/api/next-number']);
  });

  it('keeps the number and the lathe that were chosen', async () => {
    next = 'J-141';
    const { asked } = server();
    useShop().machines = [{ id: 'm-1', version: 1, document: LONG_LATHE, settings: [] }];
    const job = desk();
    Object.assign(job.form, { number: 'R-7', machineId: 'm-2' });
    await job.prepare();
    expect(job.form).toMatchObject({ number: 'R-7', machineId: 'm-2' });
    expect(asked).toEqual([]);
  });

  it('typed while the next number is on its way is not overwritten by it', async () => {
    next = 'J-141';
    server();
    const job = desk();
    const coming = job.prepare();
    job.form.number = 'R-8';
    await coming;
    expect(job.form.number).toBe('R-8');
  });

  it('has the first lathe, and no number where the server is away', async () => {
    answering(() => 'away');
    useShop().machines = ['m-1', 'm-2'].map((id) => ({ id, version: 1, document: LONG_LATHE, settings: [] }));
    const job = desk();
    await job.prepare();
    expect(job.form).toMatchObject({ number: '', machineId: 'm-1' });
  });

  it('goes to the rack with what was typed and the part it was begun from', async () => {
    const { asked } = server();
    const job = desk();
    Object.assign(job.form, { title: '  Shank  ', machineId: 'm-1', quantity: '3' });
    const { id } = job.form;
    const row = await job.add({ note: 'as last time' } as Parameters<typeof job.add>[0]);
    const sent = asked.at(-1)!.body as { id: string; document: JobRow['document'] };
    expect(sent.id).toBe(id);
    expect(sent.document).toMatchObject({
      number: 'J-101',
      title: 'Shank',
      machineId: 'm-1',
      quantity: 3,
      note: 'as last time',
    });
    expect(row?.id).toBe(id);
    expect(job.busy.value).toBe(false);
  });

  it('once there leaves an empty form with an id of its own, on the same lathe', async () => {
    server();
    const job = desk();
    Object.assign(job.form, { title: 'Shank', machineId: 'm-1', quantity: '3' });
    const { id } = job.form;
    await job.add({});
    expect(job.form).toMatchObject({ number: '', title: '', quantity: '1', machineId: 'm-1' });
    expect(job.form.id).not.toBe(id);
  });

  it('refused at a box says so there, keeps what was typed, and forgets it with the next try', async () => {
    server();
    adding = () => refusing('title', 'This cannot be empty.');
    const job = desk();
    Object.assign(job.form, { number: 'J-7', title: ' ', quantity: '2' });
    expect(await job.add({})).toBeNull();
    expect(job.at('title')).toBe('This cannot be empty.');
    expect(job.at('number')).toBe('');
    expect(job.elsewhere.value).toBe('');
    expect(job.form).toMatchObject({ number: 'J-7', title: ' ', quantity: '2' });
    adding = (body) => ({ body });
    job.form.title = 'Shank';
    expect(await job.add({})).not.toBeNull();
    expect(job.at('title')).toBe('');
  });

  it('refused at something that has no box says it beside the form', async () => {
    server();
    adding = () => refusing('features.0.length', 'A length is more than nothing.');
    const job = desk();
    await job.add({});
    expect(job.elsewhere.value).toBe('A length is more than nothing.');
  });

  it('is kept in its form while the server is away, with the same id for the next try', async () => {
    server();
    adding = () => 'away';
    const job = desk();
    Object.assign(job.form, { title: 'Shank' });
    const { id } = job.form;
    expect(await job.add({})).toBeNull();
    expect(job.elsewhere.value).toMatch(/server is away.*stays here/);
    expect(job.form).toMatchObject({ id, title: 'Shank', number: 'J-101' });
    expect(job.busy.value).toBe(false);
  });
});

describe('a new job that is held', () => {
  const opened = () => within(() => useNewJob('new'));
  it('stands there after a reload as it was typed, with the number that is next now', async () => {
    server();
    const before = opened();
    await before.found.prepare();
    Object.assign(before.found.form, { title: 'Arbor', quantity: '4', machineId: 'm-2' });
    const { id } = before.found.form;
    await nextTick();
    before.leave();
    next = 'J-102';
    const { form, prepare } = opened().found;
    await prepare();
    expect(form).toEqual({ id, number: 'J-102', title: 'Arbor', quantity: '4', machineId: 'm-2' });
  });
  it('keeps a number that was typed', async () => {
    server();
    const before = opened();
    await before.found.prepare();
    before.found.form.number = 'R-7';
    await nextTick();
    before.leave();
    const { form, prepare } = opened().found;
    await prepare();
    expect(form.number).toBe('R-7');
  });
  it('is another one once it is on the rack', async () => {
    server();
    const before = opened();
    await before.found.prepare();
    before.found.offerTitle('Arbor');
    const { id } = before.found.form;
    expect(await before.found.add({})).not.toBeNull();
    await nextTick();
    before.leave();
    const { form } = opened().found;
    expect(form).toMatchObject({ number: '', title: '', quantity: '1' });
    expect(form.id).not.toBe(id);
  });
});

describe('the title of a new job', () => {
  it('follows what is offered, over a reload as well, until one is typed', async () => {
    const before = within(() => useNewJob('new'));
    before.found.offerTitle('Shank');
    before.found.offerTitle('Arbor');
    expect(before.found.form.title).toBe('Arbor');
    await nextTick();
    before.leave();
    const { form, offerTitle } = within(() => useNewJob('new')).found;
    offerTitle('Sleeve');
    expect(form.title).toBe('Sleeve');
    form.title = 'Mine';
    offerTitle('Hub');
    expect(form.title).toBe('Mine');
  });
});

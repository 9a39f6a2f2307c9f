import { entry, PRACTICE_MACHINE, type JobRow, type JobView } from '@anello/contract';
import type { KeptRecord } from '@anello/core/job';
import { PIECE_IDS, pieceOf, type PieceId } from '@anello/core/practice';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { request } from '../../data/api';
import { bench as store } from '../../data/db';
import { answered, endPracticeJob, openPracticeJobs, practiceJob } from '../../data/practice/book';
import { practiceAnsweredBy } from '../../data/practice/answers';
import { isOfPractice, PRACTICE_LATHE_ID, practiceOf, shopsOwn } from '../../data/practice/names';
import { stamp } from '../../data/stamp';
import { useJob } from '../../data/stores/job';
import { useShop } from '../../data/stores/shop';
import { useInUse } from '../../data/wire/inUse';
import { useWire } from '../../data/wire/wire';
import { emptyBench } from '../../testkit/emptyBench';
import { plain, press, useMounted } from '../../testkit/mounted';
import BenchTools from './BenchTools.vue';
import ToolHeightView from './ToolHeightView.vue';
import { pieceJob } from './pieces';
import { beginPractice } from '../../data/practice/begin';
import { useBench } from './useBench';
import { useBenchWire } from './useBenchWire';
import { useReadingsTaken } from './useReadingsTaken';
import { useRuns } from './runs';

const { mount, within } = useMounted();
const reached = vi.fn(async (_url: string) => {
  throw new TypeError('refused');
});
practiceAnsweredBy(async () => answered);
beforeEach(async () => {
  await emptyBench();
  reached.mockClear();
  vi.stubGlobal('fetch', reached);
  useShop().practise([], PRACTICE_MACHINE);
});

const begin = (id: PieceId, level: 0 | 3 = 0): Promise<string> =>
  beginPractice({ ...pieceJob(pieceOf(id)), exercise: id, hidden: { seed: 7, level } });
async function atBench(id: PieceId, level: 0 | 3 = 0) {
  const job = await practiceJob(await begin(id, level));
  const { found: desk, leave } = within(() => useBench(job));
  await vi.waitFor(() => expect(desk!.hand.ready.value).toBe(true));
  return { job, desk: desk!, leave };
}

describe('a practice job', () => {
  it('is kept in this browser and nowhere else: read, changed and kept like any other', async () => {
    const id = await begin('shank');
    const view = await request<JobView>('GET', `/api/jobs/${id}`);
    expect(view.job.document).toMatchObject({ number: 'P-1', machineId: 'practice-lathe' });
    const { version, document } = view.job;
    const saved = await request<JobRow>('PUT', `/api/jobs/${id}`, {
      version,
      document: { ...document, note: 'Mine.' },
    });
    expect([saved.version, saved.document.note]).toEqual([2, 'Mine.']);
    const record = { ...stamp(), jobId: id, piece: 1, body: { kind: 'note', text: 'kept' } };
    await request('POST', '/api/records', record);
    await request('POST', '/api/records', record);
    const now = await request<JobView>('GET', `/api/jobs/${id}`);
    expect(now.records.map(({ body }) => body)).toEqual([{ kind: 'note', text: 'kept' }]);
    await expect(request('GET', `/api/jobs/${id}/before/cone`)).rejects.toMatchObject({ code: 'not-found' });
    await expect(request('GET', '/api/jobs/practice-none')).rejects.toMatchObject({ code: 'not-found' });
    expect(reached).not.toHaveBeenCalled();
  });
  it('never sets a lathe of the shop: what its lathe stands at is its own', async () => {
    const { found: shop } = within(() => useShop());
    await shop.keepSetting({
      machineId: 'practice-lathe',
      device: 'attachment',
      halfAngle: 0.02,
      jobId: null,
      workLength: null,
    } as never);
    expect(shop.byId('practice-lathe')!.settings).toMatchObject([{ device: 'attachment', halfAngle: 0.02 }]);
    expect(shop.machines).toEqual([]);
    await vi.waitFor(async () => expect(await (await store()).count('outbox')).toBe(0));
    expect(reached.mock.calls.filter(([url]) => String(url).includes('settings'))).toEqual([]);
  });
  it('holds what its lathe is set to with the job, so that it stands so again after a reload', async () => {
    const { found: shop } = within(() => useShop());
    const [id, other] = [await begin('shank'), await begin('hub')];
    const set = (halfAngle: number | null, device = 'attachment') =>
      shop.keepSetting({
        machineId: 'practice-lathe',
        device,
        halfAngle,
        workLength: null,
        jobId: id,
        jobNumber: 'P-1',
        how: 'swept',
      } as never);
    await set(0.02);
    await set(0.025);
    await set(0.03, 'compound');
    await vi.waitFor(async () => expect((await practiceJob(id)).settings).toHaveLength(2));
    shop.practise((await practiceJob(other)).settings ?? [], PRACTICE_MACHINE);
    expect(shop.byId('practice-lathe')!.settings).toEqual([]);
    shop.practise((await practiceJob(id)).settings!, PRACTICE_MACHINE);
    expect(shop.byId('practice-lathe')!.settings.map(({ device, halfAngle }) => [device, halfAngle])).toEqual(
      [
        ['attachment', 0.025],
        ['compound', 0.03],
      ],
    );
  });
  it('loses nothing of what is kept and changed at once, and ends as it then stands', async () => {
    const id = await begin('shank');
    const { job } = await request<JobView>('GET', `/api/jobs/${id}`);
    const note = (text: string) => ({ ...stamp(), jobId: id, piece: 1, body: { kind: 'note', text } });
    expect((await openPracticeJobs()).map((one) => one.id)).toEqual([id]);
    await Promise.all([
      request('POST', '/api/records', note('one')),
      request('PUT', `/api/jobs/${id}`, { version: 1, document: { ...job.document, note: 'Mine.' } }),
      request('POST', '/api/records', note('two')),
      endPracticeJob(id),
    ]);
    const now = await practiceJob(id);
    expect(now.records.map(({ body }) => (body as { text: string }).text)).toEqual(['one', 'two']);
    expect([now.row.document.note, now.ended]).toEqual(['Mine.', true]);
    expect(await openPracticeJobs()).toEqual([]);
  });
  it('goes by names nothing of the shop has', () => {
    expect(isOfPractice('/api/jobs/practice-1', undefined)).toBe(true);
    expect(isOfPractice('/api/records', { jobId: 'practice-1' })).toBe(true);
    expect(isOfPractice('/api/jobs/j-1', { document: { title: 'practice-piece' } })).toBe(false);
    expect(isOfPractice('/api/jobs?search=practice-', undefined)).toBe(false);
    expect(shopsOwn(practiceOf('long-lathe'))).toBe('long-lathe');
    expect(shopsOwn('practice-lathe')).toBeNull();
  });
  it('only so many are held, the oldest go with all that was done in them', async () => {
    const first = await begin('shank');
    await (await store()).put('practiceDone', { key: `${first} 000000`, actions: [] });
    vi.useFakeTimers({ toFake: ['Date'] });
    for (let i = 1; i <= 14; i++) {
      vi.setSystemTime(Date.now() + 1000);
      await begin('hub');
    }
    vi.useRealTimers();
    expect(await (await store()).count('practice')).toBe(12);
    expect(await (await store()).count('practiceDone')).toBe(0);
    await expect(practiceJob(first)).rejects.toMatchObject({ code: 'not-found' });
  });
});

describe('the practice lathe beside a job', () => {
  it.each(PIECE_IDS)('is ready for %s, its way chosen and standing', async (id) => {
    const { desk, job } = await atBench(id);
    const { work } = job.row.document;
    expect(work['cone']).toMatchObject({ kind: 'taper', way: { id: pieceOf(id).way } });
    expect(desk.bench.knobs.length).toBeGreaterThan(2);
    desk.finish();
    expect(desk.outcome.value!.outcome.right).toBe(false);
  });
  it('measures, tries and is taken up again after a reload', async () => {
    const { desk, job, leave } = await atBench('shank');
    desk.measure(10);
    expect(desk.measured.value).toBeCloseTo(29, 1);
    desk.tryGauge();
    // A blank that is not cut yet does not go into a sleeve.
    expect(desk.tried.value!.standOff).toBeNull();
    desk.hand.act({ do: 'height' });
    leave();
    await vi.waitFor(async () => expect(await (await store()).count('practiceDone')).toBe(1));
    const { found: again } = within(() => useBench(job));
    await vi.waitFor(() => expect(again!.hand.ready.value).toBe(true));
    expect([again!.measured.value, again!.tried.value, again!.height.value]).toEqual([
      desk.measured.value,
      desk.tried.value,
      desk.height.value,
    ]);
  });
  it('a reading that is kept took its time at the needle, and counts; one by another instrument does not', async () => {
    const { desk, job } = await atBench('compound');
    const { found: kept } = within(() => useJob());
    within(() => useReadingsTaken(desk));
    kept.id = job.id;
    const row = (body: KeptRecord['body']): KeptRecord => ({ ...stamp(), jobId: job.id, piece: 1, body });
    const keep = async (...bodies: KeptRecord['body'][]): Promise<number> => {
      kept.records = [...kept.records, ...bodies.map(row)];
      await nextTick();
      return desk.hand.lathe.log.filter(({ do: did }) => did === 'indicate').length;
    };
    const reading = { kind: 'reading', way: 'compound', step: 'sweep', at: 10, seen: 1, typed: '1' } as never;
    const before = desk.hand.lathe.seconds;
    expect(await keep(reading)).toBe(1);
    expect(desk.hand.lathe.seconds).toBeGreaterThan(before);
    expect(
      await keep({ kind: 'held', readings: [0, null, 0.1, 0.2], limit: 1, swing: 0.2, inside: true }),
    ).toBe(4);
    expect(await keep({ kind: 'note', text: 'nothing read' } as never)).toBe(4);
    desk.inHand.value = 'micrometer';
    expect(await keep(reading)).toBe(4);
  });
  it('a curve of the rack is followed along its line, measured, and held against it', async () => {
    const place = (z: string, diameter: string) => ({ z: entry(z), diameter: entry(diameter) });
    const foot = { id: 'p', name: 'Foot', kind: 'profile', side: 'external' } as const;
    const id = await beginPractice({
      part: { features: [{ ...foot, points: [place('0 mm', '30 mm'), place('20 mm', '24 mm')] }] },
      feature: 'p',
      until: 'made',
      exercise: null,
      hidden: { seed: 3, level: 0 },
    });
    const job = await practiceJob(id);
    const { found: desk } = within(() => useBench(job));
    await vi.waitFor(() => expect(desk!.hand.ready.value).toBe(true));
    expect(desk!.inHand.value).toBe('micrometer');
    expect(desk!.bench.line!.at(-1)!.r).toBe(12);
    const host = mount(BenchTools, { desk: desk!, still: false });
    await vi.waitFor(() => expect(plain(host.textContent)).toContain('Micrometer'));
    expect(plain(host.textContent)).not.toContain('By rollers');
    desk!.measure(5);
    expect(desk!.measured.value).toBeCloseTo(32, 1);
    desk!.finish();
    expect(desk!.outcome.value!.outcome).toMatchObject({
      right: false,
      lines: [{ inside: false }, { inside: true }],
    });
  });
  it('a job is put on the lathe that is asked for, or on the practice lathe, one piece of it', async () => {
    const begun = { feature: 't', until: 'made', exercise: null, hidden: { seed: 1, level: 0 } } as const;
    const lathesOf = async (machineId?: string) => {
      const id = await beginPractice({
        ...begun,
        part: { quantity: 9 },
        ...(machineId ? { machineId } : {}),
      });
      const { document } = (await practiceJob(id)).row;
      return [document.machineId, document.quantity];
    };
    expect(await lathesOf('one-like-ours')).toEqual(['one-like-ours', 1]);
    expect(await lathesOf()).toEqual([PRACTICE_LATHE_ID, 1]);
  });
  it('measures by rule and over rounds as well, and says where a ball goes through', async () => {
    const { desk } = await atBench('shank');
    desk.measure(10, 'rule');
    expect(desk.measured.value).toBe(29);
    desk.overRound(10, 20);
    expect(desk.measured.value).toBeCloseTo(49, 1);
    const { desk: bored } = await atBench('hub');
    bored.overRound(20, 0);
    expect(bored.measured.value).toBeNull();
    bored.overRound(50, 0);
    expect(bored.measured.value).toBeGreaterThan(40);
  });
  it('says what cannot be done, does not do it, and goes on', async () => {
    const { desk } = await atBench('shank');
    const done = desk.hand.lathe.log.length;
    desk.measure(-5);
    expect(desk.hand.refused.value).toContain('does not stand out there');
    desk.hand.act(desk.bench.scale!.set(1e6));
    expect(desk.hand.refused.value).toContain('does not go so far');
    expect(desk.hand.lathe.log).toHaveLength(done);
    desk.measure(10);
    expect([desk.hand.refused.value, desk.hand.lathe.log.length]).toEqual(['', done + 1]);
  });
  it('ends with the truth, is kept as a run of its exercise once, and stands still', async () => {
    const { desk } = await atBench('master');
    const { found: runs } = within(() => useRuns());
    const { halfAngle } = desk.bench.cone!.task;
    desk.hand.act({ do: 'nudge', device: 'attachment', by: 180 * Math.tan(halfAngle), pivotLength: 180 });
    desk.finish();
    expect(desk.outcome.value!.outcome.right).toBe(true);
    await vi.waitFor(() => expect(runs.of('master')).toHaveLength(1));
    expect(runs.of('master')).toMatchObject([{ exercise: 'master', right: true, seed: 7 }]);
    const stood = desk.hand.lathe.log.length;
    desk.hand.act({ do: 'height' });
    expect(desk.hand.lathe.log).toHaveLength(stood);
  });
  it('speaks on the wire like any instrument, and what is chosen for real work stays chosen', async () => {
    const { desk } = await atBench('shank');
    const { found, leave } = within(() => {
      const [wire, inUse] = [useWire(), useInUse()];
      inUse.change({ reading: 'Shop dial' });
      useBenchWire(desk);
      return { wire, inUse };
    });
    const { wire, inUse } = found;
    const heard: [string, number, boolean][] = [];
    wire.onReading(({ axis, moment, pressed }) => heard.push([axis, moment.value, pressed]));
    await vi.waitFor(() => expect(inUse.reading).toBeCloseTo(desk.needle.value, 3));
    expect(inUse.travel).toBeCloseTo(-desk.hand.lathe.dial('carriage'), 3);
    desk.hand.act({ do: 'turn', handle: 'carriage', by: -5 });
    await vi.waitFor(() => expect(inUse.travel).toBeCloseTo(-desk.hand.lathe.dial('carriage'), 3));
    desk.inHand.value = 'micrometer';
    desk.measure(10);
    await vi.waitFor(() =>
      expect(heard.filter(([, , pressed]) => pressed)).toEqual([
        ['Practice micrometer', expect.closeTo(desk.measured.value!, 3), true],
      ]),
    );
    leave();
    expect(inUse.axisOf('reading')).toBeNull();
    expect(inUse.chosen.reading).toBe('Shop dial');
  });
});

describe('what is read with', () => {
  it('a gauge pushed home says what hand and eye tell of it', async () => {
    const { desk } = await atBench('shank');
    const host = mount(BenchTools, { desk, still: false });
    press(host, /^Sleeve/);
    await vi.waitFor(() => expect(host.textContent).toContain('Push it home'));
    press(host, /Push it home/);
    await vi.waitFor(() => expect(plain(host.textContent)).toContain('metal in its way still'));
    desk.tried.value = { standOff: 1.234, bands: 'large', shake: 'small', rock: null };
    await vi.waitFor(() => expect(plain(host.textContent)).toMatch(/\+1\.23 mm off its line/));
    expect(plain(host.textContent)).toContain('marked at the large end');
    expect(plain(host.textContent)).toContain('loose at the small end');
  });
  it('a rule leans by the height of the edge, and says which way', () => {
    const words = (leans: number): string =>
      mount(ToolHeightView, { leans }).querySelector('svg')!.getAttribute('aria-label')!;
    expect(words(0)).toContain('upright');
    expect(words(0.02)).toContain('above centre');
    expect(words(-0.02)).toContain('below centre');
  });
});

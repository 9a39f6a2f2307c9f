import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../../data/stores/job';
import { usePreferences } from '../../../data/stores/preferences';
import { useScreen } from '../../../data/stores/screen';
import { useShop } from '../../../data/stores/shop';
import { LATHE_ID, shankJob, useOnScreen } from '../../../testkit/onScreen';
import { useSetScreen } from './useSetScreen';
import { useSetting, type SettingDesk } from './useSetting';

const screen = useOnScreen();
const HALF_ANGLE = Math.atan(1 / 19.922 / 2);
const settingOf = (device: string) =>
  useShop()
    .byId(LATHE_ID)
    ?.settings.find((row) => row.device === device);

/** Goes to the card that proves the setting and reads all its stations, each off by so much. */
async function readAll(desk: SettingDesk, off = 0): Promise<void> {
  while (!desk.step.value?.proves) {
    await desk.keepStep();
    await nextTick();
  }
  while (desk.nextStation.value) {
    const { expected, at } = desk.nextStation.value;
    await desk.keepReading(expected + off * at, String(expected));
    await nextTick();
  }
}

describe('setting a taper', () => {
  it('goes from card to card, and each is kept with its way', async () => {
    const { desk, model } = screen.work(shankJob('attachment'), useSetting);
    const [first] = model.steps.value;
    expect(desk.index.value).toBe(0);
    await desk.keepStep();
    await nextTick();
    expect(screen.kept('step')).toEqual([{ kind: 'step', way: 'attachment', step: first!.id }]);
    expect(desk.index.value).toBe(1);
    expect(desk.done.value.slice(0, 2)).toEqual([true, false]);
  });
  it.each(['attachment', 'compound', 'tailstock'] as const)(
    'by the %s, a card read inside its band is done without a word; one not yet read is not',
    async (way) => {
      const { desk, model } = screen.work(shankJob(way), useSetting);
      const read = model.steps.value.filter((step) => step.sweep && !step.proves && !step.later);
      for (const card of read) {
        const index = model.steps.value.indexOf(card);
        while (desk.index.value !== index) {
          await desk.keepStep();
          await nextTick();
        }
        expect(desk.done.value[index]).toBe(false);
        while (desk.index.value === index && desk.nextStation.value) {
          await desk.keepReading(desk.nextStation.value.expected, '');
          await nextTick();
        }
        expect(desk.done.value[index]).toBe(true);
        expect(screen.kept('step').some(({ step }) => step === card.id)).toBe(false);
      }
      // What is read along a bar or a slide without proving it: there is such a card somewhere.
      if (way === 'tailstock') expect(read.length).toBeGreaterThan(0);
    },
  );
  it('asks for each station once, in order, or for the one aimed at', async () => {
    const { desk } = screen.work(shankJob('attachment'), useSetting);
    await readAll(desk);
    const { stations } = desk.step.value!.sweep!;
    expect(screen.kept('reading').map((r) => r.at)).toEqual(stations.map((s) => s.at));
    expect(desk.nextStation.value).toBeNull();
    desk.aimAt(stations[0]!.at);
    expect(desk.nextStation.value).toEqual(stations[0]);
    await desk.keepReading(stations[0]!.expected, 'again');
    expect(desk.aimed.value).toBeNull();
  });
  it('in band, it is kept on the job and on the lathe, with what was read', async () => {
    const { desk } = screen.work(shankJob('attachment'), useSetting);
    await readAll(desk);
    expect(desk.verdict.value).toMatchObject({ inBand: true, nudge: null });
    await desk.keepSetting();
    const [kept] = screen.kept('setting-kept');
    expect(kept).toMatchObject({ way: 'attachment', machineId: LATHE_ID, workLength: 136 });
    expect(kept!.halfAngle).toBeCloseTo(HALF_ANGLE, 6);
    expect(settingOf('attachment')).toMatchObject({ workLength: null, jobId: 'j-1' });
    expect(settingOf('attachment')!.halfAngle).toBe(kept!.halfAngle);
  });
  it('out of band, the nudge is kept with where it goes from and to, and the stations are read again', async () => {
    const { desk } = screen.work(shankJob('attachment'), useSetting);
    await readAll(desk, 0.001);
    expect(desk.verdict.value?.inBand).toBe(false);
    expect(desk.verdict.value?.nudge).not.toBeNull();
    await desk.keepNudge();
    await nextTick();
    const [nudge] = screen.kept('nudge');
    expect(nudge!.fromHalfAngle).toBeGreaterThan(nudge!.toHalfAngle);
    expect(nudge!.toHalfAngle).toBeCloseTo(HALF_ANGLE, 12);
    expect(nudge!.amount).toBeGreaterThan(0);
    expect(desk.nextStation.value?.at).toBe(desk.step.value!.sweep!.stations[0]!.at);
  });
  it('a tailstock’s setting goes with the length of the work; back at zero it is nothing', async () => {
    const { desk, model } = screen.work(shankJob('tailstock'), useSetting);
    await readAll(desk);
    await desk.keepSetting();
    expect(settingOf('tailstock')).toMatchObject({ workLength: 136 });
    desk.index.value = model.steps.value.findIndex((step) => step.later);
    await desk.keepStep();
    expect(settingOf('tailstock')).toMatchObject({ halfAngle: null, workLength: null });
    expect(settingOf('tailstock')!.how).toContain('test bar');
  });
  it('a way that sets nothing on the lathe leaves nothing set', async () => {
    const { desk } = screen.work(shankJob('form-tool'), useSetting);
    await readAll(desk);
    await desk.keepSetting();
    expect(screen.kept('setting-kept')).toHaveLength(1);
    expect(useShop().byId(LATHE_ID)?.settings).toEqual([]);
  });
  it('what was read along the other travel is taken back and kept as that', async () => {
    const { desk, model } = screen.work(shankJob('compound'), useSetting);
    await readAll(desk);
    const before = screen.kept('reading');
    expect(model.measuredAlong.value).toBe('slide');
    await desk.takeAsOther();
    expect(model.measuredAlong.value).toBe('axis');
    expect(screen.kept('withdrawn')).toHaveLength(before.length);
    const after = screen.kept('reading').slice(before.length);
    expect(after.map((r) => [r.at, r.seen])).toEqual(before.map((r) => [r.at, r.seen]));
    expect(after.every((r) => r.travelAlong === 'axis')).toBe(true);
    expect(after.at(-1)!.expected).not.toBe(before.at(-1)!.expected);
  });
  it('the next piece carries the setting over; a part changed since does not', async () => {
    const job = useJob();
    const { desk } = screen.work(shankJob('attachment', { quantity: 2 }), useSetting);
    await readAll(desk);
    await desk.keepSetting();
    expect(desk.carried.value).toBeNull();
    await job.keep({ kind: 'piece', carriedFrom: 1 }, { piece: 2 });
    await nextTick();
    expect(desk.carried.value).toBe(1);
    expect(desk.allDone.value).toBe(true);
    job.edit((draft) => {
      const [cone] = draft.features;
      if (cone?.kind === 'taper') cone.ratio = { typed: '1:15', value: 1 / 15 };
    });
    await nextTick();
    expect(desk.carried.value).toBeNull();
    expect(desk.allDone.value).toBe(false);
  });
});

describe('what the Set stage shows on the frame round it', () => {
  const bar = () => useScreen().bar!;
  it('asks for the station next, in the screen’s units, and judges as it is typed', async () => {
    const { desk } = screen.work(shankJob('attachment'), () => {
      const made = useSetting();
      useSetScreen(made);
      return made;
    });
    while (!desk.step.value?.proves) {
      await desk.keepStep();
      await nextTick();
    }
    const { expected, at } = desk.nextStation.value!;
    const asked = bar();
    if (asked.asks !== 'figure') throw new Error('The bar asks for nothing.');
    expect(asked).toMatchObject({ dimension: 'length', defaultUnit: 'mm' });
    expect(asked.label).toMatch(/^Reading at \d/);
    // Whoever thinks in the other units is shown that these are taken too.
    expect(asked.hint).toContain('.0745in');
    usePreferences().units = 'inch';
    await nextTick();
    expect(bar().hint).toContain('1.893 mm');
    usePreferences().units = 'mm';
    await nextTick();
    expect(asked.judge!(expected)?.tone).toBe('good');
    expect(asked.judge!(expected + 0.05)).toMatchObject({ tone: 'warn' });
    expect(asked.judge!(expected + 0.05)!.phrase.at(-1)).toBe(' over');
    expect(asked.judge!(expected - 0.05)!.phrase.at(-1)).toBe(' under');
    expect(useScreen().across?.figure.value).toBeCloseTo(expected, 9);
    expect(useScreen().marks.stations?.find((s) => s.state === 'next')?.travel).toBe(at);
    await asked.keep({ value: expected } as never, 'typed');
    expect(screen.kept('reading').at(-1)).toMatchObject({ at, seen: expected, typed: 'typed' });
  });
  it('offers to keep the setting when all is in band, and the way on when it is kept', async () => {
    const { desk } = screen.work(shankJob('attachment'), () => {
      const made = useSetting();
      useSetScreen(made);
      return made;
    });
    await readAll(desk);
    expect(bar()).toMatchObject({ asks: 'nothing', empty: { label: 'Keep this setting' } });
    await bar().empty!.run();
    await nextTick();
    while (bar().empty?.label === 'Done') {
      await bar().empty!.run();
      await nextTick();
    }
    expect(bar()).toMatchObject({ label: 'This card is done', empty: { label: 'On to Cut' } });
    await bar().empty!.run();
    expect(screen.went).toEqual(['/job/j-1/cut']);
  });
  it('offers to read again after a nudge', async () => {
    const { desk } = screen.work(shankJob('attachment'), () => {
      const made = useSetting();
      useSetScreen(made);
      return made;
    });
    await readAll(desk, 0.001);
    expect(bar()).toMatchObject({ asks: 'nothing', empty: { label: 'Nudged, read again' } });
    expect(bar().hint).toContain('read every station again');
  });
});

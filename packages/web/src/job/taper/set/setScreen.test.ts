import { entry } from '@anello/contract';
import { plainText } from '@anello/core/figure';
import type { WayId } from '@anello/core/taper';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { shank } from '../../../../../contract/src/job/jobs.testdata';
import { useJob } from '../../../data/stores/job';
import { useScreen, type BarRequest } from '../../../data/stores/screen';

import { shankJob, useOnScreen } from '../../../testkit/onScreen';
import { useSetScreen } from './useSetScreen';
import { useSetting, type SettingDesk } from './useSetting';

const screen = useOnScreen();
const bar = (): BarRequest => useScreen().bar!;
const across = () => useScreen().across!;
const stations = () => useScreen().marks.stations;

function opened(way: WayId, more = {}) {
  const { desk, model } = screen.work(shankJob(way, more), () => {
    const made = useSetting();
    useSetScreen(made);
    return made;
  });
  /** To the card of an id. */
  async function card(id: string): Promise<void> {
    desk.index.value = model.steps.value.findIndex((step) => step.id === id);
    await nextTick();
    expect(desk.step.value?.id).toBe(id);
  }
  return { desk, model, card };
}
async function read(desk: SettingDesk, off: number, climb = 0): Promise<void> {
  while (desk.nextStation.value) {
    const { expected, at } = desk.nextStation.value;
    await desk.keepReading(expected + off + climb * at, '');
    await nextTick();
  }
}
/** The words of a key after the job it is of. */
const ofBar = () => {
  const { key, label, hint, empty } = bar();
  return { key: key.replace(/^j-1\./, ''), label, hint, does: empty?.label };
};

describe('the bar at a card that is only done', () => {
  it('says so, and goes on with it', async () => {
    const { desk } = opened('attachment');
    expect(ofBar()).toEqual({ key: 'scale.tick', label: 'Set it, then', hint: '', does: 'Done' });
    await bar().empty!.run();
    await nextTick();
    expect(screen.kept('step').map(({ step }) => step)).toEqual(['scale']);
    expect(desk.step.value?.id).toBe('sweep');
  });
  it('looked at again is done, and leads to the next; the last leads to the cut', async () => {
    const { desk, model, card } = opened('attachment');
    await bar().empty!.run();
    await card('scale');
    expect(ofBar()).toEqual({ key: 'done', label: 'This card is done', hint: '', does: 'Next card' });
    bar().empty!.run();
    await nextTick();
    expect(desk.step.value?.id).toBe('sweep');
    await card('height');
    expect(desk.index.value).toBe(model.steps.value.length - 1);
    await bar().empty!.run();
    await nextTick();
    await card('height');
    expect(ofBar()).toMatchObject({ label: 'This card is done', does: 'On to Cut' });
    expect(screen.went).toEqual([]);
    bar().empty!.run();
    expect(screen.went).toEqual(['/job/j-1/cut']);
  });
  it('whatever card it is leads to the cut once all of them are done', async () => {
    const { desk, card } = opened('attachment');
    for (const id of ['scale', 'lock', 'height']) {
      await card(id);
      await bar().empty!.run();
      await nextTick();
    }
    await card('sweep');
    await read(desk, 0);
    await bar().empty!.run();
    await nextTick();
    await card('scale');
    expect(ofBar().does).toBe('On to Cut');
  });
});

describe('the bar at a card that is read', () => {
  it('asks by where the indicator stands: at a place of the part, or on what is read', async () => {
    const { card } = opened('tailstock');
    await card('offset');
    expect(ofBar()).toMatchObject({ key: '1.tailstock.offset.136', label: 'Reading on the barrel' });
    await card('sweep');
    expect(ofBar()).toMatchObject({ key: '1.tailstock.sweep.25', label: 'Reading at 25 mm' });
    // A test bar is not the part, and stands out of it.
    await card('home');
    expect(ofBar().label).toBe('Reading on the test bar');
  });
  it.each([
    [0, 'in band, dead on', 'good'],
    [0.0004, 'in band, dead on', 'good'],
    [-0.0004, 'in band, dead on', 'good'],
    [0.0006, 'in band, 0.001 mm over', 'good'],
    [-0.0006, 'in band, 0.001 mm under', 'good'],
    [0.004, '0.004 mm over', 'warn'],
    [-0.004, '0.004 mm under', 'warn'],
  ])('judges what is %f off as “%s”', async (off, words, tone) => {
    const { desk, card } = opened('attachment');
    await card('sweep');
    const asked = bar();
    if (asked.asks !== 'figure') throw new Error('The bar asks for nothing.');
    const judged = asked.judge!(desk.nextStation.value!.expected + off)!;
    expect(judged.tone).toBe(tone);
    expect(plainText(judged.phrase, 'mm').replaceAll('\u00a0', ' ')).toBe(words);
  });
  it('all read and neither good nor to be mended by a nudge, asks to read again', async () => {
    const { desk, card } = opened('tailstock');
    await card('home');
    await read(desk, 0.02);
    expect(desk.verdict.value).toMatchObject({ inBand: false, nudge: null });
    expect(ofBar()).toEqual({ key: 'home.tick', label: 'Read', hint: '', does: undefined });
    desk.aimAt(200);
    await nextTick();
    await read(desk, 0.001);
    await nextTick();
    expect(ofBar()).toMatchObject({ label: 'Read', does: 'It is back at zero' });
  });
  it('out of its band on a card that proves nothing, offers the nudge', async () => {
    const { desk, card } = opened('tailstock');
    await card('offset');
    await read(desk, 0.02);
    expect(ofBar()).toEqual({
      key: 'offset.tick',
      label: 'Read',
      hint: '',
      does: desk.verdict.value?.nudge ? 'Nudged, read again' : 'Done',
    });
  });
  it('on the card that proves, says what is next with what was read', async () => {
    const { desk, card } = opened('attachment');
    await card('sweep');
    await read(desk, 0);
    expect(ofBar()).toEqual({
      key: 'decide',
      label: 'All stations read',
      hint: 'In band from end to end.',
      does: 'Keep this setting',
    });
    await bar().empty!.run();
    expect(screen.kept('setting-kept')).toHaveLength(1);
    await card('sweep');
    // Read again though it is kept: the figure is asked for, until it is there.
    desk.aimAt(50);
    await nextTick();
    expect(ofBar()).toMatchObject({ label: 'Reading at 50 mm' });
    await read(desk, 0);
    expect(ofBar()).toMatchObject({ label: 'This card is done' });
  });
  it('goes on to the cut with a setting that is carried over, but not past what comes afterwards', async () => {
    const { desk, card } = opened('tailstock', { quantity: 2 });
    await card('sweep');
    await read(desk, 0);
    await desk.keepSetting();
    await useJob().keep({ kind: 'piece', carriedFrom: 1 }, { piece: 2 });
    await nextTick();
    await card('sweep');
    expect(ofBar()).toEqual({
      key: 'carried',
      label: 'Setting carried over',
      hint: 'Nothing to set for this piece.',
      does: 'On to Cut',
    });
    bar().empty!.run();
    expect(screen.went).toEqual(['/job/j-1/cut']);
    await card('home');
    expect(ofBar().label).toBe('Reading on the test bar');
  });
});

describe('across the shop', () => {
  const seen = () => {
    const { step, label, figure, band, after } = across();
    const words = (text: Parameters<typeof plainText>[0] | undefined): string =>
      text ? plainText(text, 'mm').replaceAll('\u00a0', ' ') : '';
    return { step: words(step), label, figure: figure.value, band: words(band), after };
  };
  it('stands what is to be set, then what it should read, then the nudge', async () => {
    const { desk, card, model } = opened('attachment');
    const [first] = model.steps.value[0]!.figures;
    expect(seen()).toMatchObject({ label: first!.label, figure: first!.figure.value, after: first!.after });
    await card('sweep');
    const { expected, low, high } = desk.nextStation.value!;
    expect(seen()).toEqual({
      step: 'Carriage at 25.0 mm',
      label: 'should read',
      figure: expected,
      band: `${low.toFixed(3)} to ${high.toFixed(3)} mm`,
      after: undefined,
    });
    await read(desk, 0, 0.001);
    const { amount, direction, place } = desk.verdict.value!.nudge!;
    expect(seen()).toMatchObject({
      step: `Nudge ${direction}`,
      label: '',
      figure: amount.value,
      after: place,
    });
    // Aimed at a station again, that is what is read next.
    desk.aimAt(50);
    await nextTick();
    expect(seen().step).toBe('Carriage at 50.0 mm');
  });
});

describe('the strip', () => {
  const places = () => stations()?.map(({ z, travel, state }) => [Number(z.toFixed(3)), travel, state]);
  it('marks where the indicator was, is next, and is yet to come, from the small end', async () => {
    const { desk, card } = opened('attachment');
    expect(stations()).toBeUndefined();
    await card('sweep');
    expect(places()).toEqual([
      [86, 0, 'ahead'],
      [61, 25, 'next'],
      [36, 50, 'ahead'],
      [11, 75, 'ahead'],
    ]);
    await desk.keepReading(0.652, '');
    await nextTick();
    expect(places()!.map(([, , state]) => state)).toEqual(['ahead', 'read', 'next', 'ahead']);
    await read(desk, 0, 0.001);
    expect(places()!.map(([, , state]) => state)).toEqual(['ahead', 'read', 'read', 'read']);
    await desk.keepNudge();
    await nextTick();
    expect(places()!.map(([, , state]) => state)).toEqual(['ahead', 'next', 'ahead', 'ahead']);
  });
  it('marks them by where the slide stands, whose travel leans with the cone', async () => {
    const { card } = opened('compound');
    await card('sweep');
    const lean = Math.cos(Math.atan(1 / 19.922 / 2));
    expect(places()!.map(([z]) => z)).toEqual(
      [0, 25, 50, 75].map((travel) => Number((86 - travel * lean).toFixed(3))),
    );
  });
  it('marks them from the chuck’s side where the small end is there, and from the mouth in a bore', async () => {
    const turned = opened('attachment', { features: [shank({ largeEnd: 'tailstock' })] });
    await turned.card('sweep');
    const { z0, z1 } = turned.model.taper.value!;
    expect(places()!.map(([z]) => z)).toEqual([0, 25, 50, 75].map((travel) => z0 + travel));
    const bored = opened('attachment', {
      features: [
        shank({ side: 'internal', largeEnd: 'tailstock' }),
        {
          id: 'b',
          name: 'Body',
          kind: 'cylinder',
          side: 'external',
          diameter: entry('50 mm'),
          length: entry('120 mm'),
        },
      ],
    });
    await bored.card('sweep');
    expect(places()![0]![0]).toBeCloseTo(bored.model.taper.value!.z1, 3);
    expect(z1).toBeGreaterThan(z0);
  });
  it('marks nothing for what is read on the barrel or on a test bar', async () => {
    const { card } = opened('tailstock');
    await card('offset');
    expect(stations()).toBeUndefined();
    await card('home');
    expect(stations()).toBeUndefined();
  });
});

import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../../../data/stores/job';
import { LATHE_ID, shankJob, useOnScreen } from '../../../../testkit/onScreen';
import { useSetting } from '../useSetting';
import { workerAtOnce } from '../../../../testkit/workerAtOnce';
import { judgedSweep, thinnedTo } from './judgedSweep';
import { useLongSweep } from './useLongSweep';

const screen = useOnScreen();

const worker = workerAtOnce(judgedSweep);
const desk = () => {
  const found = screen.work(shankJob('attachment'), () => {
    const setting = useSetting();
    return { setting, long: useLongSweep(setting, () => setting.step.value!, worker) };
  });
  const { setting, long } = found.desk;
  const sweep = () => found.model.steps.value.findIndex((step) => step.sweep?.reads === 'climb');
  setting.index.value = sweep();
  return { ...found, setting, long };
};
const settled = async (): Promise<void> => {
  for (let i = 0; i < 8; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
};
const text = (halfAngle: number): string =>
  Array.from({ length: 60 }, (_, i) => {
    const at = 1.25 * i;
    return `${at};${(at * Math.tan(halfAngle) + 0.0004 * Math.sin(37 * i)).toFixed(4)}`;
  }).join('\n');

describe('a needle read all along', () => {
  it('outside its band is nudged: sweep and nudge are kept, and the next is laid beside it', async () => {
    const { long, model } = desk();
    const { halfAngle, tolerance } = model.context.value!.task;
    long.text.value = text(halfAngle + 6 * tolerance.halfAngle);
    await settled();
    const found = long.task.found.value!;
    expect(found.verdict).toMatchObject({ inBand: false });
    expect(found.count).toBe(60);
    await long.keepNudge();
    expect(screen.kept('swept')).toMatchObject([{ way: 'attachment', count: 60, causes: ['angle'] }]);
    const [nudge] = screen.kept('nudge');
    expect(nudge!.fromHalfAngle).toBeCloseTo(halfAngle + 6 * tolerance.halfAngle, 5);
    expect(nudge!.toHalfAngle).toBe(halfAngle);
    expect(long.text.value).toBe('');
    expect(long.before.value!.readings).toHaveLength(60);
  });
  it('inside it proves the setting, at the angle the sweep told', async () => {
    const { long, model } = desk();
    const { halfAngle } = model.context.value!.task;
    long.text.value = text(halfAngle + 2e-6);
    await settled();
    expect(long.task.found.value!.verdict.inBand).toBe(true);
    await long.keepSetting();
    const [setting] = screen.kept('setting-kept');
    expect(setting).toMatchObject({ way: 'attachment', machineId: LATHE_ID });
    expect(setting!.halfAngle).toBeCloseTo(halfAngle + 2e-6, 5);
    expect(useJob().records.map(({ body }) => body.kind)).toEqual(['swept', 'setting-kept']);
  });
  it('leaves out a stretch, and what is said no longer leans on it', async () => {
    const { long, model } = desk();
    const { halfAngle } = model.context.value!.task;
    const bruised = text(halfAngle)
      .split('\n')
      .map((line, i) => (i >= 20 && i < 26 ? line.replace(/;.*/, ';9') : line));
    long.text.value = bruised.join('\n');
    long.without.value = { from: 24, to: 33 };
    await settled();
    expect(long.task.found.value!.verdict).toMatchObject({ inBand: true, causes: [] });
    expect(long.task.found.value!.leftOut.length).toBeGreaterThan(5);
    // Another sweep is looked at whole.
    long.clear();
    expect([long.text.value, long.without.value]).toEqual(['', null]);
  });
});

describe('many readings to be drawn', () => {
  it('are fewer, in order, and those that jump out are among them', () => {
    const all = Array.from({ length: 10_000 }, (_, at) => ({
      at,
      seen: at === 4321 ? 9 : at === 77 ? -9 : 0,
    }));
    const shown = thinnedTo(all, 800);
    expect(shown).toHaveLength(800);
    expect(shown.map(({ at }) => at)).toEqual([...shown.map(({ at }) => at)].sort((a, b) => a - b));
    expect(shown.map(({ seen }) => seen)).toEqual(expect.arrayContaining([9, -9]));
    expect(thinnedTo(all.slice(0, 50), 800)).toHaveLength(50);
  });
});

describe('what each term takes', () => {
  it('is told at the places of the fit: a bow most in its middle, a step from where it is', () => {
    const { model } = desk();
    const { task } = model.context.value!;
    const step = model.steps.value.find(({ sweep }) => sweep?.reads === 'climb')!;
    const rows = Array.from({ length: 200 }, (_, i) => {
      const at = i / 2;
      const bow = (0.03 * 4 * at * (99.5 - at)) / 99.5 ** 2;
      return `${at};${(at * Math.tan(task.halfAngle) + bow + 0.0005 * Math.sin(37 * i)).toFixed(5)}`;
    });
    const { terms, fitted } = judgedSweep({
      text: rows.join('\n'),
      defaultUnit: 'mm',
      way: 'attachment',
      context: model.context.value!,
      sweep: step.sweep!,
      lead: null,
      without: null,
    });
    expect(terms.map(({ term }) => term)).toEqual(['bow']);
    const [{ takes }] = terms as [(typeof terms)[number]];
    expect(takes).toHaveLength(fitted.length);
    expect(Math.max(...takes)).toBeCloseTo(0.03, 3);
    const middle = (takes.length - 1) / 2;
    expect(takes.indexOf(Math.max(...takes))).toBe(middle);
    // What is drawn over it is where it goes, the bow with it.
    const { at, seen } = fitted[middle]!;
    expect(seen).toBeCloseTo(at * Math.tan(task.halfAngle) + 0.03, 3);
  });
});

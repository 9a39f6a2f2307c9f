import type { JobDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { isRef, nextTick, unref } from 'vue';
import { useJob } from '../data/stores/job';
import { useScreen } from '../data/stores/screen';
import { useShop } from '../data/stores/shop';
import { shankJob, useOnScreen } from '../testkit/onScreen';
import { useChatterSetup } from './cut/listen/useChatterSetup';
import { useCut } from './cut/useCut';
import { usePlan } from './plan/usePlan';
import { useSetScreen } from './taper/set/useSetScreen';
import { useSetting } from './taper/set/useSetting';
import { provideOperation } from './work/useOperation';

const screen = useOnScreen();
/** What a desk shows, by name. */
const shown = (desk: object): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(desk)
      .filter(([, value]) => isRef(value))
      .map(([name, value]) => [name, unref(value)]),
  );
const job: JobDocument = shankJob('attachment');

/** Another job is opened: for a moment there is none on the screen, while its desks are still there. */
async function left<T extends object>(make: () => T): Promise<Record<string, unknown>> {
  const { desk } = screen.work(job, make);
  expect(shown(desk)).not.toEqual({});
  useJob().document = null;
  await nextTick();
  return shown(desk);
}
/** The same of a lathe that is not here any more. */
async function withoutLathe<T extends object>(make: () => T): Promise<Record<string, unknown>> {
  const { desk } = screen.work(job, make);
  useShop().machines = [];
  await nextTick();
  return shown(desk);
}
const setting = () => {
  const desk = useSetting();
  useSetScreen(desk);
  return desk;
};

describe('a job that leaves the screen', () => {
  it('leaves nothing to cut', async () => {
    expect(await left(useCut)).toMatchObject({
      state: null,
      finish: 0,
      left: 0,
      plan: { passes: [], error: null },
      next: null,
      again: 0,
      stairs: null,
    });
  });
  it('leaves nothing to set, and nothing asked, shown or marked', async () => {
    expect(await left(setting)).toMatchObject({
      step: null,
      done: [],
      carried: null,
      tries: [],
      verdict: null,
      nextStation: null,
    });
    expect([useScreen().bar, useScreen().across, useScreen().marks]).toEqual([null, null, {}]);
  });
  it('leaves no line of work', async () => {
    expect(await left(usePlan)).toEqual({
      next: null,
      of: null,
      operations: [],
      progress: { done: new Set(), now: null },
      said: null,
      problem: null,
      stock: null,
      own: false,
    });
  });
  it('leaves no operation in hand', async () => {
    expect(await left(() => provideOperation(() => 'turn-b'))).toMatchObject({
      inHand: null,
      problem: null,
      previous: null,
      next: null,
      records: [],
      done: false,
      toMeasure: [],
    });
  });
  it('leaves a spindle at some speed', async () => {
    const { setup } = await left(useChatterSetup);
    expect(setup).toEqual({ turns: 300, jaws: 3, teeth: [] });
  });
});

describe('a lathe that is put away while its job is open', () => {
  it('plans no cut and no line of work, and a figure is as it is', async () => {
    const { plan, stairs, next } = await withoutLathe(useCut);
    expect([plan, stairs, next]).toEqual([{ passes: [], error: null }, null, null]);
    const { desk } = screen.work(job, useCut);
    useShop().machines = [];
    await nextTick();
    expect(desk.onDial(0.73)).toEqual({
      figure: { quantity: 'length', value: 0.73 },
      divisions: 0,
      leftOver: 0,
    });
    await desk.keepPass(0.1, '0.1');
    expect(screen.kept('pass')).toEqual([]);
    expect(await withoutLathe(usePlan)).toMatchObject({
      of: null,
      said: null,
      problem: null,
      operations: [],
    });
  });
});

import type { TaperWork } from '@anello/contract';
import { entry } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import type { KeptRecord } from '@anello/core/job';
import { bench } from '../../data/db';
import { useJob } from '../../data/stores/job';
import { shank } from '../../../../contract/src/job/jobs.testdata';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { useShop } from '../../data/stores/shop';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useCut } from './useCut';
import { useWarmth } from './useWarmth';

const screen = useOnScreen();
const withStock = (stock: string) => {
  const job = shankJob('attachment');
  const work = job.work['t'] as TaperWork;
  return { ...job, work: { t: { ...work, cut: { ...work.cut, stock: entry(stock) } } } };
};
const SMALL = 23.825 - 81 / 19.922;

describe('where the cut stands', () => {
  it('nothing is planned before the stock is known', () => {
    const { desk } = screen.work(shankJob('attachment'), useCut);
    expect(desk.state.value).toBeNull();
    expect([desk.left.value, desk.next.value, desk.stairs.value]).toEqual([0, null, null]);
    expect(desk.finish.value).toBeCloseTo(SMALL, 6);
  });
  it('counts the stock down to the small end outside, by the cuts taken', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    expect(desk.left.value).toBeCloseTo(25 - SMALL, 6);
    const next = desk.next.value!;
    await desk.keepPass(next.dialTo, 'as planned');
    await nextTick();
    const [pass] = screen.kept('pass');
    expect(pass).toMatchObject({ planned: next.dialTo, dialTo: next.dialTo, typed: 'as planned' });
    expect(pass!.depth).toBeCloseTo(next.depth, 9);
    expect(desk.state.value!.now).toBeCloseTo(25 - 2 * next.depth, 9);
    expect(desk.left.value).toBeCloseTo(25 - 2 * next.depth - SMALL, 6);
  });
  it('a pass that is not as planned is kept with what was planned', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    const planned = desk.next.value!.dialTo;
    await desk.keepPass(planned - 0.1, 'deeper');
    expect(screen.kept('pass')[0]).toMatchObject({ planned, dialTo: planned - 0.1 });
  });
  it('a dial that cannot be is refused, in words, and the cut stands where it stood', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    for (const dialTo of [1e9, 25, -1e6]) {
      expect(() => desk.passTo(dialTo)).toThrow(/would stand/);
      await expect(desk.keepPass(dialTo, '')).rejects.toThrow(/would stand/);
    }
    await expect(desk.keepMeasured({ diameter: 1e9 }, '1e9')).rejects.toThrow(/larger/);
    expect([screen.kept('pass'), screen.kept('measured')]).toEqual([[], []]);
    expect(desk.state.value!.now).toBe(25);
  });
  it('drawn back, the next pass is counted from where the tool touches', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    await desk.keepPass(1, '');
    await nextTick();
    const planned = desk.next.value!;
    await desk.keepPass(-2, '');
    await nextTick();
    expect(desk.state.value).toMatchObject({ now: 24, dial: -2, touch: 1 });
    expect(desk.next.value!.dialTo).toBe(planned.dialTo);
    await desk.keepPass(desk.next.value!.dialTo, '');
    await nextTick();
    expect(desk.state.value!.now).toBeCloseTo(24 - (planned.dialTo - 1), 9);
  });
  it('two passes kept at once follow one another, and nothing read after them comes between', async () => {
    const { desk, model } = screen.work(withStock('25 mm'), useCut);
    const both = Promise.all([desk.keepPass(1, ''), desk.keepPass(1, '')]);
    const read = model.keep({ kind: 'note', text: 'read at once' });
    await Promise.all([both, read]);
    expect(screen.kept('pass').map(({ dialFrom, dialTo }) => [dialFrom, dialTo])).toEqual([
      [0, 1],
      [1, 1],
    ]);
    const there = (await (await bench()).getAll('outbox')).map(({ body }) => (body as KeptRecord).body.kind);
    expect(there).toEqual(['pass', 'pass', 'note']);
  });
  it('at the allowance two passes at the same figure are still to take, and are kept as such', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    expect(desk.again.value).toBe(0);
    for (let i = 0; i < 20 && desk.next.value; i++) {
      expect(desk.again.value).toBe(0);
      await desk.keepPass(desk.next.value.dialTo, '');
      await nextTick();
    }
    expect(desk.again.value).toBe(2);
    // Tried all the same, what comes next is said there.
    const left = { seen: 2, halfAngle: 0.025, diameterLeft: 0.1 };
    await useJob().keep({ kind: 'stand-off', ...left, typed: '2' });
    await nextTick();
    expect(desk.again.value).toBe(0);
    useJob().records = useJob().records.filter(({ body }) => body.kind !== 'stand-off');
    await nextTick();
    for (const left of [2, 1]) {
      expect(desk.again.value).toBe(left);
      await desk.keepPass(desk.state.value!.dial, '');
      await nextTick();
      expect(screen.kept('pass').at(-1)).toMatchObject({ depth: 0, planned: null });
    }
    expect(desk.again.value).toBe(0);
  });
  it('a piece that begins at the allowance has no cut to be taken again', () => {
    const near = screen.work(withStock(`${(SMALL + 0.05).toFixed(3)} mm`), useCut).desk;
    expect([near.next.value, near.plan.value.error, near.state.value!.passes]).toEqual([null, null, 0]);
    expect(near.again.value).toBe(0);
  });
  it('what is measured takes the place of what was counted, and is kept against it', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    await desk.keepPass(desk.next.value!.dialTo, '');
    const expected = desk.state.value!.now;
    await desk.keepMeasured({ diameter: expected + 0.03 }, 'measured');
    await nextTick();
    expect(screen.kept('measured')[0]).toMatchObject({ expected, diameter: expected + 0.03 });
    expect(desk.state.value!.now).toBeCloseTo(expected + 0.03, 9);
  });
  it('a figure for the dial is a whole number of its divisions, and never more than is there', () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    const { figure, divisions, leftOver } = desk.onDial(0.127);
    expect(divisions).toBe(6);
    expect(figure).toMatchObject({ value: expect.closeTo(0.12, 9), resolution: 0.02, system: 'mm' });
    expect(leftOver).toBeCloseTo(0.007, 9);
    expect(desk.onDial(-1)).toMatchObject({ divisions: 0, leftOver: 0 });
  });
  it('a dial that reads the way it moves is set to half of what comes off the diameter', async () => {
    const { desk } = screen.work(withStock('25 mm'), useCut);
    const [lathe] = useShop().machines;
    useShop().machines = [
      { ...lathe!, document: { ...LONG_LATHE, dial: { ...LONG_LATHE.dial, reads: 'radius' } } },
    ];
    await nextTick();
    const { divisions, leftOver } = desk.onDial(0.127);
    expect(divisions).toBe(3);
    expect(leftOver).toBeCloseTo(0.007, 9);
  });
  it('in a bore the stock is counted up to the mouth', async () => {
    const bored = withStock('20 mm');
    const { desk } = screen.work(
      { ...bored, features: [shank({ side: 'internal', largeEnd: 'tailstock' }), bored.features[1]!] },
      useCut,
    );
    expect(desk.finish.value).toBeCloseTo(23.825 + 5 / 19.922, 2);
    expect(desk.left.value).toBeCloseTo(desk.finish.value - 20, 9);
    const { depth, dialTo } = desk.next.value!;
    await desk.keepPass(dialTo, '');
    await nextTick();
    expect(desk.left.value).toBeCloseTo(desk.finish.value - 20 - 2 * depth, 9);
  });
  it('shoulders and passes that cannot be are said as that, and break nothing', () => {
    const job = withStock('25 mm');
    const work = job.work['t'] as TaperWork;
    const none = { ...job, cut: { ...job.cut, roughDepth: entry('0 mm') }, work: { t: work } };
    const { desk } = screen.work(none, useCut);
    expect([desk.plan.value.passes, desk.next.value]).toEqual([[], null]);
    expect(desk.plan.value.error?.field).toBe('roughDepth');
    expect(desk.stairs.value).toMatchObject({ steps: [] });
    expect(desk.stairs.value!.error).not.toBeNull();
    expect(desk.again.value).toBe(0);
  });
  it('stock that does not clean up is said, not planned round', () => {
    const { desk } = screen.work(withStock('15 mm'), useCut);
    expect(desk.left.value).toBeLessThan(0);
    expect(desk.plan.value.passes).toEqual([]);
  });
  it('the shoulders stay over the cone, and end under the stock', () => {
    const { desk } = screen.work(withStock('26 mm'), useCut);
    const { steps } = desk.stairs.value!;
    expect(steps.length).toBeGreaterThan(1);
    for (const { diameter } of steps) expect(diameter).toBeLessThan(26);
  });
});

describe('a piece measured warm', () => {
  it('is brought to 20 °C by its material’s own growth, steel’s where it is in no row', async () => {
    const { desk } = screen.work(shankJob('attachment', { material: 'something new' }), () =>
      useWarmth(() => 40),
    );
    expect(desk.growth.value).toBeNull();
    expect(desk.at20(40)).toEqual({ diameter: 40 });
    desk.set({ typed: '45', value: 45 });
    await nextTick();
    expect(desk.growth.value).toBeCloseTo(40 * 11.5e-6 * 25, 5);
    expect(desk.at20(40)).toMatchObject({ temperature: 45, diameter: expect.closeTo(39.9885, 4) });
  });
  it('a temperature no piece is measured at is said at its box, and nothing is brought to it', async () => {
    const { desk } = screen.work(shankJob('attachment'), () => useWarmth(() => 40));
    desk.set({ typed: '450', value: 450 });
    await nextTick();
    expect(desk.problem.value).toContain('200');
    expect(desk.at20(40)).toEqual({ diameter: 40 });
  });
  it('is forgotten with the piece', async () => {
    const { desk } = screen.work(shankJob('attachment', { quantity: 2 }), () => useWarmth(() => 40));
    desk.set({ typed: '45', value: 45 });
    await nextTick();
    await useJob().keep({ kind: 'piece', carriedFrom: 1 }, { piece: 2 });
    await nextTick();
    expect(desk.given.value).toBeUndefined();
  });
});

import { entry } from '@anello/contract';
import { SIZE_METHODS } from '@anello/core/gauging';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../../data/stores/job';
import { shankJob, shankWork, useOnScreen } from '../../../testkit/onScreen';
import { useApproach } from './useApproach';
import { useEvidence } from './useEvidence';
import { useSizing } from './useSizing';

const screen = useOnScreen();
const HALF_ANGLE = Math.atan(1 / 19.922 / 2);
const standOff = (seen: number) =>
  useJob().keep({
    kind: 'stand-off',
    seen,
    halfAngle: HALF_ANGLE,
    diameterLeft: 2 * seen * Math.tan(HALF_ANGLE),
    typed: String(seen),
  });
const pass = (depth: number) =>
  useJob().keep({ kind: 'pass', dialFrom: 25, dialTo: 24, planned: 24, depth, typed: '24' });

describe('what was seen in the mate', () => {
  it('nothing seen says nothing', () => {
    const { desk } = screen.work(shankJob('attachment'), useEvidence);
    expect([desk.fit.value, desk.best.value, desk.nudge.value, desk.picked.value]).toEqual([
      null,
      null,
      null,
      null,
    ]);
    expect(desk.canClock.value).toBe(false);
  });
  it('a band at one end can be clocked, over the whole cone; the swing tells which way to nudge', async () => {
    const { desk } = screen.work(shankJob('attachment'), useEvidence);
    await desk.keepContact('large');
    await nextTick();
    expect(screen.kept('contact')).toEqual([
      { kind: 'contact', contact: 'large', halfAngle: HALF_ANGLE, swing: null, distance: null },
    ]);
    expect(desk.picked.value).toBe('large');
    expect(desk.best.value?.cause).toBe('too-steep');
    expect(desk.canClock.value).toBe(true);
    await desk.keepSwing(0.04);
    expect(screen.kept('contact').at(-1)).toMatchObject({ swing: 0.04, distance: 86 });
    expect(desk.nudge.value).toMatchObject({ measured: true });
    expect(desk.nudge.value!.nudge.because[0]).toBe('Too steep by ');
    expect(desk.nudge.value!.nudge.amount.value).toBeGreaterThan(0);
  });
  it('a swing larger than the whole taper is refused, and nothing of it is kept', async () => {
    const { desk } = screen.work(shankJob('attachment'), useEvidence);
    await desk.keepContact('large');
    await expect(desk.keepSwing(40)).rejects.toMatchObject({ name: 'AnelloError' });
    expect(screen.kept('contact')).toHaveLength(1);
  });
  it('a swing kept for another taper says nothing of this one', async () => {
    const { desk } = screen.work(shankJob('attachment'), useEvidence);
    await useJob().keep({
      kind: 'contact',
      contact: 'large',
      halfAngle: HALF_ANGLE,
      swing: 40,
      distance: 86,
    });
    await nextTick();
    expect(desk.fit.value).not.toBeNull();
    expect(desk.best.value?.cause).toBe('too-steep');
  });
  it('full contact wants no clock', async () => {
    const { desk } = screen.work(shankJob('attachment'), useEvidence);
    await desk.keepContact('full');
    await nextTick();
    expect(desk.canClock.value).toBe(false);
    await desk.keepSwing(0.04);
    expect(screen.kept('contact')).toHaveLength(1);
  });
});

describe('the way to the line', () => {
  it('begins with the first try, in divisions of this lathe’s dial', async () => {
    const { desk } = screen.work(shankJob('attachment'), useApproach);
    expect(desk.advice.value).toBeNull();
    await standOff(4);
    await nextTick();
    expect(desk.approach.value.stock).toBeCloseTo(4 * Math.tan(HALF_ANGLE), 12);
    const { move, infeed } = desk.advice.value!;
    expect(move).toBe('cut');
    // 0.02 on diameter is 0.01 on radius.
    expect(Math.abs(infeed / 0.01 - Math.round(infeed / 0.01))).toBeLessThan(1e-6);
    expect(desk.along(Math.tan(HALF_ANGLE))).toBeCloseTo(1, 9);
  });
  it('knows that it was cut since it was tried: a pass with nothing fed in as well', async () => {
    const { desk } = screen.work(shankJob('attachment'), useApproach);
    const after = async (keep: Promise<unknown>): Promise<boolean> => {
      await keep;
      await nextTick();
      return desk.cutSince.value;
    };
    expect(await after(standOff(4))).toBe(false);
    expect(await after(pass(0.05))).toBe(true);
    expect(await after(standOff(2))).toBe(false);
    expect(await after(pass(0))).toBe(true);
    expect(await after(standOff(2))).toBe(false);
  });
  it('tells how the last cut came out against what was foretold', async () => {
    const { desk } = screen.work(shankJob('attachment'), useApproach);
    await standOff(4);
    await pass(0.05);
    await standOff(2);
    await nextTick();
    expect(desk.last.value).not.toBeNull();
    expect(desk.last.value!.came).toBeCloseTo(2 * Math.tan(HALF_ANGLE), 9);
  });
  it('a smaller risk never feeds deeper, and is kept with the job', async () => {
    const { desk } = screen.work(shankJob('attachment'), useApproach);
    await standOff(4);
    await nextTick();
    const usual = desk.advice.value!.infeed;
    desk.setRisk(0.002);
    await nextTick();
    expect(shankWork().cut.risk).toBe(0.002);
    expect(desk.risk.value).toBe(0.002);
    expect(desk.advice.value!.infeed).toBeLessThanOrEqual(usual);
  });
  it('counted from here, the passes so far are no guide any more', async () => {
    const { desk } = screen.work(shankJob('attachment'), useApproach);
    await desk.countFromHere();
    expect(screen.kept('stand-off')).toEqual([]);
    await standOff(4);
    await pass(0.02);
    await standOff(3);
    await nextTick();
    expect(desk.approach.value.passes).toHaveLength(1);
    await desk.countFromHere();
    await nextTick();
    expect(screen.kept('stand-off').at(-1)).toMatchObject({ seen: 3, checked: true });
    expect(desk.approach.value.passes).toHaveLength(0);
  });
});

describe('how size is found', () => {
  it('is by the stand-off until another is picked; a method of the other member is not offered', () => {
    const { desk } = screen.work(shankJob('attachment'), useSizing);
    expect(desk.method.value.id).toBe(SIZE_METHODS[0]!.id);
    expect(desk.methods.value.every((m) => m.members.includes('external'))).toBe(true);
    expect(desk.standOff(1.6)).toBe(1.6);
    expect(desk.allowed.value).toBe(0.25);
  });
  it('a method’s figures are kept with the job, each under its own name, and taken out by nothing', async () => {
    const { desk } = screen.work(shankJob('attachment'), useSizing);
    const other = desk.methods.value.find((m) => m.given.length > 0)!;
    desk.pick(other.id);
    await nextTick();
    const [first] = other.given;
    desk.set(first!.key, entry('25 mm'));
    await nextTick();
    expect(shankWork().sizing).toEqual({
      by: other.id,
      given: { [`${other.id}.${first!.key}`]: entry('25 mm') },
    });
    expect(desk.given(first!.key)).toEqual(entry('25 mm'));
    desk.set(first!.key, undefined);
    await nextTick();
    expect(shankWork().sizing?.given).toEqual({});
  });
  it('a figure that makes no sense is said at its box', async () => {
    const { desk } = screen.work(shankJob('attachment'), useSizing);
    const said = desk.methods.value.some((method) => {
      desk.pick(method.id);
      for (const { key } of method.given) desk.set(key, { typed: '-4 mm', value: -4 });
      return method.given.some(({ key }) => desk.errorAt(key) !== undefined);
    });
    expect(said).toBe(true);
  });
  it('a part without a taper has nothing to size', () => {
    const { desk } = screen.work({ features: [] }, useSizing);
    expect(() => desk.standOff(1)).toThrow(expect.objectContaining({ code: 'underdetermined' }));
  });
});

import { entry } from '@anello/contract';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { usePinBlock } from './usePinBlock';

const { within } = useMounted();
const desk = () => within(usePinBlock).found;
beforeEach(() => sessionStorage.clear());

describe('a pin block being designed', () => {
  it('has a hole for every taper it is for, at its half angle as near as the readout sets it', () => {
    const { answer, tapers, halfAngleAt, errors } = desk();
    expect(errors.value).toEqual({});
    const holes = answer.value.design!.holes;
    expect(holes.map(({ name }) => name).sort()).toEqual(
      tapers.value.map((key) => halfAngleAt(key)!.name).sort(),
    );
    for (const { x, y, halfAngle } of holes)
      expect(Math.abs(Math.atan2(y, x) - halfAngle)).toBeLessThan(0.0001);
  });

  it('knows the half angle of a taper by its key: 1:12 is the arc tangent of a twenty-fourth', () => {
    const { halfAngleAt } = desk();
    expect(halfAngleAt('general/1:12')!.halfAngle).toBeCloseTo(Math.atan(1 / 24), 12);
    expect(halfAngleAt('general/none')).toBeNull();
    expect(halfAngleAt('shop/ours')).toBeNull();
  });

  it('takes a taper once, and lets go of it', async () => {
    const { tapers, add, drop } = desk();
    const before = [...tapers.value];
    add('general/1:20');
    add('general/1:20');
    add(null);
    expect(tapers.value).toEqual([...before, 'general/1:20']);
    drop(0);
    await nextTick();
    expect(tapers.value).toEqual([...before.slice(1), 'general/1:20']);
  });

  it('says what is wrong at the box it is wrong in, and is whole again when that is mended', async () => {
    const { change, errors, answer } = desk();
    change('holeDiameter', entry('0 mm'));
    await nextTick();
    expect(answer.value.design).toBeNull();
    expect(Object.keys(errors.value)).toEqual(['holeDiameter']);
    expect(errors.value['holeDiameter']).toMatch(/\.$/);
    change('holeDiameter', entry('6 mm'));
    await nextTick();
    expect(errors.value).toEqual({});
  });

  it('keeps its figures over a reload of the page, and an emptied box keeps the last one', async () => {
    const first = desk();
    first.change('width', entry('4 in'));
    first.change('width', null);
    first.add('general/1:20');
    await nextTick();
    const again = desk();
    expect(again.wish.value.width).toBeCloseTo(101.6, 9);
    expect(again.tapers.value).toContain('general/1:20');
  });

  it('names holes that would break into another, and none where all stand clear', async () => {
    const { change, crowded } = desk();
    expect(crowded.value).toEqual([]);
    change('holeDiameter', entry('34 mm'));
    await nextTick();
    expect(crowded.value.length).toBeGreaterThan(0);
    for (const hole of crowded.value) expect(hole.breaksInto.length).toBeGreaterThan(0);
  });
});

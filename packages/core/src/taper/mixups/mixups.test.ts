import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { parseQuantity } from '../../quantity/parseQuantity';
import { solveTaper } from '../solve';
import type { TaperTyped } from './mixUp';
import { mixUps } from './registry';
import { fractionBehind, fractionText } from './roundedFraction';
import { STANDARD_SIZES } from './standards';

const DEG = Math.PI / 180;
const suspects = (typed: TaperTyped) =>
  mixUps(typed, solveTaper({ ...typed, largeDiameter: typed.largeDiameter ?? typed.gaugeDiameter }));

describe('a figure that looks like another', () => {
  it('included angle for half', () => {
    const [one] = suspects({ halfAngle: 16 * DEG, largeDiameter: 25, length: 30 });
    expect(one).toMatchObject({ id: 'included-for-half', field: 'halfAngle' });
    expect(plainText(one!.said)).toContain('its half angle is 8°');
    expect(one!.cost.value).toBeCloseTo(60 * (Math.tan(16 * DEG) - Math.tan(8 * DEG)), 2);
    expect(one!.offer).toBe('8°');
  });
  it('taper on radius for taper on diameter, either way about', () => {
    const [half] = suspects({ ratio: 1 / 39.844, largeDiameter: 24, length: 80 });
    expect(half).toMatchObject({ id: 'radius-for-diameter', offer: '1:19.922' });
    expect(half!.cost.value).toBeCloseTo(80 / 39.844, 3);
    expect(suspects({ ratio: 7 / 48, largeDiameter: 31.75, length: 48 })[0]).toMatchObject({
      id: 'radius-for-diameter',
    });
  });
  it('sine for tangent, on a steep one', () => {
    const wrong = Math.asin(7 / 48);
    const [one] = suspects({ halfAngle: wrong, largeDiameter: 31.75, length: 48 });
    expect(one).toMatchObject({ id: 'sine-for-tangent', field: 'halfAngle' });
    expect(one!.cost.value).toBeGreaterThan(0.1);
    const [ratio] = suspects({ ratio: 2 * Math.sin(Math.atan(7 / 48)), largeDiameter: 31.75, length: 48 });
    expect(ratio).toMatchObject({ id: 'sine-for-tangent', field: 'ratio' });
  });
  it('a round nominal taper where the size’s own differs', () => {
    const [one] = suspects({ ratio: 1 / 20, gaugeDiameter: 23.825, length: 81 });
    expect(one).toMatchObject({ id: 'nominal-for-real', offer: '1:19.922' });
    expect(one!.cost.value).toBeCloseTo(81 * (1 / 19.922 - 1 / 20), 9);
    expect(plainText(one!.said)).toContain('No. 3 Morse');
    const [inch] = suspects({ ratio: 0.625 / 12, gaugeDiameter: 0.938 * 25.4, length: 80 });
    expect(inch?.offer).toMatch(/in\/ft|1:19/);
    expect(plainText(inch!.said)).toContain('No. 3 Morse');
  });
  it('a radius typed for a diameter', () => {
    const [one] = suspects({ ratio: 1 / 19.922, gaugeDiameter: 23.825 / 2, length: 60 });
    expect(one).toMatchObject({ id: 'radius-as-diameter', offer: '23.825 mm' });
  });
  it('no diameter of a size is a radius of another whose taper is much the same', () => {
    const found = suspects({ ratio: 1 / 20, gaugeDiameter: 23.825, length: 81 });
    expect(found.map(({ id }) => id)).toEqual(['nominal-for-real']);
  });
  it('a fraction rounded to three places', () => {
    const [one] = suspects({
      ratio: 1 / 12,
      smallDiameter: 0.109 * 25.4,
      largeDiameter: 0.109 * 25.4 + 2,
      length: 24,
    });
    expect(one).toMatchObject({ id: 'rounded-fraction', field: 'smallDiameter', offer: '7/64 in' });
    expect(one!.cost.value).toBeCloseTo(0.000375 * 25.4, 9);
    expect(fractionText(fractionBehind(1.312 * 25.4)!)).toBe('1-5/16 in');
    expect(fractionBehind(0.25 * 25.4)).toBeNull();
    expect(fractionBehind(4.75)).toBeNull();
  });
  it('says nothing of any size in the tables as it stands there', () => {
    for (const { ratio, gaugeDiameter, length, name } of STANDARD_SIZES) {
      if (gaugeDiameter === null || length === null) continue;
      const found = mixUps(
        { ratio, gaugeDiameter, length },
        solveTaper({ ratio, largeDiameter: gaugeDiameter, length }),
      );
      expect(
        found.filter((f) => f.id !== 'rounded-fraction'),
        name,
      ).toEqual([]);
    }
  });
  it('what it offers can be typed, and typed it raises no more suspicion', () => {
    const cases: TaperTyped[] = [
      { halfAngle: 16 * DEG, largeDiameter: 25, length: 30 },
      { ratio: 1 / 20, gaugeDiameter: 23.825, length: 81 },
      { ratio: 1 / 39.844, largeDiameter: 24, length: 80 },
    ];
    for (const typed of cases) {
      const [one] = suspects(typed);
      const dimension = one!.field === 'halfAngle' ? 'angle' : 'taper';
      const { value } = parseQuantity({
        text: one!.offer,
        dimension,
        defaultUnit: dimension === 'angle' ? 'deg' : 'ratio',
      });
      expect(suspects({ ...typed, [one!.field]: value }).filter((s) => s.field === one!.field)).toEqual([]);
    }
  });
});

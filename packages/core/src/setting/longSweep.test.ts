import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { SETTING, SWEEP } from '../examples.testdata';
import { analyseSweep } from '../sweep';
import { drawsOf } from '../sweep/sweeps.testdata';
import { bar } from './causes/bar';
import { height } from './causes/height';
import { CAUSE_IDS, type Swept } from './causes/kind';
import { judgeLongSweep, slopeWanted } from '.';

const { halfAngle, tolerance, length } = SETTING.task;
const AT = Array.from({ length: 200 }, (_, i) => (150 * i) / 199);
/** The same scatter every time. */
const shaken = (seed: number, by = 0.0006): number[] => {
  const draw = drawsOf(seed);
  return AT.map(() => by * (draw() + draw() + draw() - 1.5) * 2);
};
const swept = (off: (at: number) => number, seed = 1) =>
  judgeLongSweep('attachment', SETTING, SWEEP, {
    travel: AT,
    reading: AT.map((at, i) => at * Math.tan(halfAngle) + off(at) + shaken(seed)[i]!),
    lead: 3,
  });
const bowed =
  (by: number) =>
  (at: number): number =>
    (by * 4 * at * (150 - at)) / 150 ** 2;
const ids = (verdict: ReturnType<typeof swept>): string[] => verdict.causes.map(({ id }) => id);

describe('a device read all along', () => {
  it('that stands right is inside its band, and nothing is found', () => {
    const verdict = swept(() => 0);
    expect(verdict).toMatchObject({ inBand: true, sure: true, nudge: null, causes: [] });
    expect(Math.abs(verdict.halfAngle.value - halfAngle)).toBeLessThan(5 * verdict.halfAngle.u);
  });
  it('that stands steep is nudged to where it should stand, and costs what it leaves over the part', () => {
    const off = 8 * tolerance.halfAngle;
    const verdict = swept((at) => at * (Math.tan(halfAngle + off) - Math.tan(halfAngle)));
    expect(verdict.inBand).toBe(false);
    expect(verdict.nudge).not.toBeNull();
    const [cause] = verdict.causes;
    expect(cause!.id).toBe('angle');
    expect(cause!.costs).toBeCloseTo(2 * length * (Math.tan(halfAngle + off) - Math.tan(halfAngle)), 3);
  });
  it('inside its band but near its edge is nudged to the middle: the cut wants its share of the band', () => {
    const at = (part: number) => {
      const off = part * tolerance.halfAngle;
      return swept((z) => z * (Math.tan(halfAngle + off) - Math.tan(halfAngle)));
    };
    for (const part of [0.8, -0.8]) {
      const { inBand, nudge } = at(part);
      expect(inBand).toBe(true);
      expect(nudge!.amount.value).toBeCloseTo(180 * 0.8 * tolerance.halfAngle, 3);
      expect(plainText(nudge!.because)).toContain(part > 0 ? 'steep' : 'shallow');
    }
    for (const part of [0.2, -0.2]) expect(at(part)).toMatchObject({ inBand: true, nudge: null });
  });
  it('that is worn hollow costs the square of the part’s share of it, and says so', () => {
    const verdict = swept((at) => (-0.03 * 4 * at * (150 - at)) / 150 ** 2);
    expect(ids(verdict)).toEqual(['bar']);
    expect(verdict.causes[0]!.costs).toBeCloseTo(2 * 0.03 * (length / 150) ** 2, 3);
    expect(plainText(verdict.causes[0]!.what)).toContain('hollow');
    // No stretch of an arc is straighter than another.
    expect(plainText(verdict.causes[0]!.todo)).toMatch(/^It bows evenly: this part needs /);
  });
  it('that is worn in one place sends the part to where it is not', () => {
    const task = { ...SETTING.task, length: 60 };
    const travel = AT.map((at) => 1.3 * at);
    const verdict = judgeLongSweep('attachment', { ...SETTING, task }, SWEEP, {
      travel,
      reading: travel.map((at, i) => {
        const u = (at - 100) / 90;
        return at * Math.tan(halfAngle) - (u > 0 && u < 1 ? 0.05 * 4 * u * (1 - u) : 0) + shaken(6)[i]!;
      }),
    });
    const found = verdict.causes.find(({ id }) => id === 'bar')!;
    expect(plainText(found.todo)).toMatch(
      /^Use \d+\s*mm to \d+\s*mm of it: there it strays by less than 0\.001/,
    );
    const to = Number(/to (\d+)/.exec(plainText(found.todo).replaceAll('\u00a0', ' '))![1]);
    expect(to).toBeLessThanOrEqual(108);
  });
  it('worn at one end, its angle is that of the stretch it is good in, and it is nudged by that', () => {
    const falling = (at: number): number => -0.0002 * Math.max(0, at - 90) ** 1.6;
    const right = swept(falling);
    expect(Math.abs(right.halfAngle.value - halfAngle)).toBeLessThan(0.2 * tolerance.halfAngle);
    expect(right).toMatchObject({ inBand: true, nudge: null });
    expect(ids(right)).toEqual(['bar']);
    // All of it together would have it shallow by more than ten of its bands.
    const { slope } = right.analysis;
    expect(Math.tan(halfAngle) - slope.value).toBeGreaterThan(10 * tolerance.halfAngle);
    const steep = 5 * tolerance.halfAngle;
    const off = swept((at) => falling(at) + at * (Math.tan(halfAngle + steep) - Math.tan(halfAngle)));
    expect(off.halfAngle.value - halfAngle).toBeCloseTo(steep, 5);
    expect(plainText(off.nudge!.because)).toContain('steep');
  });
  it('that bows evenly is right in its middle alone: how far off an end of it is, is said', () => {
    const { todo } = swept(bowed(-0.03)).causes[0]!;
    const beside = (150 - length) / 2;
    const change = Math.atan((8 * 0.03 * beside) / 150 ** 2);
    const said = todo.flatMap((part) =>
      typeof part !== 'string' && part.quantity === 'angle' ? [part.value] : [],
    );
    expect(said).toHaveLength(1);
    expect(said[0]).toBeCloseTo(change, 5);
    const places = /middle, (\d+)\s*mm to (\d+)\s*mm/.exec(plainText(todo))!;
    expect(places.slice(1).map(Number)).toEqual([Math.round(beside), Math.round(150 - beside)]);
    // The slope of the arc at a stretch that begins at its end.
    const end = AT.filter((at) => at <= length);
    const rise = (bowed(-0.03)(end.at(-1)!) - bowed(-0.03)(0)) / end.at(-1)!;
    expect(Math.abs(Math.atan(rise))).toBeCloseTo(change, 5);
  });
  it('that is worn in no one arc is not said to bow, where no stretch is better than another', () => {
    const verdict = swept(() => 0);
    const facts = {
      ...{
        analysis: { ...verdict.analysis, noise: 0.02 },
        sweep: SWEEP,
        task: SETTING.task,
        from: 0,
        length: 150,
      },
      ...{ wander: { off: 0.03, buzz: 0.001 }, halfAngle, nudge: null },
    };
    const slope = { value: Math.tan(halfAngle), u: 1e-6 };
    const said = (off: number): string =>
      plainText(bar({ ...facts, straightest: { from: 10, to: 96, off, slope } })!.todo).replaceAll(
        '\u00a0',
        ' ',
      );
    expect(said(0.025)).toBe(
      'No stretch of 86 mm strays by less than 0.025 mm: dress the bar, or take that as it is',
    );
    expect(said(0.01)).toMatch(/^Use 10 mm to 96 mm of it: there it strays by 0\.010 mm/);
  });
  it('that swings in another time than its screw sends nobody to the screw', () => {
    const check = (period: number): string =>
      plainText(swept((at) => 0.008 * Math.sin((2 * Math.PI * at) / period)).causes[0]!.check);
    expect(check(3)).toContain('the screw’s');
    expect(check(11)).toMatch(/^The screw turns once in 3\.00\s*mm: it is not the screw\./);
  });
  it('that has lash, was bumped, swings, buzzes or has a chip on it is told as that', () => {
    const slope = Math.tan(halfAngle);
    expect(ids(swept((at) => -slope * Math.min(at, 12)))).toEqual(['lash']);
    expect(ids(swept((at) => (at > 70 ? 0.02 : 0)))).toEqual(['bumped']);
    expect(ids(swept((at) => 0.008 * Math.sin((2 * Math.PI * at) / 3)))).toEqual(['screw']);
    expect(ids(swept((at) => (at === AT[90] ? 0.05 : 0)))).toEqual(['chip']);
    const noise = shaken(9, 0.02);
    expect(ids(swept((at) => noise[AT.indexOf(at)]!))).toEqual(['loose']);
  });
  it('of several the one that costs most comes first', () => {
    const verdict = swept((at) => (0.012 * 4 * at * (150 - at)) / 150 ** 2 + at * 0.0012 + (at > 70 ? 0 : 0));
    expect(ids(verdict)).toEqual(['angle', 'bar']);
    expect([...verdict.causes].sort((a, b) => b.costs - a.costs)).toEqual(verdict.causes);
  });
  it('every cause says what it is, what to do and what would tell it from another, with nothing missing', () => {
    const verdict = swept(
      (at) => -Math.tan(halfAngle) * Math.min(at, 12) + 0.0012 * at + (at === AT[120] ? 0.06 : 0),
    );
    expect(verdict.causes.length).toBeGreaterThan(1);
    for (const { id, what, todo, check, costs } of verdict.causes) {
      expect(CAUSE_IDS).toContain(id);
      expect(costs).toBeGreaterThanOrEqual(0);
      for (const phrase of [what, todo, check])
        for (const units of ['mm', 'inch'] as const) {
          expect(plainText(phrase, units).length).toBeGreaterThan(10);
          expect(plainText(phrase, units)).not.toMatch(/undefined|NaN|\[object/);
        }
    }
  });
  it('along a master the needle should stand still, and the angle is told all the same', () => {
    const still = { ...SWEEP, reads: 'still' as const };
    expect(slopeWanted(still, SETTING)).toBeCloseTo(0, 12);
    const off = 6 * tolerance.halfAngle;
    const verdict = judgeLongSweep('attachment', SETTING, still, {
      travel: AT,
      reading: AT.map((at, i) => at * (Math.tan(halfAngle + off) - Math.tan(halfAngle)) + shaken(4)[i]!),
    });
    expect(verdict.halfAngle.value).toBeCloseTo(halfAngle + off, 5);
  });
  it('is refused where it is of runout', () => {
    const runout = { ...SWEEP, reads: 'runout' as const };
    expect(() => judgeLongSweep('attachment', SETTING, runout, { travel: AT, reading: AT })).toThrow(
      'round the spindle',
    );
  });
});

describe('a contact off the height of the centres', () => {
  /** A steep taper: along a slender one no contact is set so far off that it shows. */
  const steep = { ...SETTING.task, smallDiameter: 16, halfAngle: Math.atan(3.5 / 24), length: 60 };
  const still = { ...SWEEP, reads: 'still' as const };
  const run = 60;
  const bowOf = (h: number): number => {
    const r = (z: number): number => 8 + z * Math.tan(steep.halfAngle);
    const seen = (z: number): number => Math.sqrt(r(z) ** 2 - h ** 2) - r(z);
    const travel = AT.map((at) => (at * run) / 150);
    return analyseSweep({ travel, reading: travel.map(seen), expectedSlope: 0 }).bow!.value;
  };
  const found = (bow: number, more: object = {}) =>
    height({
      analysis: { bow: { value: bow, u: 0.0001 } },
      sweep: still,
      task: steep,
      length: run,
      ...more,
    } as unknown as Swept);
  it.each([0.5, 1, 1.6])('of %s mm is told from the bow it makes', (h) => {
    const cause = found(bowOf(h))!;
    const told = cause.what.find((piece) => typeof piece === 'object') as { value: number };
    expect(told.value).toBeCloseTo(h, 1);
    // What the needle takes off at the small end beyond what it does at the large, on both sides of the cone.
    const lost = (r: number): number => r - Math.sqrt(r ** 2 - h ** 2);
    const large = 8 + run * Math.tan(steep.halfAngle);
    expect(cause.costs / (2 * (lost(8) - lost(large)))).toBeCloseTo(1, 1);
  });
  it('is no cause of a hollow, of a bow that no hand would set, nor where no round master is touched', () => {
    expect(found(-bowOf(1))).toBeNull();
    expect(found(0.5)).toBeNull();
    expect(found(bowOf(1), { sweep: SWEEP })).toBeNull();
    expect(found(bowOf(1), { analysis: { bow: null } })).toBeNull();
  });
});

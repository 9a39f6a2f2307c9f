import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { latheLikeness, type Told } from '.';

const story = (over: Partial<Told['story']>): Told['story'] => ({
  from: '2026-01-01T08:00:00.000Z',
  to: '2026-01-01T10:00:00.000Z',
  operator: 'RK',
  way: 'attachment',
  setting: null,
  pieces: 1,
  accepted: 1,
  scrapped: 0,
  passes: 2,
  tries: 2,
  took: null,
  causes: [],
  minutes: 60,
  setUpMinutes: null,
  runout: null,
  ...over,
});
const day = (n: number): string => new Date(Date.UTC(2026, 0, n)).toISOString();
const setting = (scaleOff: number | null) => ({
  halfAngle: 0.025,
  at: day(1),
  operator: 'RK',
  machineId: 'l',
  nudges: scaleOff === null ? 0 : 1,
  scaleOff,
});
const jobs = (values: readonly number[]): Told[] =>
  values.map((took, i) => ({ jobId: `j-${i}`, number: `J-${i}`, story: story({ took, to: day(i + 1) }) }));

describe('what a lathe is like', () => {
  it('has its scales by device and what comes off, in the order of time, with mean and scatter', () => {
    const told: Told[] = [
      { jobId: 'b', number: 'B', story: story({ to: day(9), setting: setting(3e-4), took: 0.9 }) },
      { jobId: 'a', number: 'A', story: story({ to: day(2), setting: setting(1e-4), took: 1 }) },
      { jobId: 'c', number: 'C', story: story({ to: day(5), way: 'compound', setting: setting(-2e-4) }) },
      { jobId: 'd', number: 'D', story: story({ to: day(6), way: 'reamer', setting: setting(9e-4) }) },
      { jobId: 'e', number: 'E', story: story({ to: day(7), setting: setting(null) }) },
    ];
    const said = latheLikeness(told);
    expect(said.map(({ kind, device }) => [kind, device])).toEqual(
      expect.arrayContaining([
        ['scale', 'attachment'],
        ['scale', 'compound'],
        ['took', null],
      ]),
    );
    expect(said).toHaveLength(3);
    const bar = said.find((one) => one.device === 'attachment')!;
    expect(bar.points.map((p) => p.number)).toEqual(['A', 'B']);
    expect(bar.mean).toBeCloseTo(2e-4, 12);
    expect(bar.scatter).toBeCloseTo(2 * Math.sqrt(2e-8), 12);
    expect(said.find((one) => one.device === 'compound')!.scatter).toBeNull();
  });
  it('says a change that is more than the scatter before it, and none that is not', () => {
    expect(latheLikeness(jobs([0.95, 0.94, 0.96, 0.95, 0.8, 0.81, 0.79]))[0]!.changed).toEqual({
      from: expect.closeTo(0.95, 9),
      to: expect.closeTo(0.8, 9),
    });
    expect(latheLikeness(jobs([0.95, 0.94, 0.96, 0.95, 0.94, 0.96, 0.95]))[0]!.changed).toBeNull();
    expect(latheLikeness(jobs([0.95, 0.8, 0.8, 0.8]))[0]!.changed).toBeNull();
  });
  it('has minutes by way, what tools showed, runout and drift, each where something tells of it', () => {
    const shown = [{ gain: 0.9, variance: 1e-4, lash: 0.01, wear: 0.001, at: day(1) }];
    const said = latheLikeness([
      { jobId: 'a', number: 'A', story: story({ setUpMinutes: 18, runout: 0.006 }), shown, drift: -0.004 },
      { jobId: 'b', number: 'B', story: story({ setUpMinutes: 22, way: 'compound' }) },
    ]);
    const of = (kind: string): unknown =>
      said.filter((one) => one.kind === kind).map(({ way, mean }) => [way, mean]);
    expect(of('set-up')).toEqual([
      ['compound', 22],
      ['attachment', 18],
    ]);
    expect(of('spring')).toEqual([[null, expect.closeTo(0.1, 9)]]);
    expect([of('lash'), of('wear'), of('runout'), of('drift')]).toEqual([
      [[null, 0.01]],
      [[null, 0.001]],
      [[null, 0.006]],
      [[null, -0.004]],
    ]);
  });
  it('of steady scatter alone it says a change seldom', () => {
    let said = 0;
    const RUNS = 400;
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 12, maxLength: 12 }), (n) => {
        if (latheLikeness(jobs(n.map((v) => 0.95 + v / 20_000)))[0]!.changed) said++;
      }),
      { seed: 7, numRuns: RUNS },
    );
    expect(said / RUNS).toBeLessThan(0.15);
  });
});

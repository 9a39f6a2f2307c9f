import { describe, expect, it } from 'vitest';
import { holdsNow, learnedMinutes, learnedScale, type Likeness } from '.';

const figure = (over: Partial<Likeness>, values: readonly number[]): Likeness => ({
  kind: 'set-up',
  device: null,
  way: null,
  points: values.map((value, i) => ({
    at: `2026-0${i + 1}-01T08:00:00Z`,
    jobId: `${i}`,
    number: `${i}`,
    value,
  })),
  mean: values.reduce((sum, v) => sum + v, 0) / values.length,
  scatter:
    values.length > 1 ? 2 * Math.sqrt(values.reduce((s, v, _, all) => s + (v - all[0]!) ** 2, 0)) : null,
  changed: null,
  ...over,
});

describe('what records give where nobody typed a figure', () => {
  it('is whole minutes of a way of which two jobs or more tell, and never in the place of a typed one', () => {
    const figures = [
      figure({ way: 'attachment' }, [40.2, 30]),
      figure({ way: 'compound' }, [25]),
      figure({ way: 'tailstock' }, [12, 14]),
    ];
    expect(learnedMinutes({ minutes: { tailstock: 50 } }, figures)).toEqual({
      attachment: { value: 35, jobs: 2 },
    });
    expect(learnedMinutes({}, [figure({ way: 'reamer' }, [0.1, 0.2])])).toEqual({
      reamer: { value: 1, jobs: 2 },
    });
  });
  it('of what has changed is what it has become, not the mean of before and after', () => {
    const told = [2, 2.1, 1.9, 2, 2, 6, 6.1, 5.9].map((tenThousandths) => tenThousandths * 1e-4);
    const scale = figure({ kind: 'scale', device: 'attachment', changed: { from: 2e-4, to: 6e-4 } }, told);
    expect(learnedScale('attachment', [scale])).toEqual({ value: expect.closeTo(6e-4, 12), jobs: 3 });
    // Those before lie wide of it: that is not its scatter now.
    expect(holdsNow(scale).scatter).toBeCloseTo(2e-5, 12);
    expect(holdsNow({ ...scale, changed: null })).toMatchObject({
      value: scale.mean,
      scatter: scale.scatter,
      jobs: 8,
    });
    const minutes = figure({ way: 'compound', changed: { from: 40, to: 20 } }, [40, 41, 39, 20, 19, 21]);
    expect(learnedMinutes({}, [minutes])).toEqual({ compound: { value: 20, jobs: 3 } });
  });
  it('is a scale’s error, where its jobs agree on one', () => {
    const scale = (values: readonly number[]) => [
      figure({ kind: 'scale', device: 'compound', scatter: 2e-4 }, values),
    ];
    expect(learnedScale('compound', scale([9e-4, 7e-4]))).toEqual({
      value: expect.closeTo(8e-4, 12),
      jobs: 2,
    });
    expect(learnedScale('compound', scale([1e-4, -0.5e-4]))).toBeNull();
    expect(learnedScale('compound', scale([9e-4]))).toBeNull();
    expect(learnedScale('attachment', scale([9e-4, 7e-4]))).toBeNull();
  });
});

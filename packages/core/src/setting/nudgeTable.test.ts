import { describe, expect, it } from 'vitest';
import { SETTING, SWEEP } from '../examples.testdata';
import { judgeSweep, nudgeTable } from '.';

describe('nudges to be looked up by hand', () => {
  const rows = nudgeTable('attachment', SETTING, SWEEP);
  const last = SWEEP.stations.at(-1)!;
  it('lie to both sides, the larger the further off, and the other way on the other side', () => {
    expect(rows.map(({ seen }) => Math.sign(seen - last.expected))).toEqual([-1, -1, -1, 1, 1, 1]);
    const amounts = rows.map(({ nudge }) => nudge.amount.value);
    expect(amounts[0]!).toBeGreaterThan(amounts[1]!);
    expect(amounts[5]!).toBeGreaterThan(amounts[4]!);
    expect(rows[0]!.nudge.direction).not.toBe(rows[5]!.nudge.direction);
    expect(new Set(rows.slice(0, 3).map(({ nudge }) => nudge.direction)).size).toBe(1);
  });
  it('are what the screen says of the same readings', () => {
    for (const { seen, nudge } of rows) {
      const share = (seen - last.expected) / last.at;
      const readings = SWEEP.stations.map(({ at, expected }) => ({ at, seen: expected + share * at }));
      expect(judgeSweep('attachment', SETTING, SWEEP, readings).nudge!.amount.value).toBeCloseTo(
        nudge.amount.value,
        12,
      );
    }
  });
  it('are none of a runout, which is no slope', () => {
    expect(nudgeTable('attachment', SETTING, { ...SWEEP, reads: 'runout' })).toEqual([]);
    expect(nudgeTable('attachment', SETTING, { ...SWEEP, stations: [] })).toEqual([]);
  });
});

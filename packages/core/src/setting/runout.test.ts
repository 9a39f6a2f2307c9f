import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { SETTING, SWEEP } from '../examples.testdata';
import { judgeSweep } from './judge';
import type { Sweep } from './setting';

/** Three places, each true within a hundredth. */
const sweep: Sweep = {
  ...SWEEP,
  reads: 'runout',
  resolution: 0.001,
  stations: [10, 40, 70].map((at) => ({ at, expected: 0, low: 0, high: 0.01 })),
};
const judged = (...seen: (number | null)[]) =>
  judgeSweep(
    'attachment',
    SETTING,
    sweep,
    seen.flatMap((one, i) => (one === null ? [] : [{ at: sweep.stations[i]!.at, seen: one }])),
  );
const said = (...seen: (number | null)[]): string | null => {
  const { remark } = judged(...seen);
  return remark && plainText(remark);
};

describe('what is clocked for runout', () => {
  it('is true enough where every place is', () => {
    expect(judged(0.002, 0.01, 0)).toMatchObject({ inBand: true, nudge: null, fit: { pattern: 'too-few' } });
    expect(said(0.002, 0.01, 0)).toMatch(/^True enough/);
  });
  it('says nothing while places are left to read and none is bad', () => {
    expect(judged(0.002, null, null).inBand).toBe(false);
    expect(said(0.002, null, null)).toBeNull();
    expect(said()).toBeNull();
  });
  it('is held off centre where every place is out, and crooked where some are', () => {
    expect(said(0.05, 0.06, 0.05)).toMatch(/^Out at every place/);
    expect(said(0.002, 0.03, 0.08)).toMatch(/^Out at one end only/);
    expect(said(0.05, null, null)).toMatch(/^Out at one end only/);
  });
  it('at a single place is not told from a master that is held crooked: it is put right', () => {
    const alone = { ...sweep, stations: sweep.stations.slice(0, 1) };
    const [at] = alone.stations.map((one) => one.at);
    const heard = (seen: number): string =>
      plainText(judgeSweep('attachment', SETTING, alone, [{ at: at!, seen }]).remark ?? []);
    expect(heard(0.05)).toBe('Out: put it right, and read again.');
    expect(heard(0.005)).toMatch(/^True enough/);
  });
  it('takes half of what the indicator shows as the same', () => {
    expect(judged(0.0105, 0, 0).inBand).toBe(true);
    expect(judged(0.0107, 0, 0).inBand).toBe(false);
  });
});

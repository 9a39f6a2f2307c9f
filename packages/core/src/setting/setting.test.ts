import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText, type Phrase } from '../figure/phrase';
import { LONG, SHANK, SHORT } from '../testkit.testdata';
import type { WayId } from '../taper/wayId';
import { judgeSweep } from './judge';
import { nextNudge, settingSteps } from './registry';
import type { SettingContext, SettingStep } from './setting';

const long: SettingContext = { task: SHANK, lathe: LONG };
const step = (way: WayId, id: string, context = long): SettingStep =>
  settingSteps(way, context).find((s) => s.id === id)!;
const SECOND = Math.PI / 180 / 3600;

/** What a flawless indicator would see along a sweep with the device standing at an angle. */
const seen = (s: SettingStep, angle: number) =>
  s.sweep!.stations.map(({ at }) => ({
    at,
    seen: at * (s.sweep!.travelAlong === 'slide' ? Math.sin(angle) : Math.tan(angle)),
  }));

describe('setting the attachment', () => {
  it('gives 75 mm stations with the band of the part’s grade', () => {
    const { stations } = step('attachment', 'sweep').sweep!;
    expect(stations.map((s) => s.at)).toEqual([25, 50, 75]);
    expect(stations[2]!.expected).toBeCloseTo(75 * (1 / 19.922 / 2), 9);
    expect(stations[2]!.high - stations[2]!.low).toBeCloseTo((2 * 75 * (63e-6 * 2.56)) / 4, 5);
  });

  it('reads an angle out of the stations and asks for the shift of the bar’s end', () => {
    const sweep = step('attachment', 'sweep');
    const verdict = judgeSweep('attachment', long, sweep.sweep!, seen(sweep, SHANK.halfAngle + 30 * SECOND));
    expect(verdict.inBand).toBe(false);
    expect(verdict.fit.pattern).toBe('slope');
    expect(verdict.nudge?.amount.value).toBeCloseTo(180 * 30 * SECOND, 4);
    expect(verdict.nudge?.direction).toBe('toward you');
    expect(plainText(verdict.nudge!.because)).toBe('Too steep by 30″.');
  });

  it('the other end of the bar goes the other way', () => {
    const flipped: SettingContext = {
      ...long,
      lathe: { ...LONG, attachment: { ...LONG.attachment!, indicatedEnd: 'headstock' } },
    };
    expect(nextNudge('attachment', flipped, SHANK.halfAngle + 30 * SECOND, 75).direction).toBe(
      'away from you',
    );
  });

  it('tells a step after the start from an angle, and starting further back from a nudge', () => {
    const sweep = step('attachment', 'sweep');
    const readings = seen(sweep, SHANK.halfAngle).map((r) => ({ ...r, seen: r.seen - 0.03 }));
    const verdict = judgeSweep('attachment', long, sweep.sweep!, readings);
    expect(verdict.fit.pattern).toBe('lash');
    expect(verdict.fit.step).toBeCloseTo(0.03, 6);
    expect(verdict.nudge).toBeNull();
    expect(plainText(verdict.remark!)).toContain('lash');
  });

  it('tells a bow from an angle', () => {
    const sweep = step('attachment', 'sweep');
    const readings = seen(sweep, SHANK.halfAngle).map((r) => ({
      ...r,
      seen: r.seen - (0.02 * r.at * (75 - r.at)) / 37.5 ** 2,
    }));
    expect(judgeSweep('attachment', long, sweep.sweep!, readings).fit.pattern).toBe('bow');
  });

  it('warns when the reading fits the other handle', () => {
    const steep = {
      ...SHANK,
      halfAngle: Math.atan(7 / 48),
      length: 48,
      largeDiameter: 31.75,
      smallDiameter: 17.75,
    };
    const context: SettingContext = {
      task: { ...steep, tolerance: { overLength: 0.008, halfAngle: 4e-5 } },
      lathe: LONG,
    };
    const sweep = step('compound', 'sweep', context);
    const carriageInstead = sweep.sweep!.stations.map(({ at }) => ({
      at,
      seen: at * Math.tan(steep.halfAngle),
    }));
    expect(judgeSweep('compound', context, sweep.sweep!, carriageInstead).fit.pattern).toBe('wrong-handle');
  });

  it('does not dress up unsteady readings as an angle', () => {
    const sweep = step('attachment', 'sweep');
    const readings = [
      { at: 25, seen: 0.7 },
      { at: 50, seen: 1.1 },
      { at: 75, seen: 2.05 },
    ];
    const verdict = judgeSweep('attachment', long, { ...sweep.sweep! }, [{ at: 10, seen: 0.6 }, ...readings]);
    expect(verdict.fit.pattern).toBe('unsteady');
    expect(verdict.nudge).toBeNull();
  });
});

it('no reading, however wild, breaks the card or asks for a nudge', () => {
  for (const way of ['attachment', 'compound', 'tailstock'] as const) {
    const card = step(way, 'sweep');
    for (const wild of [0, -5, 1e4, -1e4, 1e12]) {
      const verdict = judgeSweep(way, long, card.sweep!, [{ at: card.sweep!.stations[0]!.at, seen: wild }]);
      expect(verdict.inBand).toBe(false);
      if (Math.abs(wild) > 100) expect(verdict.nudge).toBeNull();
    }
  }
});

describe('set, read, nudge, read again', () => {
  const devices: [WayId, SettingContext, string][] = [
    ['attachment', long, 'sweep'],
    ['compound', { task: { ...SHANK, length: 40, smallDiameter: 22 }, lathe: SHORT }, 'sweep'],
    ['tailstock', { task: SHANK, lathe: SHORT }, 'offset'],
    ['tailstock', { task: SHANK, lathe: SHORT }, 'sweep'],
  ];
  it.each(devices)('one nudge of the %s puts a wrong angle right', (way, context, id) => {
    const card = step(way, id, context);
    const wanted = context.task.halfAngle;
    fc.assert(
      fc.property(fc.double({ min: -0.004, max: 0.004, noNaN: true }), (off) => {
        const verdict = judgeSweep(way, context, card.sweep!, seen(card, wanted + off));
        if (!verdict.nudge)
          return (
            Math.abs(off) <= context.task.tolerance.halfAngle * 1.01 + 1e-5 ||
            verdict.fit.pattern === 'wrong-handle'
          );
        const sign = off > 0 ? -1 : 1;
        const { value } = verdict.nudge.amount;
        const after = apply(way, context, wanted + off, sign * value, card);
        return Math.abs(after - wanted) < 1e-6;
      }),
      { seed: 3 },
    );
  });

  /** What the device's own geometry makes of a nudge. */
  function apply(
    way: WayId,
    { task, lathe }: SettingContext,
    from: number,
    by: number,
    card: SettingStep,
  ): number {
    if (way === 'attachment') return Math.atan(Math.tan(from) + by / lathe.attachment!.pivotLength);
    if (way === 'tailstock') return Math.asin(Math.sin(from) + by / task.workLength);
    return Math.asin(Math.sin(from) + by / card.sweep!.stations.at(-1)!.at);
  }

  it('the tailstock’s small end comes toward the operator', () => {
    const context = { task: SHANK, lathe: SHORT };
    expect(nextNudge('tailstock', context, SHANK.halfAngle - 0.001, 86).direction).toBe('toward you');
    expect(plainText(step('tailstock', 'offset', context).title)).toContain('toward you');
  });

  it('a tap of a compound is worth what its needle shows over the travel, as angle and on diameter', () => {
    const context = { task: SHANK, lathe: SHORT };
    const card = step('compound', 'swing', context);
    const figureIn = (phrase: Phrase): number =>
      phrase.flatMap((one) => (typeof one === 'string' ? [] : [one.value]))[0]!;
    const travel = step('compound', 'sweep', context).sweep!.stations.at(-1)!.at;
    for (const row of card.table!.rows) {
      const [moved, turned, wider] = row.map(figureIn) as [number, number, number];
      expect(travel * (Math.sin(SHANK.halfAngle + turned) - Math.sin(SHANK.halfAngle))).toBeCloseTo(moved, 9);
      const ends = 2 * SHANK.length * (Math.tan(SHANK.halfAngle + turned) - Math.tan(SHANK.halfAngle));
      expect(wider).toBeCloseTo(ends, 9);
    }
  });

  it('a scale whose zero lies across the bed reads the complement', () => {
    const card = step('compound', 'swing', { task: SHANK, lathe: SHORT });
    expect(card.figures[0]!.figure.value).toBeCloseTo(Math.PI / 2 - SHANK.halfAngle, 12);
  });

  it('every card of every way has its words, and its figures are finite', () => {
    for (const way of ['attachment', 'compound', 'tailstock'] as const) {
      const cards = settingSteps(way, long);
      expect(cards.length).toBeGreaterThanOrEqual(3);
      for (const card of cards) {
        expect(plainText(card.title).length).toBeGreaterThan(5);
        expect(plainText(card.detail, 'inch')).not.toMatch(/NaN|undefined/);
        for (const { figure } of card.figures) expect(Number.isFinite(figure.value)).toBe(true);
      }
    }
  });

  it('says when the band is finer than the indicator shows', () => {
    expect(
      plainText(step('tailstock', 'sweep', { task: SHANK, lathe: { ...SHORT, indicator: 0.01 } }).bandNote!),
    ).toContain('finer than');
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  clockOffset,
  creepOf,
  figureOf,
  goneAfter,
  pairTracks,
  passedStations,
  PLAIN_USE,
  READS,
  restOf,
  shownOf,
  swingOf,
  type InstrumentUse,
  type Moment,
} from './index';

const use = (change: Partial<InstrumentUse> = {}): InstrumentUse => ({ ...PLAIN_USE, ...change });
const every = (step: number, seconds: number, value: (time: number) => number): Moment[] =>
  Array.from({ length: Math.round(seconds / step) + 1 }, (_, i) => ({
    time: i * step,
    value: value(i * step),
  }));

describe('what an instrument in use stands for', () => {
  it('a lever over by 20° reads six in a hundred too much', () => {
    expect(figureOf(use({ contactAngle: (20 * Math.PI) / 180 }), 1)).toBeCloseTo(0.9397, 4);
  });
  it('a dial that counts inward gives what is left, and a radius twice', () => {
    expect(figureOf(use({ zero: 25, against: true }), 24.2)).toBeCloseTo(0.8, 12);
    expect(figureOf(use({ reads: 'double' }), 8.75)).toBe(17.5);
    expect(figureOf(use({ reads: 'half' }), 8.75)).toBe(4.375);
  });
  it('comes back from the figure to what it shows', () => {
    const uses = fc.record({
      zero: fc.double({ min: -500, max: 500, noNaN: true }),
      against: fc.boolean(),
      reads: fc.constantFrom(...READS),
      contactAngle: fc.double({ min: 0, max: 1.04, noNaN: true }),
    });
    fc.assert(
      fc.property(uses, fc.double({ min: -500, max: 500, noNaN: true }), (given, shown) => {
        expect(shownOf(given, figureOf(given, shown))).toBeCloseTo(shown, 9);
        expect(figureOf(given, given.zero)).toBeCloseTo(0, 12);
      }),
    );
  });
  it.each([-0.01, 1.1, Number.NaN])('a lever at %s is refused at its field', (contactAngle) => {
    expect(() => figureOf(use({ contactAngle }), 1)).toThrow(
      expect.objectContaining({ field: expect.stringContaining('contactAngle') as string }),
    );
  });
});

describe('travel and needle, each at its own moments', () => {
  it('a straight climb comes back, whatever the moments of the two', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        (stepA, stepB, feed, slope) => {
          const read = pairTracks({
            travel: every(stepA, 6, (t) => feed * t),
            reading: every(stepB, 6, (t) => slope * feed * t),
          });
          expect(read.length).toBeGreaterThan(5 / stepB - 2);
          for (const { at, seen } of read) expect(seen).toBeCloseTo(slope * at, 9);
        },
      ),
    );
  });
  it('says nothing of where a readout was while it was silent', () => {
    const travel = [...every(0.1, 1, (t) => t), { time: 4, value: 40 }];
    const read = pairTracks({ travel, reading: every(0.5, 4, () => 0) });
    expect(read.map(({ time }) => time)).toEqual([0, 0.5, 1, 4]);
    expect(pairTracks({ travel, reading: every(0.5, 4, () => 0), longestGap: 5 })).toHaveLength(9);
  });
});

describe('stations that take themselves', () => {
  it('each once, the first time the travel comes past; none on the way back', () => {
    const travel = every(0.1, 8, (t) => 29.5 - 10 * Math.abs(t - 4));
    const passed = passedStations({ travel, reading: every(0.1, 8, (t) => t) }, [-10.6, 0, 12.5, 29.49, 40]);
    expect(passed.map(({ station }) => station)).toEqual([0, 12.5, 29.49]);
    expect(passed[1]!.time).toBeCloseTo(2.3, 9);
    expect(passed[1]!.seen).toBeCloseTo(2.3, 9);
    const back = every(0.1, 4, (t) => 40 - 10 * t);
    expect(passedStations({ travel: back, reading: back }, [12.5, 29.99])).toEqual([]);
  });
  it('one that it only stands on is not passed; one that it comes to is', () => {
    const still = every(0.1, 1, () => 25);
    expect(passedStations({ travel: still, reading: still }, [25])).toEqual([]);
    const comes = every(0.1, 4, (t) => Math.min(25, 10 * t));
    expect(passedStations({ travel: comes, reading: comes }, [25])).toMatchObject([
      { station: 25, seen: 25 },
    ]);
  });
});

describe('a needle at rest', () => {
  it('rests since it last moved more than it may', () => {
    const moved = every(0.05, 3, (t) => (t < 1 ? t : 1 + 0.001 * Math.sin(40 * t)));
    const rest = restOf(moved, 0.004);
    expect(rest.for).toBeCloseTo(2, 1);
    expect(rest.value).toBeCloseTo(1, 3);
  });
  it('one that never moved rests since its first reading', () => {
    expect(
      restOf(
        every(0.5, 4, () => 2),
        0.01,
      ),
    ).toEqual({ value: 2, for: 4 });
    expect(restOf([{ time: 7, value: 1 }], 0.01)).toEqual({ value: 1, for: 0 });
  });
  it('one that creeps never rests longer than it takes to creep so far', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1, noNaN: true }), (speed) => {
        expect(
          restOf(
            every(0.02, 10, (t) => speed * t),
            0.01,
          ).for,
        ).toBeLessThan(0.01 / speed + 0.02 + 1e-9);
      }),
    );
  });
  it('before anything was read there is none', () => {
    expect(() => restOf([], 0.01)).toThrow(expect.objectContaining({ code: 'underdetermined' }));
  });
});

describe('high and low as the spindle is turned', () => {
  const turned = (degrees: number, throwOf: number, noise: (i: number) => number): number[] =>
    Array.from({ length: degrees }, (_, i) => throwOf * Math.cos(((i + 40) * Math.PI) / 180) + noise(i));
  it('are the throw either side, noise and all', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 8, noNaN: true }),
        fc.integer({ min: 1, max: 999 }),
        (throwOf, seed) => {
          const noise = (i: number): number => 0.004 * Math.sin(seed * i * i);
          const { high, low, whole } = swingOf(turned(500, throwOf, noise), 0.02);
          expect(high).toBeGreaterThan(throwOf - 0.005);
          expect(low).toBeLessThan(-throwOf + 0.005);
          expect(whole).toBeCloseTo(2 * throwOf, 1);
        },
      ),
    );
  });
  it('less than a half turn has not turned back at both', () => {
    expect(
      swingOf(
        turned(100, 2, () => 0),
        0.02,
      ).whole,
    ).toBeNull();
    expect(swingOf([], 0.02)).toEqual({ high: null, low: null, whole: null, turns: 0 });
  });
  it('where it began is no place it turned back from', () => {
    expect(swingOf([0, 0.5, 1, 0.4], 0.05)).toMatchObject({ high: 1, low: null, turns: 1 });
    expect(swingOf([1, 0.5, 0, 0.6], 0.05)).toMatchObject({ high: null, low: 0, turns: 1 });
  });
  it('after a jaw was moved the new high and low count', () => {
    const { whole, turns } = swingOf([...turned(720, 2, () => 0), ...turned(720, 0.5, () => 0)], 0.02);
    expect(whole).toBeCloseTo(1, 3);
    expect(turns).toBe(8);
  });
  it('a needle that only trembles turns back nowhere', () => {
    expect(
      swingOf(
        turned(720, 0, (i) => 0.004 * (i % 2)),
        0.02,
      ).turns,
    ).toBe(0);
  });
});

describe('a needle that goes on by itself', () => {
  const creeps = (perMinute: number, seconds: number, noise = 0.0006): Moment[] =>
    every(0.05, seconds, (t) => 2 + (perMinute * t) / 60 + noise * Math.sin(977 * t * t));
  it('is told with how fast, either way', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.5, noNaN: true }),
        fc.constantFrom(-1, 1),
        fc.double({ min: 4, max: 10, noNaN: true }),
        (speed, way, seconds) => {
          const found = creepOf(creeps(way * speed, seconds), 0.001)!;
          expect(Math.abs(found.perMinute - way * speed)).toBeLessThan(5 * found.u + 1e-6);
        },
      ),
    );
  });
  it('how well it is known goes by the scatter, and by the step of one that does not tremble', () => {
    const n = 101;
    const times = Array.from({ length: n }, (_, i) => i * 0.05);
    const spread = times.reduce((sum, t) => sum + (t - 2.5) ** 2, 0);
    const steady = creepOf(
      times.map((time) => ({ time, value: 0.01 * time })),
      0.001,
    )!;
    expect(steady.u).toBeCloseTo((60 * Math.sqrt(0.001 ** 2 / 12 / (n - 2))) / Math.sqrt(spread), 9);
    const trembling = creepOf(
      times.map((time, i) => ({ time, value: 0.01 * time + (i % 2 ? 0.002 : -0.002) })),
      0.0001,
    )!;
    expect(trembling.u).toBeCloseTo((60 * Math.sqrt((n * 0.002 ** 2) / (n - 2))) / Math.sqrt(spread), 5);
  });
  it('one that only trembles does not, nor one that was looked at for a moment', () => {
    expect(creepOf(creeps(0, 6), 0.001)).toBeNull();
    expect(creepOf(creeps(0.3, 1), 0.001)).toBeNull();
    expect(creepOf([], 0.001)).toBeNull();
    expect(creepOf(creeps(0.0005, 60, 0), 0.001)).toBeNull();
  });
});

describe('on the wire', () => {
  it('what came late in a bunch keeps its moments', () => {
    const own = Array.from({ length: 40 }, (_, i) => 0.05 * i);
    // The wire hands on every quarter of a second what has come until then.
    const arrivals = own.map((t) => ({ came: 900 + Math.ceil(t / 0.25) * 0.25, own: t }));
    expect(clockOffset(arrivals)).toBeCloseTo(900, 9);
    expect(clockOffset([{ came: 3 }])).toBeNull();
  });
  it('one that speaks all the time is missed within a second; one with a key is not', () => {
    const at = (gap: number, n = 8) => Array.from({ length: n }, (_, i) => ({ came: gap * i }));
    expect(goneAfter(at(0.02))).toBe(0.4);
    expect(goneAfter(at(0.2))).toBeCloseTo(0.6, 9);
    expect(goneAfter(at(0.29))).toBeLessThan(1);
    expect(goneAfter(at(2))).toBeNull();
    expect(goneAfter(at(0.02, 3))).toBeNull();
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changeGears, driftOver } from './changeGears';
import { threadNamed } from './designation';
import { threadLimits } from './limits';
import { PROFILES, THREAD_FORMS, type VeeThread } from './form';
import { outsideThread } from './outside';
import { tapDrill, tappedHole, usualThreadLength } from './tapDrill';
import { bestWire, overWires, pitchFromWires, wireRange } from './wires';

describe('what a thread is called', () => {
  it.each([
    ['M12', 'metric', 12, 1.75],
    ['m 32 x 1.5', 'metric', 32, 1.5],
    ['M10×1', 'metric', 10, 1],
    ['M2,5', 'metric', 2.5, 0.45],
    ['1/2-13 UNC', 'unified', 12.7, 25.4 / 13],
    ['1/2 unc', 'unified', 12.7, 25.4 / 13],
    ['#10-24 UNC', 'unified', 4.826, 25.4 / 24],
    ['3/8 UNF', 'unified', 9.525, 25.4 / 24],
    ['5/8 Whitworth', 'whitworth', 15.875, 25.4 / 11],
    ['1-1/4 BSF', 'whitworth', 31.75, 25.4 / 9],
    ['7/8-20 UN', 'unified', 22.225, 1.27],
    ['1/2-24 UNS', 'unified', 12.7, 25.4 / 24],
    ['1/2-20', 'unified', 12.7, 1.27],
    ['1-8 UNC', 'unified', 25.4, 3.175],
    ['2 UNC', 'unified', 50.8, 25.4 / 4.5],
    ['.5-13', 'unified', 12.7, 25.4 / 13],
    ['no. 10-32', 'unified', 4.826, 25.4 / 32],
    ['1/2 UNEF', 'unified', 12.7, 25.4 / 28],
    ['G1/2', 'whitworth', 20.955, 25.4 / 14],
    ['1/2" BSP', 'whitworth', 20.955, 25.4 / 14],
    ['BSPP 1 1/4', 'whitworth', 41.91, 25.4 / 11],
    ['g 1/8 LH', 'whitworth', 9.728, 25.4 / 28],
  ] as const)('%s', (text, form, diameter, pitch) => {
    const found = threadNamed(text);
    expect(found.form).toBe(form);
    expect(found.diameter).toBeCloseTo(diameter, 9);
    expect(found.pitch).toBeCloseTo(pitch, 9);
  });
  it.each([
    ['.5-13', '1/2-13 UNC'],
    ['.312-18', '5/16-18 UNC'],
    ['0.26-20', '0.26-20 UN'],
    ['1/4-32', '1/4-32 UNEF'],
    ['12-32', '#12-32 UNEF'],
    ['no 8 UNC', '#8-32 UNC'],
    ['1 1/4 BSP', 'G1-1/4'],
  ])('%s is written %s', (text, name) => expect(threadNamed(text).name).toBe(name));
  it('the depth of a pipe thread is that of its form', () => {
    // Minor diameters of ISO 228-1: G1/2 18.631, G1 30.291.
    const minor = ({ diameter, pitch, form }: VeeThread): number =>
      diameter - 2 * PROFILES[form].depth * pitch;
    expect(minor(threadNamed('G1/2'))).toBeCloseTo(18.631, 2);
    expect(minor(threadNamed('G1'))).toBeCloseTo(30.291, 2);
  });
  it('is read with spaces round it and doubled in it', () => {
    expect(threadNamed('  M12   x 1.75 ')).toEqual(threadNamed('M12 x 1.75'));
  });
  it.each([
    ['', 'unreadable'],
    ['big one', 'unreadable'],
    ['1/2-20 UNQ', 'unreadable'],
    ['M13', 'unknown-size'],
    ['9/64 UNC', 'unknown-size'],
    ['G5', 'unknown-size'],
    ['M3x4', 'impossible'],
    ['M12x0', 'impossible'],
  ])('%s is refused as %s, at its field', (text, code) => {
    expect(() => threadNamed(text)).toThrow(expect.objectContaining({ code, field: 'designation' }));
  });
});

const m12: VeeThread = { form: 'metric', diameter: 12, pitch: 1.75 };

describe('tapping drills', () => {
  it('agrees with the drills handbooks print', () => {
    const owned = [6.8, 8.5, 10.2, 10.5, 10.8];
    expect(tapDrill({ thread: m12, engagement: 0.95, drills: owned }).owned!.drill).toBe(10.2);
    expect(tapDrill({ thread: threadNamed('M8'), engagement: 0.9, drills: owned }).owned!.drill).toBe(6.8);
    expect(
      tapDrill({ thread: threadNamed('1/2-13 UNC'), engagement: 0.9, drills: [10.5, 10.8, 11] }).owned!.drill,
    ).toBe(10.8);
  });
  it('what is owned gives the engagement it says, and full engagement is the nut’s minor diameter', () => {
    const { exact } = tapDrill({ thread: m12, engagement: 1, drills: [] });
    expect(exact).toBeCloseTo(12 - 1.0825318 * 1.75, 6);
    const { owned } = tapDrill({ thread: m12, engagement: 0.8, drills: [10.5] });
    expect((12 - 10.5) / (12 - exact)).toBeCloseTo(owned!.engagement, 9);
  });
  it('owns none that would strip or break the tap, and refuses more than the whole', () => {
    expect(tapDrill({ thread: m12, engagement: 0.9, drills: [8, 11.5] }).owned).toBeNull();
    expect(() => tapDrill({ thread: m12, engagement: 1.2, drills: [] })).toThrow(
      expect.objectContaining({ field: 'engagement' }),
    );
  });
  it('the hole runs on below the threads, and the counterbore clears the crest', () => {
    const hole = tappedHole({ thread: m12, length: 24, drill: 10.2 });
    expect(hole.drillDepth).toBe(31);
    expect(hole.tip - hole.drillDepth).toBeCloseTo(5.1 / Math.tan((59 * Math.PI) / 180), 9);
    expect(hole.counterbore.diameter).toBeGreaterThan(12);
    expect(hole.strongEnough).toBe(true);
    expect(tappedHole({ thread: m12, length: 11, drill: 10.2 }).strongEnough).toBe(false);
    expect(tappedHole({ thread: m12, length: usualThreadLength(m12), drill: 10.2 }).strongEnough).toBe(true);
  });
});

describe('outside threads', () => {
  it('M32 × 1.5 has the core and pitch diameters of the standard', () => {
    const thread = outsideThread({ form: 'metric', diameter: 32, pitch: 1.5 });
    expect(thread.core).toBeCloseTo(30.16, 2);
    expect(thread.pitchDiameter).toBeCloseTo(31.026, 3);
    expect(thread.relief.diameter).toBeLessThan(thread.core);
  });
  it('1/2 in Whitworth is 0.0534 in deep', () => {
    expect(outsideThread(threadNamed('1/2 BSW')).depth / 25.4).toBeCloseTo(0.0534, 4);
  });
  it('a pitch that leaves no core is refused', () => {
    expect(() => outsideThread({ form: 'metric', diameter: 3, pitch: 3 })).toThrow(
      expect.objectContaining({ field: 'pitch' }),
    );
  });
});

/** Over wires by brute force: lowers a circle into a vee of straight flanks until it touches. */
function overByForce({ form, diameter, pitch }: VeeThread, wire: number): number {
  const { flank, toPitchLine } = PROFILES[form];
  const pitchRadius = (diameter - toPitchLine * pitch) / 2;
  // At radius r a groove is P/2 + 2 (r − pitchRadius) tan flank wide: its half width against the wire’s distance to it.
  const clear = (centre: number): number => {
    let least = Infinity;
    for (let i = 0; i <= 4000; i++) {
      const r = pitchRadius - pitch / 2 + (pitch * i) / 4000;
      const half = pitch / 4 + (r - pitchRadius) * Math.tan(flank);
      least = Math.min(least, Math.hypot(half, r - centre));
    }
    return least - wire / 2;
  };
  let [low, high] = [pitchRadius - pitch / 2, pitchRadius + 3 * pitch];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (clear(middle) < 0) low = middle;
    else high = middle;
  }
  return 2 * high + wire;
}

describe('over three wires', () => {
  it.each(THREAD_FORMS)(
    '%s: the best wire touches at the pitch line; any wire agrees with geometry',
    (form) => {
      fc.assert(
        fc.property(
          fc.double({ min: 0.5, max: 4, noNaN: true }),
          fc.double({ min: 0, max: 1, noNaN: true }),
          (pitch, part) => {
            const thread = { form, diameter: 10 * pitch, pitch };
            const { thinnest, thickest } = wireRange(thread);
            const wire = thinnest + part * (thickest - thinnest);
            expect(overWires({ thread, wire }).over).toBeCloseTo(overByForce(thread, wire), 3);
            const { pitchDiameter, left } = pitchFromWires({
              thread,
              wire,
              measured: overWires({ thread, wire }).over + 0.05,
            });
            expect(left).toBeCloseTo(0.05, 9);
            expect(pitchDiameter).toBeGreaterThan(0);
            expect(bestWire(thread)).toBeGreaterThan(thinnest);
          },
        ),
        { numRuns: 25, seed: 4 },
      );
    },
  );
  it('M12 over 1 mm wires', () => {
    expect(overWires({ thread: m12, wire: 1 }).over).toBeCloseTo(10.863 + 3 - 1.51554, 3);
  });
  it('a wire that rides on the crests is refused with the ones that would do', () => {
    expect(() => overWires({ thread: m12, wire: 2.5 })).toThrow(
      expect.objectContaining({ code: 'out-of-range', field: 'wire' }),
    );
  });
});

const owned = [24, 28, 30, 32, 36, 40, 42, 44, 45, 48, 52, 56, 60, 63, 66, 72, 80, 100, 120, 127];

/** The truest train by trying them all. */
function truest(gears: readonly number[], lead: number, pitch: number): number {
  let best = Infinity;
  const n = gears.length;
  for (let a = 0; a < n; a++)
    for (let c = 0; c < n; c++) {
      if (c === a) continue;
      best = Math.min(best, Math.abs((lead * gears[a]!) / gears[c]! - pitch));
      for (let b = a + 1; b < n; b++)
        for (let d = c + 1; d < n; d++)
          if (b !== c && d !== a && b !== d)
            best = Math.min(best, Math.abs((lead * gears[a]! * gears[b]!) / (gears[c]! * gears[d]!) - pitch));
    }
  return best;
}

describe('change gears', () => {
  it('finds exact ones where they are: 1.5 on a 6 mm lead screw', () => {
    const [first] = changeGears({ gears: owned, leadScrew: 6, pitch: 1.5 });
    expect(first!.error).toBeCloseTo(0, 9);
    expect(first!.drivers).toHaveLength(1);
    expect(first!.driven[0]! / first!.drivers[0]!).toBe(4);
  });
  it('with a 127 wheel an inch thread is exact on a metric lead screw', () => {
    const [first] = changeGears({ gears: owned, leadScrew: 6, pitch: 25.4 / 8 });
    expect(Math.abs(first!.error)).toBeLessThan(1e-9);
    expect([...first!.drivers, ...first!.driven]).toContain(127);
  });
  it('is as true as trying them all, and uses no wheel oftener than it is owned', () => {
    const few = [20, 25, 30, 35, 38, 40, 45, 50, 55, 60, 65, 70, 75, 80];
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 4, noNaN: true }), (pitch) => {
        const trains = changeGears({ gears: few, leadScrew: 3.175, pitch });
        expect(Math.abs(trains[0]!.error)).toBeLessThanOrEqual(truest(few, 3.175, pitch) + 1e-5);
        for (const { drivers, driven } of trains)
          expect(new Set([...drivers, ...driven]).size).toBe(drivers.length + driven.length);
      }),
      { numRuns: 12, seed: 3 },
    );
  });
  it('uses each wheel as often as there are of it, and none both to drive and to be driven', () => {
    const wheels = fc.array(fc.constantFrom(20, 24, 30, 36, 40, 45, 50, 60), { minLength: 4, maxLength: 9 });
    fc.assert(
      fc.property(wheels, fc.double({ min: 0.4, max: 6, noNaN: true }), (gears, pitch) => {
        fc.pre(new Set(gears).size > 1);
        const count = (all: readonly number[], size: number): number =>
          all.filter((one) => one === size).length;
        for (const { drivers, driven } of changeGears({ gears, leadScrew: 3, pitch })) {
          for (const size of gears)
            expect(count([...drivers, ...driven], size)).toBeLessThanOrEqual(count(gears, size));
          if (drivers.length === 2) expect(drivers.filter((size) => driven.includes(size))).toEqual([]);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('a second wheel of a size may be used twice', () => {
    const [first] = changeGears({ gears: [20, 20, 60, 60], leadScrew: 9, pitch: 1 });
    expect(first).toMatchObject({ drivers: [20, 20], driven: [60, 60] });
  });
  it('an error a thread adds up over the whole of it', () => {
    expect(driftOver({ error: 0.002 }, { pitch: 1.5, length: 18 })).toBeCloseTo(0.024, 12);
  });
  it('asks for the gears when there are none', () => {
    expect(() => changeGears({ gears: [40], leadScrew: 6, pitch: 1 })).toThrow(
      expect.objectContaining({ code: 'underdetermined', field: 'gears' }),
    );
  });
});

describe('names that are easily misread', () => {
  it.each([
    ['10-32', 0.19, 32, '#10-32 UNF'],
    ['10-24 UNC', 0.19, 24, '#10-24 UNC'],
    ['4-40', 0.112, 40, '#4-40 UNC'],
    ['6-32', 0.138, 32, '#6-32 UNC'],
    ['8-32', 0.164, 32, '#8-32 UNC'],
    ['12-24', 0.216, 24, '#12-24 UNC'],
    ['2-56', 0.086, 56, '#2-56 UNC'],
    ['1-8', 1, 8, '1-8 UNC'],
    ['1-12 UNF', 1, 12, '1-12 UNF'],
    ['1/2-20', 0.5, 20, '1/2-20 UNF'],
  ])('%s', (text, inches, turns, name) => {
    const { diameter, pitch, name: said } = threadNamed(text);
    expect(diameter).toBeCloseTo(inches * 25.4, 6);
    expect(pitch).toBeCloseTo(25.4 / turns, 9);
    expect(said).toBe(name);
  });
  it.each(['1/2-13 UNF', '1/2-20 UNC', '10-32 UNC', '5/8-12 BSW'])('%s contradicts itself', (text) => {
    expect(() => threadNamed(text)).toThrow(expect.objectContaining({ code: 'inconsistent' }));
  });
  it('a whole inch that fine is asked about, not cut', () => {
    expect(() => threadNamed('10-30')).toThrow(/#10 has 24 or 32/);
  });
  it.each([
    ['M3.5', 0.6],
    ['M7', 1],
    ['M9', 1.25],
    ['M11', 1.5],
  ])('%s has a coarse pitch of %d', (text, pitch) => {
    expect(threadNamed(text).pitch).toBe(pitch);
  });
  it('a hint offers a pitch that is made', () => {
    expect(() => threadNamed('M13')).toThrow(/M13x1\b/);
    expect(() => threadNamed('M5.5')).toThrow(/M5.5x0.5/);
  });
  it('hand and class are read and kept', () => {
    expect(threadNamed('M12x1.5 LH 6g')).toMatchObject({ hand: 'left', class: '6g', pitch: 1.5 });
    expect(threadNamed('1/2-13 UNC-2a')).toMatchObject({ hand: 'right', class: '2A' });
    expect(threadNamed('1/2-13 UNC-2A LH').name).toBe('1/2-13 UNC LH, 2A');
    expect(() => threadNamed('M12-2A')).toThrow(expect.objectContaining({ code: 'inconsistent' }));
    expect(() => threadNamed('M12 8H')).toThrow(expect.objectContaining({ code: 'unknown-size' }));
  });
});

describe('limits of a class', () => {
  // From the tables of the standards, mm and inches.
  it.each([
    ['M12', '6g', 10.679, 10.829, 11.701, 11.966],
    ['M12', '6H', 10.863, 11.063, 10.106, 10.441],
    ['M6', '6g', 5.212, 5.324, 5.794, 5.974],
    ['M20', '6H', 18.376, 18.6, 17.294, 17.744],
    ['M4', '6g', 3.433, 3.523, 3.838, 3.978],
    ['M8', '6g', 7.042, 7.16, 7.76, 7.972],
    ['M8', '6H', 7.188, 7.348, 6.647, 6.912],
    ['M10', '6g', 8.862, 8.994, 9.732, 9.968],
    ['M10', '6H', 9.026, 9.206, 8.376, 8.676],
    ['M16', '6g', 14.503, 14.663, 15.682, 15.962],
    ['M16', '6H', 14.701, 14.913, 13.835, 14.21],
    ['M24', '6g', 21.803, 22.003, 23.577, 23.952],
    ['M24', '6H', 22.051, 22.316, 20.752, 21.252],
    ['M30', '6g', 27.462, 27.674, 29.522, 29.947],
    ['M30', '6H', 27.727, 28.007, 26.211, 26.771],
    ['M12x1.25', '6g', 11.028, 11.16, 11.76, 11.972],
    ['M20x1.5', '6H', 19.026, 19.216, 18.376, 18.676],
    ['M3', '6g', 2.58, 2.655, 2.874, 2.98],
    ['M3', '6H', 2.675, 2.775, 2.459, 2.599],
    ['M36', '6g', 33.118, 33.342, 35.465, 35.94],
    ['M36', '6H', 33.402, 33.702, 31.67, 32.27],
    ['M48', '6g', 44.431, 44.681, 47.399, 47.929],
    ['M48', '6H', 44.752, 45.087, 42.587, 43.297],
  ] as const)('%s %s', (name, cls, least, most, crestLeast, crestMost) => {
    const found = threadLimits(threadNamed(name), cls);
    expect(found.pitchDiameter.least).toBeCloseTo(least, 3);
    expect(found.pitchDiameter.most).toBeCloseTo(most, 3);
    expect(found.crest.least).toBeCloseTo(crestLeast, 3);
    expect(found.crest.most).toBeCloseTo(crestMost, 3);
  });
  it.each([
    ['1/2-13 UNC', '2A', 0.4435, 0.4485, 0.4876, 0.4985],
    ['1/2-13 UNC', '2B', 0.45, 0.4565, 0.417, 0.434],
    ['1/4-20 UNC', '2A', 0.2127, 0.2164, 0.2408, 0.2489],
    ['1/4-20 UNC', '2B', 0.2175, 0.2224, 0.196, 0.207],
    ['3/8-16 UNC', '2A', 0.3287, 0.3331, 0.3643, 0.3737],
    ['3/8-24 UNF', '2B', 0.3479, 0.3528, 0.33, 0.34],
    ['1-12 UNF', '2B', 0.9459, 0.9535, 0.91, 0.928],
    ['1/2-28 UNEF', '2A', 0.472, 0.4757, 0.4924, 0.4989],
  ] as const)('%s %s', (name, cls, least, most, crestLeast, crestMost) => {
    const found = threadLimits(threadNamed(name), cls);
    const inches = [found.pitchDiameter.least, found.pitchDiameter.most, found.crest.least, found.crest.most];
    [least, most, crestLeast, crestMost].forEach((wanted, i) =>
      // The inside crest is rounded to thousandths in the table, the rest to tenths of one.
      expect(Math.abs(inches[i]! / 25.4 - wanted)).toBeLessThan(cls === '2B' && i > 1 ? 5.1e-4 : 2e-4),
    );
  });
});

describe('wires stand above the crests, or they say nothing', () => {
  it('a wire that sinks below them is refused, and so is a size under them', () => {
    const thread = threadNamed('M12');
    expect(() => pitchFromWires({ thread, wire: 0.5, measured: 12 })).toThrow(
      expect.objectContaining({ field: 'wire' }),
    );
    expect(() => pitchFromWires({ thread, wire: bestWire(thread), measured: 12 })).toThrow(
      expect.objectContaining({ field: 'measured' }),
    );
  });
  it('every wire allowed stands proud of a thread of basic size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('M12', 'M6', '1/2-13 UNC', '5/8 BSW', 'M30x2'),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (name, part) => {
          const thread = threadNamed(name);
          const { thinnest, thickest } = wireRange(thread);
          const { over } = overWires({ thread, wire: thinnest + part * (thickest - thinnest) });
          expect(over).toBeGreaterThan(thread.diameter - 1e-9);
        },
      ),
      { seed: 3 },
    );
  });
});

describe('change gears', () => {
  it('two equal wheels cut the lead screw’s own pitch', () => {
    const [best] = changeGears({ gears: [40, 40, 50, 60], leadScrew: 4, pitch: 4 });
    expect(best).toMatchObject({ drivers: [40], driven: [40], error: 0 });
    expect(changeGears({ gears: [40, 50, 60], leadScrew: 4, pitch: 4 })[0]!.driven).not.toEqual([40]);
  });
  it.each([[-20], [0], [30.5], [5], [4000]])('no wheel has %d teeth', (wheel) => {
    expect(() => changeGears({ gears: [40, wheel], leadScrew: 4, pitch: 2 })).toThrow(
      expect.objectContaining({ field: 'gears.1', code: 'out-of-range' }),
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/index';
import {
  BAR_STUFFS,
  beamFrequency,
  beamStiffness,
  HELD_BY,
  hearPitch,
  pitchOfMarks,
  spectrumOf,
  type Beam,
  type BarStuffName,
  type ChatterSetup,
} from './index';

const RATE = 16_000;
/** Noise that is the same each time, and pitches in it. */
const sound = (
  pitches: readonly (readonly [number, number])[],
  seconds = 2,
  noise = 0.2,
  seed = 7,
): Float32Array => {
  const random = (): number => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647 - 0.5;
  return Float32Array.from({ length: RATE * seconds }, (_, i) =>
    pitches.reduce(
      (sum, [hz, loud]) => sum + loud * Math.sin((2 * Math.PI * hz * i) / RATE),
      noise * random(),
    ),
  );
};

describe('the pitches of a sound', () => {
  it('a pitch in a cut’s noise is found, to a part of a hertz', () => {
    fc.assert(
      fc.property(fc.double({ min: 60, max: 5500, noNaN: true }), (hz) => {
        const [line] = spectrumOf(sound([[hz, 0.2]]), RATE).lines;
        // A tenth of the step from one pitch of the spectrum to the next.
        expect(Math.abs(line!.hz - hz)).toBeLessThan(0.1);
        expect(line!.u).toBeLessThan(0.5);
      }),
      { numRuns: 25 },
    );
  });
  it('several, the loudest first; none of them twice', () => {
    const { lines } = spectrumOf(
      sound([
        [440, 0.1],
        [880, 0.3],
        [2500, 0.05],
      ]),
      RATE,
    );
    expect(lines.map(({ hz }) => Math.round(hz))).toEqual([880, 440, 2500]);
  });
  it('noise alone has none, and what is drawn goes from low to high', () => {
    const { lines, drawn } = spectrumOf(sound([], 3), RATE);
    expect(lines).toEqual([]);
    expect(drawn.length).toBeGreaterThan(200);
    expect(drawn.length).toBeLessThanOrEqual(400);
    expect(drawn[0]!.hz).toBeLessThan(35);
    expect(drawn.at(-1)!.hz).toBeGreaterThan(5800);
    drawn.slice(1).forEach(({ hz }, i) => expect(hz).toBeGreaterThan(drawn[i]!.hz));
    expect(Math.max(...drawn.map(({ level }) => level))).toBeCloseTo(0, 9);
  });
  it('a second of noise has none, whichever: no chance makes a line', () => {
    for (let seed = 1; seed <= 40; seed++)
      expect(spectrumOf(sound([], 1, 0.2, 1009 * seed), RATE).lines).toEqual([]);
  });
  it('the foot of a loud pitch makes no lines beside it', () => {
    fc.assert(
      fc.property(fc.double({ min: 200, max: 5000, noNaN: true }), (hz) => {
        expect(spectrumOf(sound([[hz, 1]], 1, 1e-4), RATE).lines).toHaveLength(1);
      }),
      { numRuns: 25 },
    );
  });
  it('silence has none; too short, or no figures, is refused', () => {
    expect(spectrumOf(new Float32Array(4096), RATE).lines).toEqual([]);
    expect(() => spectrumOf(new Float32Array(100), RATE)).toThrow(
      expect.objectContaining({ code: 'underdetermined' }),
    );
    expect(() => spectrumOf(sound([], 1).fill(NaN, 50, 60), RATE)).toThrow(
      expect.objectContaining({ code: 'not-finite' }),
    );
  });
});

describe('a bar by itself', () => {
  const beam = fc.record({
    diameter: fc.double({ min: 4, max: 60, noNaN: true }),
    length: fc.double({ min: 10, max: 400, noNaN: true }),
    stuff: fc.constantFrom(...(Object.keys(BAR_STUFFS) as BarStuffName[])),
    held: fc.constantFrom(...HELD_BY),
  });
  it('a steel cantilever by hand: 16 mm, 80 mm out', () => {
    // 1.8751² / 2π · (0.016/4) · √(206e9 / 7850) / 0.08²
    const hz = ((1.8751 ** 2 / (2 * Math.PI)) * (0.016 / 4) * Math.sqrt(206e9 / 7850)) / 0.08 ** 2;
    expect(beamFrequency({ diameter: 16, length: 80, stuff: 'steel', held: 'one end' })).toBeCloseTo(hz, 6);
  });
  it('goes with its diameter and the square of its length; its stiffness with fourth power and cube', () => {
    fc.assert(
      fc.property(beam, fc.double({ min: 1.1, max: 3, noNaN: true }), (one: Beam, k) => {
        expect(beamFrequency({ ...one, length: k * one.length }) / beamFrequency(one)).toBeCloseTo(
          k ** -2,
          9,
        );
        expect(beamFrequency({ ...one, diameter: k * one.diameter }) / beamFrequency(one)).toBeCloseTo(k, 9);
        expect(beamStiffness({ ...one, length: k * one.length }) / beamStiffness(one)).toBeCloseTo(
          k ** -3,
          9,
        );
        expect(beamStiffness({ ...one, diameter: k * one.diameter }) / beamStiffness(one)).toBeCloseTo(
          k ** 4,
          6,
        );
      }),
    );
  });
  it('a hole makes it lighter by more than softer: its pitch rises', () => {
    const solid: Beam = { diameter: 30, length: 120, stuff: 'steel', held: 'one end' };
    expect(beamFrequency({ ...solid, bore: 20 })).toBeGreaterThan(beamFrequency(solid));
    expect(beamStiffness({ ...solid, bore: 20 })).toBeLessThan(beamStiffness(solid));
    expect(() => beamFrequency({ ...solid, bore: 30 })).toThrow(expect.objectContaining({ field: 'bore' }));
  });
});

describe('marks on the work', () => {
  it('waves of a turn and their spacing are the same pitch', () => {
    expect(pitchOfMarks({ waves: 60 }, 300)).toBe(300);
    expect(pitchOfMarks({ spacing: (Math.PI * 40) / 60, diameter: 40 }, 300)).toBeCloseTo(300, 9);
  });
  it('further apart than once round is no wave', () => {
    expect(() => pitchOfMarks({ spacing: 200, diameter: 40 }, 300)).toThrow(
      expect.objectContaining({ field: 'spacing' }),
    );
  });
});

describe('what a pitch says', () => {
  const bar = { diameter: 16, length: 96, stuff: 'steel' } as const;
  const work: Beam = { diameter: 30, length: 200, stuff: 'steel', held: 'one end' };
  const ideal = beamFrequency({ ...bar, held: 'one end' });
  const setup = (more: Partial<ChatterSetup> = {}): ChatterSetup => ({ turns: 420, jaws: 3, ...more });
  const text = (phrase: Parameters<typeof plainText>[0]): string =>
    plainText(phrase, 'mm').replaceAll('\u00a0', ' ');

  it('the bar, in any holder that a shop has; with what each remedy is worth, the best first', () => {
    for (const part of [0.6, 0.8, 1]) {
      const { fits, said } = hearPitch({ hz: part * ideal, u: 0.5 }, setup({ bar }));
      expect(fits.map(({ id }) => id)).toEqual(['bar']);
      expect(text(said)).toBe('The bar’s own pitch, most likely');
    }
    const [first, second, third] = hearPitch({ hz: 0.8 * ideal }, setup({ bar })).fits[0]!.todo.map(text);
    expect(first).toBe('The same bar of carbide: 2.9 times as stiff');
    expect(second).toBe('A bar a quarter thicker: 2.4 times as stiff');
    expect(third).toBe('Push it home by 16 mm: 1.7 times as stiff');
  });
  it('what turns with the spindle, wherever the turns are', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 2500 }), fc.constantFrom(3, 4, 6), (turns, jaws) => {
        const { fits } = hearPitch({ hz: (jaws * turns) / 60, u: 0.2 }, setup({ turns, jaws, bar }));
        expect(fits[0]?.id).toBe('jaws');
        expect(fits[0]?.driven).toBe(true);
      }),
    );
    const { fits, check } = hearPitch({ hz: (40 * 420) / 60, u: 0.5 }, setup({ teeth: [40, 56] }));
    expect(fits.map(({ id }) => id)).toEqual(['gear-40']);
    expect(text(check)).toContain('a fifth slower');
  });
  it('between centres no jaw sounds', () => {
    expect(hearPitch({ hz: 21, u: 0.1 }, setup({ jaws: 3 })).fits.map(({ id }) => id)).toEqual(['jaws']);
    expect(hearPitch({ hz: 21, u: 0.1 }, setup({ jaws: null })).fits).toEqual([]);
  });
  it('bar or work: it says that it cannot tell, and what does', () => {
    const like: Beam = { ...work, length: Math.sqrt((30 / 16) * 96 ** 2) };
    const { fits, said, check } = hearPitch({ hz: 0.8 * ideal, u: 0.5 }, setup({ bar, work: like }));
    expect(fits.map(({ id }) => id).sort()).toEqual(['bar', 'work']);
    expect(text(said)).toContain('cannot be told apart');
    expect(text(check)).toContain('what falls silent was it');
  });
  it('nothing that is here: it says so', () => {
    const { fits, said, waves } = hearPitch({ hz: 3 * ideal, u: 0.5 }, setup({ bar, work }));
    expect(fits).toEqual([]);
    expect(text(said)).toContain('Nothing that was told here sounds so');
    expect(waves).toBeCloseTo((180 * ideal) / 420, 9);
  });
  it('of two that swing the one that is nearer to the middle of where it would is named first', () => {
    const firsts = new Set<string>();
    for (const hz of [200, 300, 400, 500, 600, 700, 800]) {
      const swing = hearPitch({ hz, u: 0.5 }, setup({ bar: { ...bar, length: 130 }, work })).fits.filter(
        ({ driven }) => !driven,
      );
      const far = swing.map(({ from, to }) => Math.abs(2 * hz - from - to) / (to - from));
      expect(far).toEqual([...far].sort((a, b) => a - b));
      if (swing.length > 1) firsts.add(swing[0]!.id);
    }
    expect(firsts).toEqual(new Set(['bar', 'work']));
  });
  it('a centre at the end of long work is worth most', () => {
    const hz = 0.8 * beamFrequency(work);
    const [first] = hearPitch({ hz, u: 0.5 }, setup({ work })).fits[0]!.todo.map(text);
    expect(first).toBe('A centre at its end: 36 times as stiff');
    const held = { ...work, held: 'one end and a centre' } as const;
    const other = hearPitch({ hz: 0.8 * beamFrequency(held) }, setup({ work: held })).fits.find(
      ({ id }) => id === 'work',
    );
    expect(text(other!.todo[0]!)).toContain('A steady');
  });
});

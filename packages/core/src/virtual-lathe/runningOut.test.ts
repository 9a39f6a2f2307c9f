import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeVirtualLathe, SOUND_LATHE, type Faults, type VirtualLathe } from '.';
import { overATurn } from './metal/interrupted';

const quiet = (faults: Partial<Faults>): VirtualLathe =>
  makeVirtualLathe({
    seed: 3,
    level: 0,
    faults: { ...SOUND_LATHE, looseness: 0, setting: 0, needle: 0, feel: 0, ...faults },
  });
const NOSE = 4;
/** A bar that stands off the axis or is oval, and a wide nose: a part of a fine cut springs that is the same at any depth. */
function runningOut(faults: Partial<Faults>): VirtualLathe {
  const lathe = quiet(faults);
  lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 60, length: 100 }, out: 40 });
  lathe.act({ do: 'tool', side: 'outside', nose: NOSE });
  // Touched on the free end, and drawn clear of it along the bed.
  lathe.act({ do: 'turn', handle: 'carriage', by: -21 });
  lathe.act({ do: 'touch' });
  lathe.act({ do: 'turn', handle: 'carriage', by: 51 });
  return lathe;
}
/** One pass over the free end with so much more fed in, on radius. */
function pass(lathe: VirtualLathe, depth: number): void {
  lathe.act({ do: 'turn', handle: 'cross', by: 2 * depth });
  lathe.act({ do: 'turn', handle: 'carriage', by: -60 });
  lathe.act({ do: 'spindle', turns: 0 });
  lathe.act({ do: 'turn', handle: 'carriage', by: 60 });
  lathe.act({ do: 'spindle', turns: 400 });
}
/** How far the needle swings so many times a turn, either way. */
function wave(lathe: VirtualLathe, times: number): number {
  lathe.act({ do: 'spindle', turns: 0 });
  // The needle on the part that was turned.
  lathe.act({ do: 'turn', handle: 'carriage', by: -55 });
  const read = Array.from({ length: 48 }, (_, i) => {
    lathe.act({ do: 'spin', to: (i * Math.PI) / 24 });
    return lathe.watch('work');
  });
  lathe.act({ do: 'turn', handle: 'carriage', by: 55 });
  lathe.act({ do: 'spindle', turns: 400 });
  const part = (of: (a: number) => number): number =>
    read.reduce((sum, r, i) => sum + r * of((times * i * Math.PI) / 24), 0) / 24;
  return Math.hypot(part(Math.cos), part(Math.sin));
}

describe('what a cut takes over one turn', () => {
  it('is the mean and the first harmonic of what stands in the edge’s way', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1.2, max: 1.2, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (depth, runsOut) => {
          const N = 20_000;
          let [mean, swing, cuts] = [0, 0, 0];
          for (let i = 0; i < N; i++) {
            const angle = (2 * Math.PI * (i + 0.5)) / N;
            const d = Math.max(0, depth + runsOut * Math.cos(angle));
            mean += d / N;
            swing += (2 * d * Math.cos(angle)) / N;
            if (d > 0) cuts += 1 / N;
          }
          const said = overATurn(depth, runsOut);
          expect(said.mean).toBeCloseTo(mean, 5);
          expect(said.swing).toBeCloseTo(swing, 5);
          expect(said.share).toBeCloseTo(cuts, 3);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('metal that runs out', () => {
  it('by a lathe that gives nothing comes true at the first pass all round', () => {
    const lathe = runningOut({ rehold: 0.4 });
    expect(wave(lathe, 1)).toBeCloseTo(0.2, 3);
    pass(lathe, 0.6);
    expect(wave(lathe, 1)).toBeLessThan(1e-4);
  });
  it('copies itself by the part that springs, at every pass again', () => {
    const lathe = runningOut({ rehold: 0.2, compliance: 0.002 });
    expect(wave(lathe, 1)).toBeCloseTo(0.1, 3);
    pass(lathe, 0.4);
    const first = wave(lathe, 1);
    pass(lathe, 0);
    const second = wave(lathe, 1);
    pass(lathe, 0);
    const third = wave(lathe, 1);
    expect(first).toBeGreaterThan(0.01);
    expect(first).toBeLessThan(0.05);
    // The same part of it each time, but that a finer cut springs a little more of itself.
    const part = first / 0.1;
    expect(second / first).toBeGreaterThan(0.95 * part);
    expect(second / first).toBeLessThan(1.3 * part);
    expect(third / second).toBeCloseTo(second / first, 1);
  });
  it('oval bar copies its two lobes likewise', () => {
    const lathe = runningOut({ oval: 0.1, compliance: 0.002 });
    expect(wave(lathe, 2)).toBeCloseTo(0.05, 3);
    pass(lathe, 0.4);
    const copied = wave(lathe, 2);
    expect(copied).toBeGreaterThan(0.005);
    expect(copied).toBeLessThan(0.025);
  });
  it('an interrupted cut leaves the low side as it was, and springs less than a whole one', () => {
    const lathe = runningOut({ rehold: 0.8, compliance: 0.002 });
    // Off by 0.4: fed in by a part of it, the edge meets only the high side.
    pass(lathe, 0.3);
    lathe.act({ do: 'spindle', turns: 0 });
    lathe.act({ do: 'turn', handle: 'carriage', by: -55 });
    const at = Array.from({ length: 48 }, (_, i) => {
      lathe.act({ do: 'spin', to: (i * Math.PI) / 24 });
      return lathe.watch('work');
    });
    const [most, least] = [Math.max(...at), Math.min(...at)];
    // The low side still stands 0.8 under where the high side stood, which went by 0.3 less what sprang.
    expect(most - least).toBeGreaterThan(0.5);
    expect(most - least).toBeLessThan(0.62);
  });
});

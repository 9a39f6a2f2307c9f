import FFT from 'fft.js';
import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

/** A pitch that stands out of what is round it. */
export interface LoudLine {
  readonly hz: number;
  /** How far it stands out, dB. */
  readonly above: number;
  /** How well its pitch is known, Hz. */
  readonly u: number;
}

export interface Spectrum {
  /** The loudest first. */
  readonly lines: readonly LoudLine[];
  /** What is drawn: pitch, Hz, and level, dB under the loudest. */
  readonly drawn: readonly { readonly hz: number; readonly level: number }[];
}

/** Below this a machine rumbles whatever it does; above it nothing on a lathe is chatter. Hz */
const LOW = 30;
const HIGH = 6000;
const LARGEST = 16_384;
const SMALLEST = 1024;
/** Pieces that a sound is cut into, half over each other, at the least: in one alone chance makes lines. */
const PIECES = 3;
/** How far a line stands out of its surroundings to be one, dB. */
const STANDS_OUT = 12;
/** Its surroundings: this much of its pitch to either side. */
const AROUND = 0.2;
const MOST_LINES = 6;
const DRAWN = 400;

/**
 * The pitches that stand out of a sound. Averaged over overlapping pieces (Welch), each under a Hann window, so that a
 * cut's own noise evens out and a steady pitch does not; a line is a peak well above the median of what is round it.
 * Errors: underdetermined where the sound is shorter than a thousand samples; not-finite; out-of-range (rate).
 *
 * @example
 * spectrumOf(Float32Array.from({ length: 8192 }, (_, i) => Math.sin(2 * Math.PI * 720 * i / 8000)), 8000).lines[0].hz
 * // → 720.0
 */
export function spectrumOf(samples: Float32Array, rate: number): Spectrum {
  positive(rate, 'rate', 'The rate');
  if (samples.length < SMALLEST)
    throw new AnelloError('underdetermined', 'samples', 'That is too short to be heard: a second will do.');
  const size = 2 ** Math.floor(Math.log2(Math.min(LARGEST, (2 * samples.length) / (PIECES + 1))));
  const power = averaged(samples, size);
  const step = rate / size;
  const from = Math.max(2, Math.ceil(LOW / step));
  const to = Math.min(size / 2 - 2, Math.floor(HIGH / step));
  const level = Float64Array.from(power, (p) => 10 * Math.log10(p + Number.MIN_VALUE * 1e10));
  const floor = floorOf(level, from, to);
  const peaks: Peak[] = [];
  for (let k = from; k <= to; k++) {
    const here = level[k] as number;
    if (here < (level[k - 1] as number) || here <= (level[k + 1] as number)) continue;
    const above = here - floor(k);
    if (above < STANDS_OUT) continue;
    const shift = vertex(level[k - 1] as number, here, level[k + 1] as number);
    peaks.push({ k, level: here, line: { hz: (k + shift) * step, above, u: step / 4 } });
  }
  return {
    lines: withoutSkirts(peaks.sort((a, b) => b.level - a.level))
      .slice(0, MOST_LINES)
      .map(({ line }) => line),
    drawn: drawnOf(level, step, from, to),
  };
}

function averaged(samples: Float32Array, size: number): Float64Array {
  const fft = new FFT(size);
  const out = fft.createComplexArray() as number[];
  const piece = new Float64Array(size);
  const window = Float64Array.from(piece, (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / size));
  const power = new Float64Array(size / 2);
  for (let start = 0; start + size <= samples.length; start += size / 2) {
    let mean = 0;
    for (let i = 0; i < size; i++) mean += (samples[start + i] as number) / size;
    if (!Number.isFinite(mean))
      throw new AnelloError('not-finite', 'samples', 'That sound has pieces that are no figures.');
    for (let i = 0; i < size; i++) piece[i] = ((samples[start + i] as number) - mean) * (window[i] as number);
    fft.realTransform(out, piece as unknown as number[]);
    for (let k = 0; k < size / 2; k++)
      power[k] = (power[k] as number) + (out[2 * k] as number) ** 2 + (out[2 * k + 1] as number) ** 2;
  }
  return power;
}

/** Places nearer than this part of their pitch have the same surroundings. */
const SAME = 1.04;

/** What is round a place: the median, of which a few peaks do not move anything. Worked out once for places near together. */
function floorOf(level: Float64Array, from: number, to: number): (k: number) => number {
  const known = new Map<number, number>();
  return (k) => {
    const which = Math.round(Math.log(k) / Math.log(SAME));
    const before = known.get(which);
    if (before !== undefined) return before;
    const middle = Math.round(SAME ** which);
    const reach = Math.max(12, Math.round(middle * AROUND));
    const around = level.slice(Math.max(from, middle - reach), Math.min(to, middle + reach) + 1).sort();
    const median = around[Math.floor(around.length / 2)] ?? Infinity;
    known.set(which, median);
    return median;
  };
}

/** Where between three levels the peak lies, in steps: the vertex of a parabola through them. */
function vertex(left: number, middle: number, right: number): number {
  const bend = left - 2 * middle + right;
  return bend < 0 ? (0.5 * (left - right)) / bend : 0;
}

interface Peak {
  readonly k: number;
  readonly level: number;
  readonly line: LoudLine;
}

/** So near, in steps, a peak is a louder one's own; farther off its side lobes reach up to this over their rule, dB. */
const OWN = 4;
const OVER_RULE = 6;

/** Peaks that are only the foot of a louder one go: the loudest come first. */
function withoutSkirts(loudest: readonly Peak[]): Peak[] {
  const kept: Peak[] = [];
  for (const one of loudest)
    if (!kept.some(({ k, level }) => one.level < level - skirt(Math.abs(k - one.k)))) kept.push(one);
  return kept;
}

/** How far a note's foot lies under it at a distance in steps, dB: of a Hann window the side lobes are 1/(π d (d² − 1)). */
const skirt = (d: number): number =>
  d < OWN ? -Infinity : 20 * Math.log10(Math.PI * d * (d ** 2 - 1)) - OVER_RULE;

/** Evenly in octaves, the loudest of each stretch: what stands out is drawn. */
function drawnOf(level: Float64Array, step: number, from: number, to: number): Spectrum['drawn'] {
  const most = level.slice(from, to + 1).reduce((a, b) => Math.max(a, b), -Infinity);
  const drawn: { hz: number; level: number }[] = [];
  let k = from;
  for (let i = 1; i <= DRAWN && k <= to; i++) {
    const end = Math.max(k, Math.round(from * (to / from) ** (i / DRAWN)));
    let top = k;
    for (let j = k; j <= end; j++) if ((level[j] as number) > (level[top] as number)) top = j;
    drawn.push({ hz: top * step, level: (level[top] as number) - most });
    k = end + 1;
  }
  return drawn;
}

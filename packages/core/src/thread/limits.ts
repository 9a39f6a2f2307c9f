import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { LEAST, SCREW_ZONES } from './screwZones';
import { preferred, preferredAfter } from './preferred';
import { isCoarseOrFine } from './series';
import { PROFILES, type VeeThread } from './form';

export const THREAD_CLASSES = ['6g', '6H', '2A', '2B'] as const;
export type ThreadClass = (typeof THREAD_CLASSES)[number];

export interface Limits {
  readonly least: number;
  readonly most: number;
}

/** What a thread of a class may measure, mm: the crest is the outside of a screw and the inside of a nut. */
export interface ThreadLimits {
  readonly pitchDiameter: Limits;
  readonly crest: Limits;
}

interface Family {
  readonly form: 'metric' | 'unified';
  readonly outside: boolean;
  /** Below the basic size that a screw begins at, and the zones of pitch diameter and crest, mm. */
  zones(thread: VeeThread): { allowance: number; pitch: number; crest: number };
}

const MICRO = 1e-3;
/** Allowance g, crest zone of a screw and of a nut by pitch, grade 6, µm. Source: ISO 965-1, tables 1 to 3. */
const BY_PITCH: Readonly<Record<string, readonly [number, number, number]>> = {
  '0.25': [18, 67, 71],
  '0.3': [18, 75, 85],
  '0.35': [19, 85, 100],
  '0.4': [19, 95, 112],
  '0.45': [20, 100, 125],
  '0.5': [20, 106, 140],
  '0.6': [21, 125, 160],
  '0.7': [22, 140, 180],
  '0.75': [22, 140, 190],
  '0.8': [24, 150, 200],
  '1': [26, 180, 236],
  '1.25': [28, 212, 265],
  '1.5': [32, 236, 300],
  '1.75': [34, 265, 335],
  '2': [38, 280, 375],
  '2.5': [42, 335, 450],
  '3': [48, 375, 500],
  '3.5': [53, 425, 560],
  '4': [60, 475, 600],
  '4.5': [63, 500, 670],
  '5': [71, 530, 710],
  '5.5': [75, 560, 750],
  '6': [80, 600, 800],
};

/** The same from the standard's formulas, for a pitch its table has not. */
function metricZones({ pitch }: VeeThread): { allowance: number; screw: number; nut: number } {
  const row = BY_PITCH[String(Number(pitch.toFixed(4)))];
  if (row) return { allowance: row[0], screw: row[1], nut: row[2] };
  return {
    allowance: 15 + 11 * pitch,
    screw: preferred(180 * Math.cbrt(pitch * pitch) - 3.15 / Math.sqrt(pitch)),
    nut: preferred(pitch < COARSE_FROM ? 433 * pitch - 190 * pitch ** 1.22 : 230 * pitch ** 0.7),
  };
}
/** Finer than this the inside crest follows another rule. */
const COARSE_FROM = 1;

/** Grade 6 of a metric screw's pitch diameter. Its own formula, where its table has no such pitch: 90 P^0.4 d^0.1. */
function metricPitchZone({ diameter, pitch }: VeeThread): number {
  const range = SCREW_ZONES.find(({ upTo }) => diameter <= upTo);
  if (!range || diameter <= LEAST)
    throw new AnelloError('out-of-range', 'diameter', 'The table of thread limits goes from 1 to 355 mm.');
  return range.byPitch[String(Number(pitch.toFixed(4)))] ?? preferred(90 * pitch ** 0.4 * range.mean ** 0.1);
}
/** A nut has as much more as five preferred numbers further, near 1.32 of it. */
const NUT_STEPS = 5;
const INCH = 25.4;
/** The coarse and fine series are engaged over a diameter, all others over nine turns. */
const TURNS_ENGAGED = 9;
/** Class 2A's pitch diameter, in: 0.0015 ∛D + 0.0015 √LE + 0.015 P^(2/3). */
function unifiedPitchZone(thread: VeeThread): number {
  const [d, p] = [thread.diameter / INCH, thread.pitch / INCH];
  const engaged = isCoarseOrFine(thread) ? d : TURNS_ENGAGED * p;
  return 0.0015 * Math.cbrt(d) + 0.0015 * Math.sqrt(engaged) + 0.015 * Math.cbrt(p * p);
}
const LARGE = 0.25;
function unifiedInsideCrest({ diameter, pitch }: VeeThread): number {
  const [d, p] = [diameter / INCH, pitch / INCH];
  if (d >= LARGE) return 0.25 * p - 0.4 * p * p;
  const most = 0.394 * p;
  return Math.min(most, Math.max(0.25 * p - 0.4 * p * p, 0.05 * Math.cbrt(p * p) + (0.03 * p) / d - 0.002));
}

const FAMILIES: Readonly<Record<ThreadClass, Family>> = {
  '6g': {
    form: 'metric',
    outside: true,
    zones: (t) => ({
      allowance: metricZones(t).allowance * MICRO,
      pitch: metricPitchZone(t) * MICRO,
      crest: metricZones(t).screw * MICRO,
    }),
  },
  '6H': {
    form: 'metric',
    outside: false,
    zones: (t) => ({
      allowance: 0,
      pitch: preferredAfter(metricPitchZone(t), NUT_STEPS) * MICRO,
      crest: metricZones(t).nut * MICRO,
    }),
  },
  '2A': {
    form: 'unified',
    outside: true,
    zones: (t) => ({
      allowance: 0.3 * unifiedPitchZone(t) * INCH,
      pitch: unifiedPitchZone(t) * INCH,
      crest: 0.06 * Math.cbrt((t.pitch / INCH) ** 2) * INCH,
    }),
  },
  '2B': {
    form: 'unified',
    outside: false,
    zones: (t) => ({
      allowance: 0,
      pitch: 1.3 * unifiedPitchZone(t) * INCH,
      crest: unifiedInsideCrest(t) * INCH,
    }),
  },
};

/**
 * Limits of a thread's pitch diameter and crest for a class: 6g and 6H by ISO 965-1, 2A and 2B by those of ASME B1.1 for an engagement of one diameter. Lengths mm. Errors: out-of-range;
 * inconsistent where the class is of another family.
 *
 * @example
 * threadLimits(M6, '6g').pitchDiameter
 * // → { least: 5.21248, most: 5.32448 }
 */
export function threadLimits(thread: VeeThread, threadClass: ThreadClass): ThreadLimits {
  const { form, outside, zones } = FAMILIES[threadClass];
  positive(thread.pitch, 'pitch', 'The pitch');
  positive(thread.diameter, 'diameter', 'The diameter');
  if (form !== thread.form)
    throw new AnelloError(
      'inconsistent',
      'class',
      `Class ${threadClass} is not one of this thread’s family.`,
    );
  const { allowance, pitch, crest } = zones(thread);
  const { toPitchLine, overlap } = PROFILES[form];
  const basic = thread.diameter - toPitchLine * thread.pitch;
  const inside = thread.diameter - 2 * overlap * thread.pitch;
  return outside
    ? { pitchDiameter: below(basic - allowance, pitch), crest: below(thread.diameter - allowance, crest) }
    : { pitchDiameter: above(basic, pitch), crest: above(inside, crest) };
}

const below = (most: number, zone: number): Limits => ({ least: most - zone, most });
const above = (least: number, zone: number): Limits => ({ least, most: least + zone });

/**
 * The class a thread is made to where the drawing says none; null for families without one here.
 *
 * @example
 * usualClass('metric', 'external')
 * // → '6g'
 */
export function usualClass(form: VeeThread['form'], side: 'external' | 'internal'): ThreadClass | null {
  if (form === 'metric') return side === 'external' ? '6g' : '6H';
  return form === 'unified' ? (side === 'external' ? '2A' : '2B') : null;
}

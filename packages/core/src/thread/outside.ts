import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { PROFILES, type VeeThread } from './form';

export interface OutsideThread {
  /** Depth fed straight in, on radius, mm. */
  readonly depth: number;
  readonly core: number;
  readonly pitchDiameter: number;
  /** Groove the tool runs out into. */
  readonly relief: { readonly diameter: number; readonly width: number };
}

/** Below the core by a fifth of a pitch, and wide enough for the tool to be drawn out at hand speed. */
const UNDER_CORE = 0.2;
const RUN_OUT = 2.5;

/**
 * An outside vee thread: how deep, and the relief beside it. Lengths mm. Errors: out-of-range.
 *
 * @example
 * outsideThread(M6).depth
 * // → 0.613435
 */
export function outsideThread(thread: VeeThread): OutsideThread {
  const { depth, toPitchLine } = PROFILES[thread.form];
  const pitch = positive(thread.pitch, 'pitch', 'The pitch');
  const diameter = positive(thread.diameter, 'diameter', 'The diameter');
  const core = diameter - 2 * depth * pitch;
  if (core <= 0) throw new AnelloError('impossible', 'pitch', 'So coarse a thread leaves no core.');
  return {
    depth: depth * pitch,
    core,
    pitchDiameter: diameter - toPitchLine * pitch,
    relief: { diameter: core - UNDER_CORE * pitch, width: RUN_OUT * pitch },
  };
}

import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { length } from '../figure/figure';
import { PROFILES, type VeeThread } from './form';

/** A wire must touch the straight of the flank, this far above and below the pitch line at most, in pitches. */
const FLANK_REACH = 0.24;

/**
 * The wire that touches at the pitch line: P / (2 cos α). mm.
 *
 * @example
 * bestWire(M6)
 * // → 0.57735
 */
export const bestWire = ({ form, pitch }: VeeThread): number => pitch / (2 * Math.cos(PROFILES[form].flank));

/** Thinnest wire that still stands above the crests of a thread of basic size: below it the crests are measured. mm. */
function proudWire({ form, pitch }: VeeThread): number {
  const { flank, toPitchLine } = PROFILES[form];
  return ((toPitchLine + 1 / (2 * Math.tan(flank))) * pitch) / (1 + 1 / Math.sin(flank));
}

/** Wires that touch the flank and stand above the crests, thinnest and thickest, mm. */
export function wireRange(thread: VeeThread): { thinnest: number; thickest: number } {
  const cos = Math.cos(PROFILES[thread.form].flank);
  const reach = (2 * FLANK_REACH * thread.pitch * Math.tan(PROFILES[thread.form].flank)) / cos;
  return {
    thinnest: Math.max(bestWire(thread) - reach, proudWire(thread)),
    thickest: bestWire(thread) + reach,
  };
}

/**
 * Size over three equal wires for a pitch diameter: E + w (1 + 1/sin α) − (P/2) cot α, the helix left out (under
 * 2 µm for single-start threads of these sizes). Without one given, the thread's basic pitch diameter. mm.
 * Errors: out-of-range when the wire does not touch the flanks.
 *
 * @example
 * overWires({ thread: M6, wire: 0.6 })
 * // → { over: 6.28446, pitchDiameter: 5.35048 }
 */
export function overWires({
  thread,
  wire,
  pitchDiameter,
}: {
  thread: VeeThread;
  wire: number;
  pitchDiameter?: number | undefined;
}): { over: number; pitchDiameter: number } {
  const at = pitchDiameter ?? thread.diameter - PROFILES[thread.form].toPitchLine * thread.pitch;
  return { over: at + wireAdds(thread, wire), pitchDiameter: at };
}

/**
 * The pitch diameter that a size over wires means, and what is still on it on diameter: less than nothing is under.
 * Errors: out-of-range when the wire does not touch the flanks or the size is not over the crests.
 *
 * @example
 * pitchFromWires({ thread: M6, wire: 0.6, measured: 6.3 })
 * // → { pitchDiameter: 5.36603, left: 0.0155445 }
 */
export function pitchFromWires({
  thread,
  wire,
  measured,
}: {
  thread: VeeThread;
  wire: number;
  measured: number;
}): { pitchDiameter: number; left: number } {
  const adds = wireAdds(thread, wire);
  if (!(positive(measured, 'measured', 'The size over the wires') > thread.diameter))
    throw new AnelloError('out-of-range', 'measured', [
      'That is not over the crests, which stand at ',
      length(thread.diameter, 0.01),
      ': the wires were not between the anvils, or the figure is another.',
    ]);
  const pitchDiameter = measured - adds;
  return {
    pitchDiameter,
    left: pitchDiameter - (thread.diameter - PROFILES[thread.form].toPitchLine * thread.pitch),
  };
}

function wireAdds(thread: VeeThread, wire: number): number {
  const { flank } = PROFILES[thread.form];
  const { thinnest, thickest } = wireRange(thread);
  if (!(positive(wire, 'wire', 'The wire') >= thinnest && wire <= thickest)) {
    throw new AnelloError('out-of-range', 'wire', [
      'That wire does not touch the flanks above the crests: take one between ',
      length(thinnest, 0.01),
      ' and ',
      length(thickest, 0.01),
      '.',
    ]);
  }
  return wire * (1 + 1 / Math.sin(flank)) - thread.pitch / 2 / Math.tan(flank);
}

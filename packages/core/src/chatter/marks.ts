import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

/** What the eye finds on the work: how many waves in a turn, or how far one is from the next. */
export type Marks = { readonly waves: number } | { readonly spacing: number; readonly diameter: number };

/**
 * The pitch that left marks on the work, Hz: waves in a turn, or the circumference over their spacing, times the turns of a
 * second. Errors: out-of-range; not-finite.
 *
 * @example
 * pitchOfMarks({ spacing: 1.2, diameter: 40 }, 420)
 * // → 733.04
 */
export function pitchOfMarks(marks: Marks, turns: number): number {
  positive(turns, 'turns', 'The turns a minute');
  const waves = 'waves' in marks ? marks.waves : wavesOf(marks.spacing, marks.diameter);
  return (positive(waves, 'waves', 'The waves of a turn') * turns) / 60;
}

function wavesOf(spacing: number, diameter: number): number {
  const round = Math.PI * positive(diameter, 'diameter', 'The diameter');
  if (positive(spacing, 'spacing', 'The spacing of the waves') > round)
    throw new AnelloError('out-of-range', 'spacing', 'Waves cannot be further apart than once round.');
  return round / spacing;
}

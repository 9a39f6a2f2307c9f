import type { Exercise, ExerciseId } from '../exercise';
import { bar } from './bar';
import { fourJaw } from './fourJaw';
import { lash } from './lash';
import { offAxis } from './throw';
import { toSize } from './toSize';

/** In the order of the craft. A new one is a file here and a line. */
const EXERCISES: Readonly<Record<ExerciseId, Exercise>> = {
  'four-jaw': fourJaw,
  lash,
  bar,
  'to-size': toSize,
  throw: offAxis,
};

/**
 * An exercise by its id.
 *
 * @example
 * exerciseOf('lash').title
 * // → 'Find the lash of a cross-slide'
 */
export const exerciseOf = (id: ExerciseId): Exercise => EXERCISES[id];

import type { Exercise, ExerciseId } from '../exercise';
import { bar } from './bar';
import { find } from './find';
import { formToolCut } from './formTool';
import { fourJaw } from './fourJaw';
import { followLine, twoHandles } from './handle';
import { lash } from './lash';
import { packing } from './packing';
import { offAxis } from './throw';
import { toSize } from './toSize';
import { wornBar } from './wornBar';

/** A new one is a file here and a line, and what is said at it. */
const EXERCISES: Readonly<Record<ExerciseId, Exercise>> = {
  'four-jaw': fourJaw,
  lash,
  bar,
  'worn-bar': wornBar,
  'to-size': toSize,
  throw: offAxis,
  packing,
  line: followLine,
  'two-handles': twoHandles,
  'form-tool': formToolCut,
  find,
};

/**
 * An exercise by its id.
 *
 * @example
 * exerciseOf('lash').title
 * // → 'Find the lash of a cross-slide'
 */
export const exerciseOf = (id: ExerciseId): Exercise => EXERCISES[id];

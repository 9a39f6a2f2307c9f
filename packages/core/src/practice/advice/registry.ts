import type { Phrase } from '../../figure/phrase';
import type { ExerciseId } from '../exercise';
import { bar } from './bar';
import { find } from './find';
import { formTool } from './formTool';
import { followLine, twoHandles } from './handles';
import { fourJaw, offAxis } from './jaws';
import { lash } from './lash';
import { packing } from './packing';
import type { Advice, Stand, Taken } from './taken';
import { toSize } from './toSize';
import { wornBar } from './wornBar';

const ADVICE: Readonly<Record<ExerciseId, Advice>> = {
  'four-jaw': fourJaw,
  lash,
  bar,
  'worn-bar': wornBar,
  'to-size': toSize,
  throw: offAxis,
  packing,
  line: followLine,
  'two-handles': twoHandles,
  'form-tool': formTool,
  find,
};

const NOWHERE: Stand = { cross: 0, carriage: 0 };

/**
 * What the cards say at an exercise, from what was taken so far, where the handles stand, and nothing else. Errors: as the
 * functions of the cards.
 *
 * @example
 * adviceOn(
 *   'lash',
 *   [0.1, -0.05].map((cross) => ({ reading: 0, cross, spindle: 0, carriage: 0, bar: 0 })),
 * )[1]
 * // → { quantity: 'length', value: 0.15, resolution: 0.01 }
 */
export const adviceOn = (id: ExerciseId, taken: readonly Taken[], stand: Stand = NOWHERE): Phrase =>
  ADVICE[id](taken, stand);

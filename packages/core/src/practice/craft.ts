import type { ExerciseId } from './exercise';
import type { PieceId } from './pieces/piece';

export type PracticeId = ExerciseId | PieceId;

/** Every exercise in the order of the craft: each rests on those before it. */
export const CRAFT: readonly PracticeId[] = [
  'four-jaw',
  'lash',
  'to-size',
  'compound',
  'master',
  'bar',
  'worn-bar',
  'set-over',
  'shank',
  'hub',
  'seat',
  'throw',
  'packing',
  'line',
  'two-handles',
  'form-tool',
  'find',
];

import { positive } from '../basics/check';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { TaperReamer } from '../kit/kit';
import { ratioOf } from '../taper/solve';
import type { TaperTask } from '../taper/task';
import { LEFT_TO_REAM, MOST_TO_REAM } from './usual';

/** Two tapers are the same reamer's when they differ by less than a drawing would ever say. */
const SAME_RATIO = 3e-4;

export interface ReamAdvice {
  readonly reamer: TaperReamer;
  readonly advice: 'ream' | 'bore-first' | 'too-little' | 'too-short';
  /** What is to be left for it, on diameter. */
  readonly stock: number;
  /** A plug stands off by so much with that left. */
  readonly standOff: number;
  readonly said: Phrase;
}

/** What a reamer wants left on diameter in a hole of a size, mm. */
export const reamingStock = (diameter: number): number =>
  LEFT_TO_REAM.least + LEFT_TO_REAM.bySize * positive(diameter, 'diameter', 'The diameter');

/**
 * Whether a bore standing at `left` (mm on diameter, before its size) should be reamed now, bored on first, or is past
 * reaming; null for an outside taper or where no reamer of the taper is owned. Source: rules of the trade.
 *
 * @example
 * reamAdvice({ task: SOCKET, reamers: DRAWER.taperReamers, left: 0.1 })?.advice
 * // → 'ream'
 */
export function reamAdvice({
  task,
  reamers,
  left,
}: {
  task: TaperTask;
  reamers: readonly TaperReamer[];
  left: number;
}): ReamAdvice | null {
  if (task.member === 'external') return null;
  const ratio = ratioOf(task.halfAngle);
  const fits = reamers.filter((r) => Math.abs(r.ratio / ratio - 1) < SAME_RATIO);
  const reamer = fits.find((r) => r.length >= task.length) ?? fits[0];
  if (!reamer) return null;
  const stock = reamingStock(task.largeDiameter);
  const at = { reamer, stock, standOff: stock / ratio };
  if (reamer.length < task.length)
    return {
      ...at,
      advice: 'too-short',
      said: [
        `The ${reamer.name} cuts `,
        length(reamer.length, 0.1),
        '; the bore is ',
        length(task.length, 0.1),
        ' long.',
      ],
    };
  if (left > MOST_TO_REAM * stock)
    return {
      ...at,
      advice: 'bore-first',
      said: [
        'Bore on until ',
        length(stock, 0.01),
        ' is left on diameter, the plug ',
        length(at.standOff, 0.1),
        ' off its line; then ream.',
      ],
    };
  if (left < stock / 2)
    return {
      ...at,
      advice: 'too-little',
      said: ['Too little is left for a reamer: it would rub and glaze. Finish with the boring tool.'],
    };
  return { ...at, advice: 'ream', said: ['Ream it now: ', length(left, 0.01), ' is left on diameter.'] };
}

/**
 * A reamer reground or worn is under size: run to its old mark, the plug stands off. It is under by the stand-off times
 * the taper, and has to go that much deeper. mm.
 *
 * @example
 * reamerWear({ standOff: 1.2, halfAngle: SHANK.halfAngle })
 * // → { under: 0.0602349, deeper: 1.2 }
 */
export function reamerWear({ standOff, halfAngle }: { standOff: number; halfAngle: number }): {
  under: number;
  deeper: number;
} {
  return { under: standOff * ratioOf(halfAngle), deeper: standOff };
}

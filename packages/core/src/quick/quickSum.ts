import { AnelloError } from '../basics/error';
import { completeQuick } from './complete';
import { arithmeticPhrase } from './phrases/arithmetic';
import { infeedPhrase } from './phrases/infeed';
import { setOverPhrase } from './phrases/setOver';
import { sinePhrase } from './phrases/sine';
import { stackPhrase } from './phrases/stack';
import { standOffPhrase } from './phrases/standOff';
import { taperPhrase } from './phrases/taper';
import { travelPhrase } from './phrases/travel';
import { whichPhrase } from './phrases/which';
import { drillPhrase } from './phrases/drill';
import { speedPhrase } from './phrases/speed';
import { threadPhrase } from './phrases/thread';
import type { QuickAnswer, QuickContext, QuickPhrase } from './quickPhrase';

/** Every phrase of the quick line, tried in this order; arithmetic takes what is left. */
export const QUICK_PHRASES: readonly QuickPhrase[] = [
  setOverPhrase,
  standOffPhrase,
  travelPhrase,
  stackPhrase,
  sinePhrase,
  infeedPhrase,
  whichPhrase,
  speedPhrase,
  threadPhrase,
  drillPhrase,
  // After those that ask something of a taper.
  taperPhrase,
  arithmeticPhrase,
];

/**
 * One line in, an answer out: `mt 3`, `set over 180 at mt2`, `7/24 angle`, `dz 1.6 mt3`, `stack 34.562`, or any
 * sum. The same functions as everywhere else. Errors: as the phrase's own function, or as parseQuantity.
 *
 * @example
 * quickSum('set over 180 mm at mt2', { lengthUnit: 'mm', blocks: [] }).lines[0]?.figure.value
 * // → 4.4941
 */
export function quickSum(text: string, context: QuickContext): QuickAnswer {
  const line = text.trim();
  if (line === '') throw new AnelloError('empty', null, 'Nothing typed yet.');
  for (const phrase of QUICK_PHRASES) {
    const answer = phrase.answer(line, context);
    if (answer) return answer;
  }
  throw new AnelloError('unreadable', null, `Could not read “${line}”.`);
}

/**
 * What a half-typed line could become.
 *
 * @example
 * quickCompletions('set')
 * // → ['set over 180 mm at mt2']
 */
export const quickCompletions = (text: string): string[] => completeQuick(text, QUICK_PHRASES);

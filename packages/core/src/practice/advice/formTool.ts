import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { DRAWN } from '../exercises/formTool';
import type { Taken } from './taken';

export function formTool(taken: readonly Taken[]): Phrase {
  const [root, beside] = [0, 1].map((look) => taken.filter((one) => (one.look ?? 0) === look).at(-1));
  if (!root && !beside)
    return ['Feed straight in, slowly, until both places are cut; stop, draw back, and measure both.'];
  if (!root) return ['Now measure it at its root.'];
  if (!beside) return ['Now measure it at the other place.'];
  const deep = (beside.reading - root.reading) / 2;
  return [
    'Between the two it is ',
    length(deep, 0.01),
    ' deep, drawn ',
    length(DRAWN, 0.01),
    ': ',
    { quantity: 'percent', value: deep / DRAWN },
    ' of its form is cut. If the outer place still has the bar’s own skin, feed on first.',
  ];
}

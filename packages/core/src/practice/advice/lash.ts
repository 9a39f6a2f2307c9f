import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Taken } from './taken';

export function lash(taken: readonly Taken[]): Phrase {
  const [before, last] = taken.slice(-2);
  if (!last)
    return [
      'Turn in until the needle moves, and take it: that is where the dial stands with the lash taken up.',
    ];
  if (!before)
    return ['Now turn back, a little at a time, until the needle first moves the other way; take it there.'];
  return [
    'Between the last two the dial turned ',
    length(Math.abs(last.cross - before.cross), 0.01),
    '. If the needle had only just begun to move, that is the lash.',
  ];
}

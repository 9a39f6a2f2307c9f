import { length, type Figure } from '../../figure/figure';
import { sineBarStack } from '../../kit/sineBarStack';
import { besides, lengthAndTaper } from '../asked';
import type { QuickPhrase } from '../quickPhrase';

/** sine 100 at mt3: the stack under a sine bar. */
export const sinePhrase: QuickPhrase = {
  id: 'sine',
  example: 'sine 100 mm at mt3',
  what: 'stack under a sine bar for a taper’s half angle',
  answer(text, context) {
    const said = besides(text, /\bsine(?:\s+bar)?\b/i);
    if (said === null) return null;
    const [barLength, taper] = lengthAndTaper(said, context, this.example);
    const stack = (angle: number): Figure => length(sineBarStack({ barLength, angle }).stack, 0.0001);
    const included = 2 * taper.halfAngle;
    return {
      heading: `sine bar for ${taper.name}`,
      lines: [
        { label: 'stack', figure: stack(taper.halfAngle) },
        // No bar is tipped so far that the two could be taken for each other.
        ...(included < Math.PI / 2
          ? [{ label: 'not this, for the included angle', figure: stack(included) }]
          : []),
      ],
    };
  },
};

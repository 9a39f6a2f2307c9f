import { angle, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { halfAngleOf, ratioOf } from '../taper/solve';
import type { Evidence, MeasuredRatio } from './evidence';

const MARKED = {
  large: 'marked at the large end',
  small: 'marked at the small end',
  middle: 'marked in the middle',
  ends: 'marked at both ends',
  'two-bands': 'marked in two bands',
  spot: 'marked in one spot',
  full: 'marked all along',
  'all-but-large': 'marked all along but the large end',
  rings: 'marked in rings',
  speckled: 'marked in speckles',
} as const;
const SHAKES = {
  large: 'loose at the large end',
  small: 'loose at the small end',
  both: 'loose at both ends',
  none: 'no shake',
} as const;

/**
 * A piece of evidence in words; a measured one against the half angle that is wanted, where that is given.
 *
 * @example
 * describeEvidence({ kind: 'shake', where: 'none' })
 * // → ['no shake']
 */
export function describeEvidence(e: Evidence, halfAngle?: number): Phrase {
  switch (e.kind) {
    case 'bands':
      return [MARKED[e.where]];
    case 'shake':
      return [SHAKES[e.where]];
    case 'sticks':
      return [e.holds ? 'it sticks when pushed home' : 'it does not stick'];
    case 'rock':
      return [
        'rocks ',
        length(e.swing, 0.001),
        ' at ',
        length(e.distance, 0.1),
        ` about the ${e.touches} end`,
      ];
    case 'measured':
      return halfAngle === undefined ? ['measured at ', angle(halfAngleOf(e.ratio))] : against(e, halfAngle);
    case 'warmer':
      return [e.by > 0 ? 'the part warmer than its gauge' : 'the part cooler than its gauge'];
    case 'stand-off':
      return Math.abs(e.seen) < ON_THE_LINE
        ? ['stands at its line']
        : [e.seen > 0 ? 'stands off ' : 'past its line by ', length(Math.abs(e.seen), 0.01)];
  }
}

/** Less is read as nothing, mm. */
const ON_THE_LINE = 0.005;
/** Half a second of arc, rad: less is written as none. */
const UNWRITTEN = Math.PI / 180 / 3600 / 2;

/** Within what it is known to, a measured angle is right. */
function against({ ratio, uncertainty }: MeasuredRatio, halfAngle: number): Phrase {
  const off = Math.abs(halfAngleOf(ratio) - halfAngle);
  const known = halfAngleOf(uncertainty);
  if (off > Math.max(known, UNWRITTEN))
    return ['measured ', angle(off), ratio > ratioOf(halfAngle) ? ' steep' : ' shallow'];
  return known > UNWRITTEN ? ['measured right within ', angle(known)] : ['measured right'];
}

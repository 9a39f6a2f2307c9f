import { length } from '../../figure/figure';
import { FINE, ON_DIAMETER, type Cause } from './kind';

/** A needle is steadier than this many of its own steps, or something is not as it should be. */
const STEADY = 3;

/** A needle that buzzes all along: more than it should from one reading to the next, and not for any of the other reasons. */
export const loose: Cause = ({ analysis: { noise }, wander, sweep: { resolution } }) => {
  const buzz = Math.min(noise, wander.buzz);
  return buzz > STEADY * resolution
    ? {
        id: 'loose',
        what: ['The needle buzzes by ', length(buzz, FINE), ' all along'],
        costs: ON_DIAMETER * buzz,
        todo: ['Snug the gib, wipe the master, ease the contact’s pressure, and feed more slowly'],
        check: [
          'Stand still and tap the slide: a needle that buzzes on is loose in its holder or its gib, one that is still had a rough surface under it',
        ],
      }
    : null;
};

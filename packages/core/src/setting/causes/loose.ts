import { length } from '../../figure/figure';
import { FINE, ON_DIAMETER, type Cause } from './kind';

/** A needle is steadier than this many of its own steps, or something is not as it should be. */
const STEADY = 3;

/** A needle that buzzes all along. */
export const loose: Cause = ({ analysis: { noise }, sweep: { resolution } }) =>
  noise > STEADY * resolution
    ? {
        id: 'loose',
        what: ['The needle buzzes by ', length(noise, FINE), ' all along'],
        costs: ON_DIAMETER * noise,
        todo: ['Snug the gib, wipe the master, ease the contact’s pressure, and feed more slowly'],
        check: [
          'Stand still and tap the slide: a needle that buzzes on is loose in its holder or its gib, one that is still had a rough surface under it',
        ],
      }
    : null;

import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { limitsOf } from '../../part/limitsOf';
import type { Placed } from '../piece/laid';

/** Limits are shown to this, mm. */
const LIMITS = 0.001;

/**
 * A diameter as the drawing gives it: with its fit, and between what it lies where a fit or the drawing says so. A hole
 * that is bored to its bare figure is scrap where it is to press.
 */
export function sizeSaid({ feature, largest }: Placed): Phrase {
  const limits = limitsOf(feature);
  const size = length(2 * largest, 0.01);
  if (!limits || limits.by === 'general') return ['⌀', size];
  const fit = 'fit' in feature && feature.fit ? ` ${feature.fit}` : '';
  return ['⌀', size, `${fit} (`, length(limits.least, LIMITS), ' to ', length(limits.most, LIMITS), ')'];
}

import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { limitsOf } from '../../part/limitsOf';
import type { Placed } from '../piece/laid';
import { SAME } from '../piece/usual';

/** Limits are shown to this, mm; those further apart than WIDE no finer than the size. */
const LIMITS = 0.001;
const SIZE = 0.01;
const WIDE = 0.1;

/**
 * A diameter as the drawing gives it: with its fit, and between what it lies where a fit or the drawing says so. A hole
 * that is bored to its bare figure is scrap where it is to press.
 */
export function sizeSaid({ feature, largest }: Placed): Phrase {
  const limits = limitsOf(feature);
  const size = length(2 * largest, SIZE);
  if (!limits || limits.by === 'general') return ['⌀', size];
  const fit = 'fit' in feature && feature.fit ? ` ${feature.fit}` : '';
  const shown = limits.most - limits.least < WIDE - SAME ? LIMITS : SIZE;
  return [
    '⌀',
    size,
    `${fit} (`,
    length(limits.least, shown, { bare: true }),
    ' to ',
    length(limits.most, shown),
    ')',
  ];
}

import type { SolvedTaper } from '../solve';
import { includedForHalf } from './includedForHalf';
import type { MixUp, Suspicion, TaperTyped } from './mixUp';
import { nominalForReal } from './nominalForReal';
import { radiusAsDiameter } from './radiusAsDiameter';
import { radiusForDiameter } from './radiusForDiameter';
import { roundedFraction } from './roundedFraction';
import { sineForTangent } from './sineForTangent';

/** Every suspicion, the costliest slips first; a figure is suspected of one thing at a time. */
const SUSPICIONS: readonly Suspicion[] = [
  includedForHalf,
  radiusForDiameter,
  sineForTangent,
  nominalForReal,
  radiusAsDiameter,
  roundedFraction,
];

/**
 * What the figures typed for a taper look like a rounding of, or a mix-up with, each with what it costs at the far end
 * of this part and the figure to put in its place. Figures taken from a table should not be passed here.
 */
export function mixUps(typed: TaperTyped, solved: SolvedTaper): MixUp[] {
  const said = new Set<string>();
  const found: MixUp[] = [];
  for (const suspicion of SUSPICIONS) {
    const one = suspicion(typed, solved);
    if (!one || said.has(one.field)) continue;
    said.add(one.field);
    found.push(one);
  }
  return found;
}

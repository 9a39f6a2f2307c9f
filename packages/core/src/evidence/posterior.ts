import type { Evidence } from './evidence';
import { likelihood, possibilitiesOf, type Possibility, type Wanted } from './likelihood';

/** A possibility with how much it is believed after what was seen. */
export interface Weighed {
  readonly possibility: Possibility;
  readonly belief: number;
}

/**
 * How often a whole try deceives: not pushed home, dirt between, the ends mixed up. Its reports then agree with one
 * another and not with the part, so that no number of them together can be surer than this allows.
 */
const DECEIVES = 0.05;

/** What comes of a try in the mate, which can deceive as a whole; a measurement does not go with it. */
const byHand = (e: Evidence): boolean => e.kind !== 'measured' && e.kind !== 'warmer';

/** Beliefs in every possibility after the evidence; they add to one. */
export function posterior(evidence: readonly Evidence[], wanted: Wanted): Weighed[] {
  const possibilities = possibilitiesOf(wanted);
  const once = distinct(evidence);
  const of = (p: Possibility, some: readonly Evidence[]): number =>
    some.reduce((all, e) => all * likelihood(p, e, wanted), 1);
  const [hand, told] = [once.filter(byHand), once.filter((e) => !byHand(e))];
  const tries = possibilities.map((p) => of(p, hand));
  const anyway = possibilities.reduce((sum, p, i) => sum + p.prior * (tries[i] as number), 0);
  const weights = possibilities.map(
    (p, i) => p.prior * ((1 - DECEIVES) * (tries[i] as number) + DECEIVES * anyway) * of(p, told),
  );
  const whole = weights.reduce((sum, w) => sum + w, 0);
  return possibilities.map((possibility, i) => ({ possibility, belief: (weights[i] as number) / whole }));
}

/** Each thing once: the same report made again says no more. */
export const distinct = (evidence: readonly Evidence[]): Evidence[] => [
  ...new Map(evidence.map((e) => [JSON.stringify(e), e])).values(),
];

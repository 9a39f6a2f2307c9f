import type { Placed } from '../piece/laid';
import { finished } from '../piece/piece';
import { figures } from './card';
import { PLAIN, type KindOfOperation } from './kind';

/** The same of a feature that is there. */
type OfFeature<F> = F extends (first: infer A, section: Placed | null, ...more: infer R) => infer T
  ? (first: A, section: Placed, ...more: R) => T
  : F;
type OnFeatures = { readonly [K in keyof Omit<KindOfOperation, 'on'>]: OfFeature<KindOfOperation[K]> };
/** What has to be said of an operation on features; what most are of the rest need not be. */
type Said = Pick<OnFeatures, 'kind' | 'name' | 'works' | 'needed' | 'rank' | 'say' | 'minutes'> &
  Partial<OnFeatures>;

/** Most finish the feature they are done to, and most that do change no more of the piece. */
const USUAL: Pick<OnFeatures, 'finishes'> = { finishes: () => true };

/**
 * A kind of operation that is done to features. One that names no feature it could be done to is nothing: it changes nothing,
 * takes nothing, and is called by its name alone.
 */
export function onFeatures(said: Said): KindOfOperation {
  const all: OnFeatures = {
    ...PLAIN,
    ...USUAL,
    after: ({ piece, holding }, section) =>
      all.finishes(piece.laid, section) ? finished(piece, [section.id], holding.id) : piece,
    ...said,
  };
  const of =
    <A, R extends unknown[], T>(does: (first: A, section: Placed, ...more: R) => T, none: (first: A) => T) =>
    (first: A, section: Placed | null, ...more: R): T =>
      section ? does(first, section, ...more) : none(first);
  return {
    ...all,
    on: 'features',
    rank: of(all.rank, () => 0),
    fromTailstock: of(all.fromTailstock, () => false),
    wrong: of(all.wrong, () => []),
    after: of(all.after, ({ piece }) => piece),
    leaves: of(all.leaves, () => null),
    say: of(all.say, () => [all.name]),
    card: of(all.card, () => figures([])),
    tools: of(all.tools, () => []),
    minutes: of(all.minutes, () => 0),
    setUp: of(all.setUp, () => 0),
  };
}

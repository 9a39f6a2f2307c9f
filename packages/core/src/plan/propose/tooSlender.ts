import { slender } from '../check/slender';
import type { Shell } from '../holdings/shell';
import { neededKinds } from '../operations/registry';
import type { Laid, Placed } from '../piece/laid';
import type { FindingCode } from '../piece/line';
import { finished, type Piece } from '../piece/piece';

/** When, of a holding's operations, a feature is first cut into and when it is finished. */
function turnOf(laid: Laid, s: Placed, by: Shell['by']): { readonly s: Placed; first: number; last: number } {
  const ranks = neededKinds(laid, s).map((kind) => kind.rank(laid, s, by));
  return { s, first: Math.min(...ranks), last: Math.max(...ranks) };
}

/** Of what is to be worked in a holding, what would hang by too little when its turn comes, and what then goes wrong. */
export function tooSlender(
  piece: Piece,
  shell: Shell,
  work: readonly Placed[],
): ReadonlyMap<Placed, FindingCode> {
  const { laid } = piece;
  if (!shell.grips) return new Map();
  const turns = work.filter((s) => laid.outside.includes(s)).map((s) => turnOf(laid, s, shell.by));
  return new Map(
    turns.flatMap(({ s, last }) => {
      const thinned = turns.filter(({ first }) => first <= last).map((one) => one.s.id);
      return slender(finished(piece, thinned, ''), shell, s).map(({ code }) => [s, code] as const);
    }),
  );
}

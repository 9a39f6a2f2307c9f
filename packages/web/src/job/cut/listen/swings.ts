import type { HeldBy } from '@anello/core/chatter';
import type { OperationInHand } from '@anello/core/plan';

/** What could swing while something is cut, as the job has it: the work as it is held, and the bar that a hole wants. */
export interface Swings {
  /** Names what was typed over it. */
  readonly key: string;
  readonly held: HeldBy;
  readonly work: { readonly diameter: number; readonly length: number } | null;
  /** The hole a bar works in: how deep it goes, and its smallest diameter. */
  readonly hole: { readonly depth: number; readonly smallEnd: number } | null;
}

/** An operation of the line of work: the piece stands out of its jaws as far as it is not gripped. */
export function swingsIn({ operation, holding, before, cards }: OperationInHand, key: string): Swings {
  const { grips, toward, centre, by } = holding.holding;
  const ends = before.outer.map(({ z }) => z);
  const [low, high] = [Math.min(...ends), Math.max(...ends)];
  const [from, to] = !grips ? [low, high] : toward === 'tailstock' ? [grips.to, high] : [low, grips.from];
  const radii = before.outer.filter(({ z }) => z >= from && z <= to).map(({ r }) => r);
  const [diameter, length] = [2 * Math.max(0, ...radii), to - from];
  const bored = cards.flatMap(({ card }) =>
    card.kind === 'diameter' && card.member === 'internal' ? [card] : [],
  )[0];
  return {
    key: `${key}.${operation.operation.id}`,
    held: by === 'between-centres' ? 'centres' : centre ? 'one end and a centre' : 'one end',
    work: diameter > 0 && length > 0 ? { diameter, length } : null,
    hole: bored ? { depth: bored.toEnd, smallEnd: bored.from } : null,
  };
}

import { AnelloError } from '../basics/error';

/** What people put between the two figures of a line: a length *at* a taper, a taper *over* a length. */
const BETWEEN = /\s+(?:at|over|for|on|of|with)\s+/i;
const AROUND = /^(?:at|over|for|on|of|with)\s+|\s+(?:at|over|for|on|of|with)$/gi;

export interface TwoFigures<A, B> {
  readonly read: (text: string) => A;
  readonly and: (text: string) => B;
  /** A line that works, for who typed one that does not. */
  readonly example: string;
}

/**
 * Reads two figures of different kinds out of what a line says besides its own words, in either order, with a word
 * between them or none: `180 at mt2`, `mt2 over 180 mm`, `180 mt2`.
 * Errors: unreadable with the example; where a word stands between them, what is wrong with the figure.
 */
export function twoFigures<A, B>(text: string, { read, and, example }: TwoFigures<A, B>): readonly [A, B] {
  const said = text.trim().replaceAll(AROUND, '').trim();
  const halves = said.split(BETWEEN);
  const parted = halves.length === 2;
  const splits = parted ? [halves as [string, string]] : everyGap(said);
  // As much as can be belongs to the first kind: 1/16 in | mt3, not 1/16 | in mt3.
  const tries = [...splits.toReversed(), ...splits.map(([b, a]) => [a, b] as const)];
  let refused: unknown = null;
  for (const [a, b] of tries)
    try {
      return [read(a), and(b)];
    } catch (error) {
      if (!(error instanceof AnelloError)) throw error;
      refused ??= error;
    }
  if (parted && refused) throw refused;
  throw new AnelloError('unreadable', null, `Two figures are asked for here: ${example}.`);
}

function everyGap(text: string): [string, string][] {
  return [...text.matchAll(/\s+/g)].map((gap) => [
    text.slice(0, gap.index),
    text.slice(gap.index + gap[0].length),
  ]);
}

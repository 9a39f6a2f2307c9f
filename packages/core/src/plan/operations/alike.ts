import type { Figure } from '../../figure/figure';
import { plainText, type Phrase } from '../../figure/phrase';
import type { OperationKind } from '../piece/line';
import type { Card } from './card';

/** Figures of threads and holes are told apart to a thousandth. */
const fine = (value: number): string => String(Number(value.toFixed(3)));

const MOST = 120;

/** A drill's mark says its size once more, and what was worked before it was said is still found. */
const isNoMark = (part: string | Figure): boolean => typeof part !== 'string' || !/^ \(.+\)$/.test(part);

/** What is the same whatever tools are laid out for it. */
const BY_FIGURE: { readonly [K in Card['kind']]?: (card: Extract<Card, { kind: K }>) => string } = {
  thread: ({ side, thread }) => `${side} ${fine(thread.diameter)} x ${fine(thread.pitch)}`,
  hole: ({ diameter }) => fine(diameter),
};

/**
 * What an operation is found again by in other jobs: a thread by its side, diameter and pitch, a hole by its diameter, any
 * other by what it is and the tools laid out for it.
 */
export function alikeAs(kind: OperationKind, card: Card | undefined, tools: readonly Phrase[]): string {
  const byFigure = card && (BY_FIGURE[card.kind] as ((card: Card) => string) | undefined);
  if (byFigure) return `${kind} ${byFigure(card)}`;
  const laidOut = [...new Set(tools.map((tool) => plainText(tool.filter(isNoMark), 'mm')))].join(', ');
  return [kind, laidOut].filter(Boolean).join(' ').slice(0, MOST);
}

/** A thread is the same thread in any material, and a hole the same hole. */
const FITS: readonly OperationKind[] = ['thread', 'tap', 'drill', 'ream'];

/**
 * Whether an operation is the same one in another material, by what it is found again by: any other cut is by its tools, and
 * those cut otherwise in another.
 *
 * @example
 * alikeInAnyMaterial('thread external 20 x 1.5')
 * // → true
 */
export const alikeInAnyMaterial = (alike: string): boolean =>
  FITS.some((kind) => alike.startsWith(`${kind} `));

import { plainText, type Phrase } from '../../figure/phrase';
import type { OperationKind } from '../piece/line';
import type { Card } from './card';

/** Figures of threads and holes are told apart to a thousandth. */
const fine = (value: number): string => String(Number(value.toFixed(3)));

const MOST = 120;

/**
 * What an operation is found again by in other jobs: a thread by its side, diameter and pitch, a hole by its diameter, any
 * other by what it is and the tools laid out for it.
 */
export function alikeAs(kind: OperationKind, card: Card | undefined, tools: readonly Phrase[]): string {
  if (card?.kind === 'thread')
    return `${kind} ${card.side} ${fine(card.thread.diameter)} x ${fine(card.thread.pitch)}`;
  if (card?.kind === 'hole') return `${kind} ${fine(card.diameter)}`;
  const laidOut = [...new Set(tools.map((tool) => plainText(tool, 'mm')))].join(', ');
  return [kind, laidOut].filter(Boolean).join(' ').slice(0, MOST);
}

import { lineProgress, type LineOperation } from './lineOfWork';
import { recordsOf } from './records/ofShape';
import { ofKind, type KeptRecord } from './records/row';
import { closes, verdictOnPiece } from './verdictOf';

/** Each piece from bar to part in turn, or every piece through one holding before the next. */
export const BATCH_ORDERS = ['in-turn', 'by-holding'] as const;
export type BatchOrder = (typeof BATCH_ORDERS)[number];

/** A batch as it stands: its line of work by holding, and what was kept. */
export interface BatchAt {
  readonly order: BatchOrder;
  readonly holdings: readonly (readonly LineOperation[])[];
  /** Holdings by their place that go on in the jaws of the one before: a piece is not taken out between them. */
  readonly goOn?: ReadonlySet<number> | undefined;
  readonly records: readonly KeptRecord[];
  readonly quantity: number;
  /** The piece in hand. */
  readonly piece: number;
  /** Features worked by a loop of their own, the first of them first. */
  readonly shapes: readonly string[];
}

/** What to go on with: an operation of a piece, or with none its verdict. */
export interface NextInBatch {
  readonly piece: number;
  readonly operation: string | null;
}

/**
 * Shapes that are proved on a piece: accepted. What is scrapped is done with, and proved nothing.
 *
 * @example
 * provedOn({ records: RECORDS, shapes: ['cone'] }, 1)
 * // → []
 */
export const provedOn = ({ records, shapes }: Pick<BatchAt, 'records' | 'shapes'>, piece: number): string[] =>
  shapes.filter(
    (feature, i) =>
      ofKind(recordsOf(records, feature, i === 0), 'verdict', piece).at(-1)?.body.verdict === 'accepted',
  );

/** What is done of the line on a piece. */
const doneOn = (at: BatchAt, piece: number): ReadonlySet<string> =>
  lineProgress(at.holdings.flat(), at.records, piece, provedOn(at, piece)).done;

/**
 * Whether nothing of a piece is left to do. Accepted by its only shape it may still have work after that; scrapped it has none, nor
 * has one whose verdict was given of all of it.
 */
function isClosed(at: BatchAt, piece: number): boolean {
  const verdict = verdictOnPiece(at.records, piece, at.shapes.length);
  if (!closes(verdict)) return false;
  const ofItsShape = verdict?.body.verdict === 'accepted' && verdict.operation !== undefined;
  return !ofItsShape || at.holdings.flat().every(({ id }) => doneOn(at, piece).has(id));
}

/** The pieces that are not closed, the one in hand first and then round. */
function openFrom(at: BatchAt): number[] {
  const { quantity, piece } = at;
  const all = Array.from({ length: quantity }, (_, i) => ((piece - 1 + i) % quantity) + 1);
  return all.filter((one) => !isClosed(at, one));
}

/** What is done to a piece from one closing of the jaws to the next. */
const closings = ({ holdings, goOn }: BatchAt): LineOperation[][] =>
  holdings.reduce<LineOperation[][]>((all, operations, i) => {
    const last = all.at(-1);
    if (last && goOn?.has(i)) last.push(...operations);
    else all.push([...operations]);
    return all;
  }, []);

/**
 * What to go on with in a batch: in turn, the piece in hand and then the next; holding by holding, the piece in hand as long as
 * it has something to do in this holding, then the next piece in the same one. Null when every piece is closed.
 *
 * @example
 * nextInBatch({
 *   order: 'by-holding',
 *   holdings: [[{ id: 'face', features: [], loop: false }]],
 *   records: [],
 *   quantity: 2,
 *   piece: 1,
 *   shapes: [],
 * })
 * // → { piece: 1, operation: 'face' }
 */
export function nextInBatch(at: BatchAt): NextInBatch | null {
  const open = openFrom(at);
  const all = at.holdings.flat();
  const done = new Map(open.map((piece) => [piece, doneOn(at, piece)]));
  const undone = (operations: readonly LineOperation[], piece: number): LineOperation | undefined =>
    operations.find((one) => !done.get(piece)?.has(one.id));
  // Holding by holding each is asked by itself; in turn the whole line is, of the lowest piece that is open.
  const [groups, pieces] =
    at.order === 'by-holding' ? [closings(at), open] : [[all], [...open].sort((a, b) => a - b)];
  for (const operations of groups)
    for (const piece of at.order === 'by-holding' ? pieces : pieces.slice(0, 1)) {
      const found = undone(operations, piece);
      if (found) return { piece, operation: found.id };
    }
  const [first] = pieces;
  return first === undefined ? null : { piece: first, operation: null };
}

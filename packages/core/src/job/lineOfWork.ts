import { recordsOf } from './records/ofShape';
import { isOfTheCut } from './records/flags';
import { ofKind, standing, type KeptRecord } from './records/row';

/** An operation of the line of work, as its progress needs to know it. */
export interface LineOperation {
  readonly id: string;
  readonly features: readonly string[];
  /** It has a loop of its own, so that what was kept of its feature was kept in it. */
  readonly loop: boolean;
  /** It works the part's first shape, which rows from before records said of which they are belong to. */
  readonly first?: boolean | undefined;
}

/** How far a piece has come along its line of work. */
export interface LineProgress {
  readonly done: ReadonlySet<string>;
  /** The operation to go on with; null when all are done. */
  readonly now: string | null;
}

/**
 * How far a piece has come along its line of work. A plain operation is done when that was kept, a shape when it was proved;
 * and whatever comes before something that was worked on this piece has been done, ticked off or not.
 *
 * @example
 * lineProgress([{ id: 'face', features: [], loop: false }], RECORDS, 1, []).now
 * // → 'face'
 */
export function lineProgress(
  operations: readonly LineOperation[],
  records: readonly KeptRecord[],
  piece: number,
  /** Features whose shape is proved on this piece. */
  proved: readonly string[],
): LineProgress {
  const ofPiece = standing(records).filter((r) => r.piece === piece);
  const ticked = new Set(ofKind(ofPiece, 'worked').map((r) => r.operation));
  const begun = ({ id, features, loop, first = false }: LineOperation): boolean =>
    loop
      ? features.some((f) => recordsOf(ofPiece, f, first).some((r) => isOfIts(id, r)))
      : ofPiece.some((r) => r.operation === id);
  const finished = ({ id, features, loop }: LineOperation): boolean =>
    ticked.has(id) || (loop && features.some((f) => proved.includes(f)));
  const last = operations.findLastIndex((one) => finished(one) || begun(one));
  const done = operations.filter((one, i) => i < last || finished(one)).map((one) => one.id);
  const next = operations.find((one) => !done.includes(one.id));
  return { done: new Set(done), now: next?.id ?? null };
}

/**
 * Whether a row says that a shape's own cut was begun: a slide may be set for it long before, and a seat is drilled before it is
 * bored.
 */
const isOfIts = (id: string, { operation, body }: KeptRecord): boolean =>
  (operation === undefined || operation === id) && isOfTheCut(body.kind);

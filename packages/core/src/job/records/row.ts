import type { RecordBody, RecordKind } from './registry';
import { isWithdrawn } from './is';

/** One kept row: append-only, its id made where it was typed. */
export interface KeptRecord {
  readonly id: string;
  readonly jobId: string;
  readonly piece: number;
  /** ISO time at the screen it was kept on. */
  readonly at: string;
  readonly operator: string;
  /** The feature it is about, and the operation of the plan it was kept in; neither in rows from before there were any. */
  readonly feature?: string | undefined;
  readonly operation?: string | undefined;
  readonly body: RecordBody;
}

export type BodyOf<K extends RecordKind> = Extract<RecordBody, { kind: K }>;
export type RecordOf<K extends RecordKind> = KeptRecord & { readonly body: BodyOf<K> };

/**
 * Records still standing: without those withdrawn, and without the withdrawals.
 *
 * @example
 * standing(RECORDS).length
 * // → 6
 */
export function standing(records: readonly KeptRecord[]): KeptRecord[] {
  const gone = new Set(records.flatMap((r) => (isWithdrawn(r.body) ? [r.body.record] : [])));
  return records.filter((r) => !isWithdrawn(r.body) && !gone.has(r.id));
}

/**
 * Standing records of one kind for one piece, in the order kept.
 *
 * @example
 * ofKind(RECORDS, 'pass').length
 * // → 1
 */
export function ofKind<K extends RecordKind>(
  records: readonly KeptRecord[],
  kind: K,
  piece?: number,
): RecordOf<K>[] {
  return standing(records).filter(
    (r): r is RecordOf<K> => r.body.kind === kind && (piece === undefined || r.piece === piece),
  );
}

/**
 * The piece being worked on: the one last taken up, or the first.
 *
 * @example
 * currentPiece(RECORDS)
 * // → 1
 */
export function currentPiece(records: readonly KeptRecord[]): number {
  return ofKind(records, 'piece').at(-1)?.piece ?? 1;
}

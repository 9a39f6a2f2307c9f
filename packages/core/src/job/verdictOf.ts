import { ofKind, type KeptRecord, type RecordOf } from './records/row';

type Verdict = RecordOf<'verdict'>;

/** Whether a verdict leaves nothing to do to what it was given of. */
export const closes = (verdict: Verdict | undefined): boolean =>
  verdict?.body.verdict === 'accepted' || verdict?.body.verdict === 'scrap';

/**
 * The verdict on a whole piece: the last that was given of it, or the last that scrapped a shape of it, since there is no piece
 * without the shape. A shape accepted or sent back is not the piece's verdict, but where the part has no other shape.
 *
 * @example
 * verdictOnPiece(RECORDS, 1, 1)
 * // → undefined
 */
export const verdictOnPiece = (
  records: readonly KeptRecord[],
  piece: number,
  shapes: number,
): Verdict | undefined =>
  ofKind(records, 'verdict', piece)
    .filter((r) => r.feature === undefined || r.body.verdict === 'scrap' || shapes < 2)
    .at(-1);

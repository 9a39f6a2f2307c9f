import { ofKind, type KeptRecord, type RecordOf } from './records/row';

/**
 * The setting a piece is cut with: the last one kept on it or on any piece before.
 *
 * @example
 * settingInForce(RECORDS, 1)?.body.halfAngle
 * // → 0.0250926
 */
export function settingInForce(
  records: readonly KeptRecord[],
  piece: number,
): RecordOf<'setting-kept'> | undefined {
  return ofKind(records, 'setting-kept')
    .filter((r) => r.piece <= piece)
    .at(-1);
}

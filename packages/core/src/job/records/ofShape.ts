import type { KeptRecord } from './row';
import { isBeside } from './flags';

/** The feature a record is about: as it says, or as its contents name it. */
export const featureOf = ({ feature, body }: KeptRecord): string | undefined =>
  feature ?? ('eccentric' in body ? body.eccentric : undefined);

/**
 * What was kept of one shape of the part, and of the piece as a whole. Rows from before records said of which shape they are
 * belong to the first, which was then the only one that was worked; those of a plain operation on no feature to none.
 *
 * @example
 * recordsOf(RECORDS, 'cone', false).length
 * // → 0
 */
export const recordsOf = (
  records: readonly KeptRecord[],
  feature: string,
  first: boolean,
): readonly KeptRecord[] =>
  records.filter((record) => {
    const of = featureOf(record);
    if (of !== undefined) return of === feature;
    return isBeside(record.body.kind) || (first && record.operation === undefined);
  });

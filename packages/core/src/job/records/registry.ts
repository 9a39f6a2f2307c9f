import type { Phrase } from '../../figure/phrase';
import type { Stage } from '../stage';
import { KINDS, type RecordBody, type RecordKind } from './every.generated';
import type { KindOfRecord } from './kind';

export type { RecordBody, RecordKind };

/** Every kind of kept row that is looked for, by its word: what its rows are called, and the stage they are kept in. */
export const RECORD_KINDS: readonly {
  readonly kind: RecordKind;
  readonly called: string;
  readonly stage?: Stage | undefined;
}[] = Object.values<KindOfRecord<RecordBody>>(KINDS).flatMap(({ kind, called, stage }) =>
  called === undefined ? [] : [{ kind, called, stage }],
);

/**
 * A kept row in a sentence, its figures left as figures.
 *
 * @example
 * plainText(describeRecord(RECORDS[0]))
 * // → 'Read 0.941\u00a0mm at 37.5\u00a0mm, should be 0.941\u00a0mm'
 */
export function describeRecord({
  body,
  piece,
}: {
  readonly body: RecordBody;
  readonly piece: number;
}): Phrase {
  const { say } = KINDS[body.kind] as KindOfRecord<RecordBody>;
  return say(body, { piece });
}

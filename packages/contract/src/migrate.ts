import { AnelloError } from '@anello/core/basics';

/** A kind of document whose forms have a history. */
export interface Forms {
  /** What a person calls it: "job", "lathe". */
  readonly what: string;
  /** The form this Anello writes. */
  readonly present: number;
  /** What brings a document of each older form to the next; a form without a step was never written. */
  readonly steps: Readonly<Record<number, (older: object) => object>>;
}

/**
 * A stored document of any form, brought up one form after another to the present one. What says no form it
 * can be given the steps for is handed on as it is, for the schema to refuse. Error: newer-document.
 */
export function broughtUp<T>(raw: unknown, { what, present, steps }: Forms): T {
  const form = (raw as { schema?: unknown } | null)?.schema;
  if (typeof form === 'number' && form > present) {
    throw new AnelloError(
      'newer-document',
      'schema',
      `This ${what} was written by a newer Anello (form ${form}); this one reads form ${present}.`,
    );
  }
  let document = raw as object;
  for (let at = form; typeof at === 'number' && at < present; at++) {
    const step = steps[at];
    if (!step) return raw as T;
    document = { ...step(document), schema: at + 1 };
  }
  return document as T;
}

import { AnelloError } from '@anello/core/basics';
import { parseQuantity } from '@anello/core/quantity';
import { z } from 'zod';
import { HOUSE, type Entry, type EntryDimension } from './entry';

/** The typed text and the value may differ by the dust of one conversion, no more. */
const SAME = 1e-9;

/** A typed figure of one dimension. The text must read as the value it came with. */
export function entrySchema(dimension: EntryDimension, limit: { readonly positive?: boolean } = {}) {
  return z
    .strictObject({ typed: z.string().min(1).max(200), value: z.number() })
    .superRefine((entry, context) => {
      const message =
        disagreement(entry, dimension) ??
        (limit.positive && entry.value <= 0 ? 'This must be more than zero.' : null);
      if (message) context.addIssue({ code: 'custom', message });
    });
}

function disagreement(entry: Entry, dimension: EntryDimension): string | null {
  try {
    const { value } = parseQuantity({ text: entry.typed, dimension, defaultUnit: HOUSE[dimension] });
    const near = Math.abs(value - entry.value) <= SAME * Math.max(1, Math.abs(value));
    return near ? null : `“${entry.typed}” does not read as the figure sent with it.`;
  } catch (error) {
    if (error instanceof AnelloError) return error.message;
    throw error;
  }
}

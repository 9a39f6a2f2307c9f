import { AnelloError, parseQuantity, type DefaultUnit, type Dimension } from '@anello/core';
import { z } from 'zod';

/** What was typed, with its unit, and what it was read as in house units. Never stored rounded. */
export interface Entry {
  readonly typed: string;
  readonly value: number;
}

const HOUSE = {
  length: 'mm',
  angle: 'rad',
  taper: 'ratio',
  number: '1',
} as const satisfies Partial<Record<Dimension, DefaultUnit>>;
export type EntryDimension = keyof typeof HOUSE;
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

/** An entry as the demo shop and defaults write it: text in, value worked out by the one parser. */
export function entry(typed: string, dimension: EntryDimension = 'length'): Entry {
  return { typed, value: parseQuantity({ text: typed, dimension, defaultUnit: HOUSE[dimension] }).value };
}

/** The same shape with every entry replaced by its value. */
export type ValuesOf<T> = T extends Entry
  ? number
  : T extends readonly (infer U)[]
    ? readonly ValuesOf<U>[]
    : T extends object
      ? { [K in keyof T]: ValuesOf<T[K]> }
      : T;

/** Replaces every entry in a document by its value in house units. */
export function valuesOf<T>(document: T): ValuesOf<T> {
  if (Array.isArray(document)) return document.map(valuesOf) as ValuesOf<T>;
  if (typeof document !== 'object' || document === null) return document as ValuesOf<T>;
  if (isEntry(document)) return document.value as ValuesOf<T>;
  return Object.fromEntries(
    Object.entries(document).map(([key, value]) => [key, valuesOf(value)]),
  ) as ValuesOf<T>;
}

export function isEntry(value: unknown): value is Entry {
  return typeof value === 'object' && value !== null && 'typed' in value && 'value' in value;
}

import { parseQuantity, type DefaultUnit, type Dimension } from '@anello/core/quantity';

/** What was typed, with its unit, and what it was read as in house units. Never stored rounded. */
export interface Entry {
  readonly typed: string;
  readonly value: number;
}

/** What a figure of each dimension is kept in. */
export const HOUSE = {
  length: 'mm',
  angle: 'rad',
  taper: 'ratio',
  number: '1',
} as const satisfies Partial<Record<Dimension, DefaultUnit>>;
export type EntryDimension = keyof typeof HOUSE;

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

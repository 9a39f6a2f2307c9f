import type { Entry, EntryDimension } from '@anello/contract';
import { parseQuantity, type DefaultUnit } from '@anello/core';

/** Typed text with the unit a bare number meant, so that it reads the same whatever units are shown later. */
export function withUnit(typed: string, dimension: EntryDimension, defaultUnit: DefaultUnit): string {
  try {
    const parsed = parseQuantity({ text: typed, dimension, defaultUnit });
    if (parsed.explicit || parsed.unit === 'ratio' || parsed.unit === '1') return typed.trim();
    return parsed.unit === 'deg' ? `${typed.trim()}°` : `${typed.trim()} ${parsed.unit}`;
  } catch {
    return typed;
  }
}

/** What was typed as it is kept: text that reads as its value by itself. A sum takes its unit round the whole of it. Errors: the parser's. */
export function typedEntry(typed: string, dimension: EntryDimension, defaultUnit: DefaultUnit): Entry {
  const { value, canonical } = parseQuantity({ text: typed, dimension, defaultUnit });
  const whole = withUnit(typed, dimension, defaultUnit);
  const bare = dimension === 'angle' ? 'rad' : defaultUnit;
  const reread = parseQuantity({ text: whole, dimension, defaultUnit: bare }).value;
  if (Math.abs(reread - value) < 1e-12 * Math.max(1, Math.abs(value))) return { typed: whole, value };
  return { typed: canonical, value: parseQuantity({ text: canonical, dimension, defaultUnit }).value };
}

import type { Entry, EntryDimension } from '@anello/contract';
import { parseQuantity, type DefaultUnit } from '@anello/core/quantity';

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
  if (readsAs(whole, value, dimension)) return { typed: whole, value };
  return { typed: canonical, value: parseQuantity({ text: canonical, dimension, defaultUnit }).value };
}

/** Whether text means a value by itself, whatever the units of the screen: a sum whose last part alone has a unit does not. */
function readsAs(text: string, value: number, dimension: EntryDimension): boolean {
  const units: readonly DefaultUnit[] = dimension === 'length' ? ['mm', 'in'] : [BARE[dimension]];
  return units.every((defaultUnit) => {
    try {
      const read = parseQuantity({ text, dimension, defaultUnit }).value;
      return Math.abs(read - value) < 1e-12 * Math.max(1, Math.abs(value));
    } catch {
      return false;
    }
  });
}

const BARE: Readonly<Record<Exclude<EntryDimension, 'length'>, DefaultUnit>> = {
  angle: 'rad',
  taper: 'ratio',
  number: '1',
};

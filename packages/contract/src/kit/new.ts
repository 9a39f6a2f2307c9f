import type { Material } from '@anello/core/kit';
import { parseSizes, unitOfSizes } from '@anello/core/quantity';
import { entry } from '../entry/entry';
import { KIT_SCHEMA } from '../forms';
import type { KitDocument, Sizes } from './schema';

/** Sizes as the demo shop and the form write them: of this unit, or of the one said after the last. Errors as unitOfSizes and parseSizes. */
export function sizes(typed: string, usual: 'mm' | 'in' = 'mm'): Sizes {
  const unit = unitOfSizes(typed, usual);
  return { typed, unit, values: parseSizes(typed, unit) };
}

/** A row of the materials table as a document, as the demo shop and the form write it. */
export const materialDocument = (row: Material): Extract<KitDocument, { kind: 'material' }> => ({
  schema: KIT_SCHEMA,
  archived: false,
  kind: 'material',
  name: row.name,
  note: row.source,
  alsoCalled: row.alsoCalled,
  ...(row.lubricant ? { lubricant: row.lubricant } : {}),
  speedHss: entry(String(row.speedHss), 'number'),
  speedCarbide: entry(String(row.speedCarbide), 'number'),
  feed: entry(`${row.feed} mm`),
  fineFeed: entry(`${row.fineFeed} mm`),
  density: entry(String(row.density), 'number'),
  expansion: entry(String(Number((row.expansion * 1e6).toPrecision(4))), 'number'),
});

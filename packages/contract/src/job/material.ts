import { materialNamed, type Material } from '@anello/core/kit';
import type { JobDocument } from './schema';

/** The row of the shop's materials that a job is of: the one picked, or what its own words mean; null when neither says. */
export const materialOfJob = (
  { cut, material }: Pick<JobDocument, 'cut' | 'material'>,
  rows: readonly Material[],
): Material | null => rows.find((m) => m.name === cut.materialRow) ?? materialNamed(material, rows);

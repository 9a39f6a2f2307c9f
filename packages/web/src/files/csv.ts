import { snap } from '@anello/core/figure';

/** A table as CSV: figures in house units, cut to a resolution no instrument here sees, mm. */
const RESOLUTION = 1e-4;

export async function csvOf(head: readonly string[], rows: readonly (readonly number[])[]): Promise<string> {
  const { csvFormatRows } = await import('d3-dsv');
  return `${csvFormatRows([[...head], ...rows.map((row) => row.map((value) => String(snap(value, RESOLUTION))))])}\n`;
}

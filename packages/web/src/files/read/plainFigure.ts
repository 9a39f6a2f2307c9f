const PLAIN = /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i;

/**
 * A figure that is nothing else, its decimal mark a point or, where that is not what stands between figures, a comma; null of
 * one with a unit, a fraction or a word in it: those are the parser's. A hundred thousand of them come from a readout.
 */
export function plainFigure(cell: string, comma = true): number | null {
  const text = comma ? cell.trim().replace(',', '.') : cell.trim();
  return PLAIN.test(text) ? Number(text) : null;
}

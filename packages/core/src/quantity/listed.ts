const UNIT = String.raw`(?:\s?(?:["″”]|mm\b|cm\b|in\b|thou\b))?`;
const FIGURE = String.raw`(?:\d+\/\d+|\d*[.,]?\d+)`;
/** A figure with its unit, or the mark of a drill. */
const TOKEN = new RegExp(`${FIGURE}${UNIT}|#\\d+|\\b[a-z]\\b`, 'gi');
const WHOLE = /^\d+$/;
const FRACTION = /^\d+\//;
/** 25 400 may be one figure with its thousands apart. */
const THOUSANDS = /^\d{3}$/;

/**
 * The pieces of a list of figures as people part them: by semicolons and lines, or else by commas; where nothing else
 * parts them, by blanks. What may be one figure (1 1/2, 25 400, 3,5) stays one piece.
 */
export const listed = (text: string): string[] =>
  text
    .split(/[;\n]|,(?!\d)|,(?=\d*\.)/)
    .flatMap((piece) => byCommas(piece.trim()))
    .flatMap(byBlanks)
    .filter(Boolean);

/** 3,4,5 has one comma too many for a figure, and no fraction has a decimal comma: they stand between sizes. */
const byCommas = (piece: string): string[] =>
  !/\s/.test(piece) && (piece.split(',').length > 2 || /\d\/\d/.test(piece)) ? piece.split(',') : [piece];

function byBlanks(piece: string): string[] {
  const tokens: string[] = piece.match(TOKEN) ?? [];
  if (tokens.length < 2 || tokens.join('').replace(/\s/g, '') !== piece.replace(/\s/g, '')) return [piece];
  if (!/\s/.test(piece)) return [piece];
  const mayBeOne = tokens.some((token, i) => {
    const next = tokens[i + 1];
    return next !== undefined && WHOLE.test(token) && (FRACTION.test(next) || THOUSANDS.test(next));
  });
  return mayBeOne ? [piece] : tokens;
}

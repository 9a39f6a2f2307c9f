import type { Material } from './material';

/**
 * The row a drawing's words mean: the one whose longest name stands in them; none when nothing does.
 *
 * @example
 * materialNamed('bronze', USUAL_MATERIALS)?.name
 * // → 'Bronze'
 */
export function materialNamed(words: string, rows: readonly Material[]): Material | null {
  const said = words.toLowerCase();
  const scored = rows.map((row) => ({ row, score: longestWithin(row, said) })).filter((r) => r.score > 0);
  return scored.sort((a, b) => b.score - a.score)[0]?.row ?? null;
}

function longestWithin(row: Material, said: string): number {
  const names = [row.name, ...row.alsoCalled.split(',')].map((n) => n.trim().toLowerCase());
  return Math.max(0, ...names.filter((n) => n !== '' && standsIn(n, said)).map((n) => n.length));
}

/** As a word: CI is not in "precision", 304 not in 1304. Of a grade letters may follow: 316L, EN8M, EN1APb. */
function standsIn(name: string, said: string): boolean {
  const goesOn = /\d/.test(name) ? '\\d' : '[a-z\\d]';
  return new RegExp(`(?<![a-z\\d])${name.replace(/[^a-z\d]/g, '\\$&')}(?!${goesOn})`).test(said);
}

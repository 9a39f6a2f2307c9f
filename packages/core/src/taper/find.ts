import { TAPER_SERIES } from './series/registry';
import type { TaperSeries, TaperSize } from './series/series';

export interface FoundTapers {
  /** Every size that all of what was typed fits, the likeliest first. */
  readonly found: readonly TaperSize[];
  /** Where none is: what fits some of it. */
  readonly near: readonly TaperSize[];
}

/** Said with any of them, and telling none from another. */
const SAID_WITH_ANY = new Set(['taper', 'tapers', 'no', 'nr', 'number', 'size', 'cone', 'the', 'for']);
const SAME_RATIO = 1e-9;
const MOST_NEAR = 12;
/** Fewer letters begin too many words. */
const LEAST_BEGUN = 3;

type Token =
  | { readonly kind: 'word'; readonly text: string }
  | { readonly kind: 'number'; readonly text: string }
  | { readonly kind: 'ratio'; readonly value: number; readonly text: string };

/**
 * Tapers by what people type: `mt4`, `4 mt`, `morse 4`, `40 taper`, `iso 40`, `b&s 9`, `7/24`, `1 in 50`, `din 2080`.
 * Letters and figures may run together and stand in any order. With nothing typed, every size. Sizes of more series, the
 * shop's own, come first among equals.
 *
 * @example
 * findTapers('4 mt').found[0]?.name
 * // → 'No. 4 Morse'
 */
export function findTapers(text: string, more: readonly TaperSeries[] = []): FoundTapers {
  const all = [...more, ...TAPER_SERIES];
  const tokens = tokensOf(text);
  const found = ranked(all, tokens, tokens.length);
  if (found.length > 0) return { found, near: [] };
  for (let least = tokens.length - 1; least > 0; least--) {
    const near = ranked(all, tokens, least);
    if (near.length > 0) return { found: [], near: near.slice(0, MOST_NEAR) };
  }
  return { found: [], near: [] };
}

/** What series are called in more than a word, or with a figure in it: short nose, d1. */
const PHRASES = [...new Set(TAPER_SERIES.flatMap((series) => series.calledAs))]
  .filter((called) => !/^\p{L}+$/u.test(called))
  .map((text) => ({ text, said: new RegExp(`(?<![\\p{L}\\d])${text}(?![\\p{L}\\d])`, 'u') }));

/**
 * Series that are named in a text by what they are called, not by a word of their title or use.
 * A figure alone names none.
 */
export function seriesCalled(text: string): readonly TaperSeries[] {
  const words = tokensOf(text).filter((token) => token.kind === 'word');
  return TAPER_SERIES.filter((series) => words.some((word) => series.calledAs.includes(word.text)));
}

/** Words, figures and ratios of a line, each by itself however they ran together. */
function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  const phrasesOut = PHRASES.reduce((left, { text: phrase, said }) => {
    if (!said.test(left)) return left;
    tokens.push({ kind: 'word', text: phrase });
    return left.replace(said, ' ');
  }, text.toLowerCase());
  const rest = phrasesOut
    .replaceAll('&', '')
    .replaceAll(/(\d+(?:\.\d+)?)\s*(?:[:/]|\bin\b)\s*(\d+(?:\.\d+)?)/g, (whole, a: string, b: string) => {
      const [over, under] = [Number(a), Number(b)];
      if (over <= 0 || under <= 0) return whole;
      tokens.push({ kind: 'ratio', value: over / under, text: `${a}/${b}` });
      return ' ';
    });
  for (const [part] of rest.matchAll(/\p{L}+|\d+(?:\.\d+)?/gu))
    if (/^\d/.test(part)) tokens.push({ kind: 'number', text: part });
    else if (!SAID_WITH_ANY.has(part)) tokens.push({ kind: 'word', text: part });
  return tokens;
}

function ranked(all: readonly TaperSeries[], tokens: readonly Token[], least: number): TaperSize[] {
  return all
    .flatMap((series, order) =>
      series.sizes.map((size) => ({ size, order, ...scoreOf(series, size, tokens) })),
    )
    .filter((one) => one.fits >= least)
    .sort((a, b) => b.fits - a.fits || b.score - a.score || a.order - b.order)
    .map((one) => one.size);
}

function scoreOf(
  series: TaperSeries,
  size: TaperSize,
  tokens: readonly Token[],
): { readonly fits: number; readonly score: number } {
  const scores = tokens.map((token) => tokenScore(series, size, token));
  return { fits: scores.filter((s) => s > 0).length, score: scores.reduce((sum, s) => sum + s, 0) };
}

/** A part of an inch is one figure, not two. */
const FRACTION = /\d+\/[1-9]\d*/g;
const wordsOf = (text: string): string[] => text.toLowerCase().match(/\p{L}+/gu) ?? [];
const numbersOf = (text: string): string[] => text.match(/\d+(?:\.\d+)?/g) ?? [];

/** How well one token says this size: as people call it, better than as it stands in a title or a standard. */
function tokenScore(series: TaperSeries, size: TaperSize, token: Token): number {
  if (token.kind === 'ratio') {
    // Sizes in inches are written as a fraction too.
    if (size.size.split(' ').includes(token.text)) return 3;
    return Math.abs(token.value - size.ratio) <= SAME_RATIO ? 2 : 0;
  }
  if (token.kind === 'number') {
    if (numbersOf(size.size.replace(FRACTION, '')).includes(token.text) && !size.size.includes(':')) return 3;
    return numbersOf(series.standard).includes(token.text) ? 1 : 0;
  }
  if (series.calledAs.includes(token.text)) return 3;
  const begins = (word: string): boolean =>
    word === token.text || (token.text.length >= LEAST_BEGUN && word.startsWith(token.text));
  if (series.calledAs.some(begins)) return 2;
  return [
    ...wordsOf(size.name),
    ...wordsOf(series.title),
    ...wordsOf(series.standard),
    ...wordsOf(series.use),
  ].some(begins)
    ? 1
    : 0;
}

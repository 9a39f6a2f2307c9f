import { TAPER_SERIES } from '../taper/series/registry';
import type { QuickPhrase } from './quickPhrase';

const MOST = 5;
/** Short names of the tapers people say, with the sizes there are. */
const SHORT = [
  ['mt', 'morse-iso'],
  ['jarno', 'jarno'],
  ['bs', 'brown-sharpe'],
  ['steep', 'steep'],
] as const;

const NAMES: readonly string[] = SHORT.flatMap(([word, id]) =>
  (TAPER_SERIES.find((s) => s.id === id)?.sizes ?? [])
    .filter((size) => /^\d+$/.test(size.size))
    .map((size) => `${word}${size.size}`),
);

/**
 * Lines a half-typed quick line could become: examples that begin so, or a taper's name after `at` or as the whole
 * line. Each can be taken as it stands. None when nothing is typed or nothing fits.
 */
export function completeQuick(text: string, phrases: readonly QuickPhrase[]): string[] {
  const typed = text.trimStart();
  if (typed === '') return [];
  const low = typed.toLowerCase();
  const examples = phrases
    .flatMap((phrase) => [phrase.example, ...(phrase.also ?? [])])
    .filter((example) => example.toLowerCase().startsWith(low) && example.toLowerCase() !== low);
  return [...new Set([...examples, ...taperNames(typed)])].slice(0, MOST);
}

function taperNames(typed: string): string[] {
  const afterAt = /^(.*\bat\s+)(\S*)$/i.exec(typed);
  const [lead, begun] = afterAt ? [afterAt[1] ?? '', afterAt[2] ?? ''] : ['', typed];
  const squeezed = begun.replace(/\s+/g, '').toLowerCase();
  return NAMES.filter((name) => name.startsWith(squeezed) && name !== squeezed).map(
    (name) => `${lead}${name}`,
  );
}

import type { Figure } from '../packages/core/src/figure/figure';
import type { UnitSystem } from '../packages/core/src/figure/format';
import { plainText, type Phrase } from '../packages/core/src/figure/phrase';

/** A worked page: what the core answers to questions a shop has, each under the question in words. */
export type Page = readonly (readonly [asked: string, answer: () => unknown, system?: UnitSystem])[];

const isFigure = (one: unknown): one is Figure =>
  typeof one === 'object' && one !== null && 'quantity' in one && 'value' in one;
/** Words with figures among them; words alone, or figures alone, are a list. */
const isPhrase = (one: readonly unknown[]): boolean =>
  one.some(isFigure) &&
  one.some((part) => typeof part === 'string') &&
  one.every((part) => typeof part === 'string' || isFigure(part));
const isWords = (one: readonly unknown[]): boolean =>
  one.length > 0 && one.every((part) => typeof part === 'string');

/** A part of a sentence that another goes on from. */
const runsOn = (part: string): boolean => /^[\s.,;:]|\s$/.test(part);

/** What is left of a sum that should come to nothing. */
const NOTHING = 1e-12;
/** Nine digits: finer than anything a lathe is set to, coarser than what a processor may round otherwise. */
const number = (value: number): string =>
  String(Math.abs(value) < NOTHING ? 0 : Number(value.toPrecision(9)));

/** As wide as a page is. */
const WIDTH = 160;
/** Of a longer row of figures so many are printed at each end. */
const ENDS = 6;

const text = (value: string): string => value.replaceAll('\u00a0', ' ');

/** Named parts of an answer; those that are asked for again, as functions, are left out. */
const named = (value: object): [string, unknown][] =>
  (value instanceof Map
    ? [...value].map(([key, part]): [string, unknown] => [String(key), part])
    : Object.entries(value)
  ).filter(([, part]) => part !== undefined && typeof part !== 'function');

function row(list: readonly unknown[], system: UnitSystem): string {
  const each = (part: unknown): string => inLine(part, system);
  if (list.length <= 3 * ENDS || !list.every((part) => typeof part === 'number'))
    return `[${list.map(each).join(', ')}]`;
  return `[${list.slice(0, ENDS).map(each).join(', ')}, … ${list.slice(-ENDS).map(each).join(', ')}: ${list.length}]`;
}

/** All of an answer on one line, however long. */
function inLine(value: unknown, system: UnitSystem): string {
  if (typeof value === 'number') return number(value);
  if (typeof value === 'string') return text(value);
  if (typeof value !== 'object' || value === null) return String(value);
  if (isFigure(value)) return `${text(plainText([value], system))} (${number(value.value)})`;
  if (value instanceof Float64Array || value instanceof Set) return row([...value], system);
  if (Array.isArray(value)) {
    if (isWords(value)) return text((value as string[]).join(value.some(runsOn) ? '' : ' | '));
    return isPhrase(value) ? text(plainText(value as Phrase, system)) : row(value, system);
  }
  return `{ ${named(value)
    .map(([key, part]) => `${key}: ${inLine(part, system)}`)
    .join(', ')} }`;
}

function block(value: unknown, system: UnitSystem, indent: string): string[] {
  const line = inLine(value, system);
  const whole = typeof value !== 'object' || value === null || isFigure(value) || isPhraseOf(value);
  if (whole || indent.length + line.length <= WIDTH || isRow(value)) return [`${indent}${line}`];
  if (Array.isArray(value))
    return value.flatMap((part) => {
      const [first = '', ...rest] = block(part, system, `${indent}  `);
      return [`${indent}- ${first.trimStart()}`, ...rest];
    });
  return named(value).flatMap(([key, part]) => {
    const [first = '', ...rest] = block(part, system, `${indent}  `);
    return rest.length === 0
      ? [`${indent}${key}: ${first.trimStart()}`]
      : [`${indent}${key}:`, first, ...rest];
  });
}
const isRow = (value: object): boolean =>
  value instanceof Float64Array || (Array.isArray(value) && value.every((part) => typeof part === 'number'));
const isPhraseOf = (value: object): boolean => Array.isArray(value) && (isPhrase(value) || isWords(value));

/** What was refused, as it stands at the field. */
export function answered(answer: () => unknown): unknown {
  try {
    return answer();
  } catch (error) {
    if (error instanceof Error && 'code' in error) return `refused: ${String(error.code)}: ${error.message}`;
    throw error;
  }
}

/** A page as text: a question, and its answer indented under it. */
export const printed = (page: Page): string =>
  page
    .map(([asked, answer, system = 'mm']) => [asked, ...block(answered(answer), system, '  '), ''].join('\n'))
    .join('\n');

import { LARGEST } from '../basics/check';
import { AnelloError } from '../basics/error';
import { evaluate } from './evaluate';
import { kindName, type Evaluated } from './evaluated';
import { parse } from './parser.generated';
import { defaultMeaning, type DefaultUnit, type Dimension, type Kind, type UnitMeaning } from './units';

export interface QuantityRequest {
  readonly text: string;
  readonly dimension: Dimension;
  /** What a bare number means in this box. */
  readonly defaultUnit: DefaultUnit;
}

export interface ParsedQuantity {
  /** In house units: mm, rad, ratio, rpm or 1. */
  readonly value: number;
  /** The unit it was understood in. */
  readonly unit: string;
  /** The reading back, in that unit; parses to the same value. */
  readonly canonical: string;
  /** Whether the unit was written, not taken from the box. */
  readonly explicit: boolean;
}

/** No box here takes more: the text is refused before it is parsed. */
const LONGEST_TEXT = 200;

/**
 * Reads a figure as people write it: decimals with point or comma, fractions and mixed numbers,
 * arithmetic with brackets, sin to atan and sqrt, unit words, unit mixtures in a sum, degrees-minutes-seconds, 1:x.
 * Errors: empty, unreadable (says what was understood), ambiguous, unknown-unit, wrong-dimension,
 * divide-by-zero, not-finite, out-of-range.
 *
 * @example
 * parseQuantity({ text: '1-5/16', dimension: 'length', defaultUnit: 'in' }).value
 * // → 33.3375
 */
export function parseQuantity(request: QuantityRequest): ParsedQuantity {
  const text = inWords(normalise(request.text), request.dimension);
  if (text.trim() === '') throw new AnelloError('empty', null, 'Nothing typed yet.');
  if (text.length > LONGEST_TEXT) throw new AnelloError('unreadable', null, 'Too long to be one figure.');
  refuseHex(text);
  const tree = readTree(text);
  const found = evaluate(tree, request.dimension);
  const { value, unit } = settle(found, request);
  if (!Number.isFinite(value))
    throw new AnelloError('not-finite', null, 'That is larger than any figure here.');
  if (Math.abs(value) > LARGEST)
    throw new AnelloError('out-of-range', null, 'That is larger than any figure here.');
  return {
    value,
    unit: unit.name,
    canonical: canonicalText(value, unit),
    explicit: found.unit !== null || found.kind !== 'bare',
  };
}

/** 0x10 is how machines write sixteen; here x is a times sign, and nothing times ten is nobody's figure. */
function refuseHex(text: string): void {
  const hex = /(?:^|[^\d.,])(0x[0-9a-f]+)/i.exec(text);
  if (hex)
    throw new AnelloError(
      'unreadable',
      null,
      `Could not read “${hex[1]}”: write a product with spaces, 0 x 10.`,
    );
}

function readTree(text: string): ReturnType<typeof parse> {
  try {
    return parse(text);
  } catch (error) {
    throw new AnelloError('unreadable', null, understoodUpTo(text, error));
  }
}

function understoodUpTo(text: string, error: unknown): string {
  const offset = (error as { offset?: number }).offset ?? 0;
  const good = text.slice(0, offset).trim();
  const rest = text.slice(offset).trim();
  if (rest === '') return `Understood “${good}”, then something is missing.`;
  return good === '' ? `Could not read “${rest}”.` : `Understood “${good}”, but not “${rest}”.`;
}

/** Typographic quotes, primes, dashes and spaces are what keyboards and drawings put in; one sign each. */
function normalise(text: string): string {
  return text
    .replace(/[’‘′`]/g, "'")
    .replace(/[“”″]|''/g, '"')
    .replace(/[−–—‐‑]/g, '-')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/μ/g, 'µ')
    .replace(/º|˚/g, '°')
    .replace(/⁄/g, '/')
    .replace(/∶/g, ':');
}

/** Said out loud: so many inches per foot; and in a taper box 1 in 20, where no other is meant an inch. */
function inWords(text: string, dimension: Dimension): string {
  const per = text.replace(/([a-z"])\s*\bper\s+(?=[a-z])/i, '$1/');
  return dimension === 'taper'
    ? per.replace(/^\s*(\d+(?:[.,]\d+)?)\s+in\s+(\d+(?:[.,]\d+)?)\s*$/i, '$1:$2')
    : per;
}

const WANTED: Record<Dimension, Kind> = {
  length: 'length',
  angle: 'angle',
  taper: 'taper',
  speed: 'speed',
  number: 'bare',
};
const RATIO = defaultMeaning('ratio');

function settle(
  found: Evaluated,
  { dimension, defaultUnit }: QuantityRequest,
): { value: number; unit: UnitMeaning } {
  const wanted = WANTED[dimension];
  if (found.kind === 'bare' && found.unit === null) {
    const meaning = fractionMeans(found, dimension, defaultUnit);
    if (meaning.kind !== wanted) throw wrong(found.kind, dimension);
    return { value: found.value * meaning.factor, unit: meaning };
  }
  // Length over length is a ratio: a taper where one is asked for, a plain number in a number box.
  const number = dimension === 'number' && found.kind === 'taper' && found.unit === null;
  if (found.kind !== wanted && !number) throw wrong(found.kind, dimension);
  return { value: found.value, unit: found.unit ?? (number ? defaultMeaning('1') : RATIO) };
}

/** The steep taper's own name, whatever the box. */
const STEEP = 7 / 24;

/**
 * A plain a/b in a taper box is a ratio, unless the box asks for inches per foot or mm per metre: there 5/8 is five
 * eighths of an inch. 7/24 is a name, and stays one.
 */
function fractionMeans(found: Evaluated, dimension: Dimension, defaultUnit: DefaultUnit): UnitMeaning {
  const own = defaultMeaning(defaultUnit);
  if (dimension !== 'taper' || !found.fraction) return own;
  if (defaultUnit !== 'in/ft' && defaultUnit !== 'mm/m') return RATIO;
  return found.value === STEEP ? RATIO : own;
}

function wrong(kind: Kind, dimension: Dimension): AnelloError {
  const asked =
    dimension === 'number' ? 'a plain number' : dimension === 'angle' ? 'an angle' : `a ${dimension}`;
  return new AnelloError('wrong-dimension', null, `That is ${kindName(kind)}; this box takes ${asked}.`);
}

function canonicalText(value: number, unit: UnitMeaning): string {
  const inUnit = Number((value / unit.factor).toPrecision(12));
  if (unit.name === '1') return String(inUnit);
  if (unit.name === 'ratio') return ratioCanonical(value);
  return unit.name === 'deg' ? `${inUnit}°` : `${inUnit} ${unit.name}`;
}

function ratioCanonical(value: number): string {
  return value > 0 && value < 1
    ? `1:${Number((1 / value).toPrecision(12))}`
    : String(Number(value.toPrecision(12)));
}

import { AnelloError } from '../basics/error';
import { markedDrills } from './drillMarks';
import { listed } from './listed';
import { parseQuantity } from './parseQuantity';
import type { DefaultUnit } from './units';

type SizeUnit = Extract<DefaultUnit, 'mm' | 'in'>;
/** A size, or a range of them; the figures as they were written. */
type Piece =
  | { readonly kind: 'size'; readonly figures: readonly [string] }
  | { readonly kind: 'range'; readonly figures: readonly [string, string, string] }
  | { readonly kind: 'marks'; readonly figures: readonly []; readonly sizes: readonly number[] };

/** No set owned has more pieces than this. */
const MOST = 400;
const PARTED = /[;\n]/;
const OPEN = /^[\d.].*\s(?:to|thru|through)(?:\s|$)/i;
const UNIT_BEHIND = /[\d.½¼¾⅛⅜⅝⅞)]\s*("|mm|cm|in|inch|inches|thou)$/i;
const RANGE = /^(.+?)\s+(?:to|thru|through)\s+(.+?)\s+(?:by|x|every|in\s+steps\s+of)\s+(.+)$/i;
/** Only between plain figures is a hyphen no mixed number and no minus. */
const DASHED = /^([\d.]+)\s*[-–]\s*([\d.]+)\s+(?:by|x|every|in\s+steps\s+of)\s+(.+)$/i;
const MARKS = /^(.+?)(?:\s+(?:to|thru|through)\s+|\s*[-–]\s*)(.+)$/i;
/** 64ths are of an inch, whatever the rest is in. */
const PARTS_OF_AN_INCH = /^(\d+)(?:ths|nds|th)$/i;
/** A range may miss its last piece by this part of a step. */
const GRAIN = 1e-6;

/**
 * Sizes of a set as people write them: commas, semicolons, lines or blanks between, ranges, `1.01 to 1.49 by 0.01`, and the
 * marks of inch drills, `#1 to #60`, `A to Z`. Answers mm, in the order given, doubles kept (a set may own two alike).
 * Errors: as parseQuantity, with the piece that could not be read; out-of-range for a size of nothing, a range that
 * runs away or too many.
 *
 * @example
 * parseSizes('0.5, 1 to 2 by 0.5', 'mm')
 * // → [0.5, 1, 1.5, 2]
 */
export function parseSizes(text: string, unit: SizeUnit): number[] {
  const sizes = piecesOf(text).flatMap((piece) => {
    if (piece.kind === 'marks') return piece.sizes.map(clean);
    return piece.kind === 'range' ? rangeOf(piece.figures, unit) : [sizeOf(piece.figures[0], unit)];
  });
  if (sizes.length > MOST) throw tooMany();
  return sizes;
}

/**
 * The unit of a list's figures that have none of their own: the given one, or in a list of nothing but commas the one
 * said once, after the last. Errors: as parseQuantity; ambiguous where in such a list others have another unit.
 *
 * @example
 * unitOfSizes('3, 4, 5 in', 'mm')
 * // → 'in'
 */
export function unitOfSizes(text: string, unit: SizeUnit): SizeUnit {
  if (PARTED.test(text)) return unit;
  const figures = piecesOf(text).flatMap((piece) => withUnits(piece.figures));
  const read = figures.map((figure) =>
    parseQuantity({ text: figure, dimension: 'length', defaultUnit: unit }),
  );
  const bare = figures.find((_, i) => !read[i]?.explicit);
  const others = new Set(read.filter((one) => one.explicit).map((one) => one.unit));
  others.delete(unit);
  const last = read.at(-1);
  const once = read.every((one) => one.explicit === (one === last));
  if (once && (last?.unit === 'mm' || last?.unit === 'in')) return last.unit;
  if (bare !== undefined && others.size > 0)
    throw new AnelloError('ambiguous', 'sizes', `“${bare}” has no unit, and others have: give it one.`);
  return unit;
}

const piecesOf = (text: string): Piece[] => listed(text).map(pieceOf);

function pieceOf(text: string): Piece {
  const range = RANGE.exec(text) ?? DASHED.exec(text);
  if (range) {
    const [, from = '', to = '', by = ''] = range;
    return { kind: 'range', figures: [from, to, by.replace(PARTS_OF_AN_INCH, '1/$1 in')] };
  }
  const [, from, to] = MARKS.exec(text) ?? [];
  const sizes = from && to ? markedDrills(from, to) : markedDrills(text);
  if (sizes) return { kind: 'marks', figures: [], sizes };
  if (OPEN.test(text))
    throw new AnelloError(
      'unreadable',
      'sizes',
      `“${text}” is a range without its step: write it as 1 to 13 by 0.5.`,
    );
  return { kind: 'size', figures: [text] };
}

function sizeOf(text: string, unit: SizeUnit): number {
  const { value } = parseQuantity({ text, dimension: 'length', defaultUnit: unit });
  if (value <= 0)
    throw new AnelloError('out-of-range', 'sizes', `“${text}” is no size: it must be more than zero.`);
  return clean(value);
}

/** 1 to 13 by 0.5 mm, 1/4 to 1/2 in by 1/16: one that is said, wherever in the range, is the unit of those without. */
function withUnits(figures: readonly string[]): readonly string[] {
  const unit = figures.flatMap((figure) => UNIT_BEHIND.exec(figure)?.[1] ?? []).at(-1);
  return unit ? figures.map((figure) => (UNIT_BEHIND.test(figure) ? figure : `${figure} ${unit}`)) : figures;
}

function rangeOf(figures: readonly [string, string, string], unit: SizeUnit): number[] {
  const [from, to] = figures;
  const [first = 0, last = 0, step = 0] = withUnits(figures).map((figure) => sizeOf(figure, unit));
  const count = Math.floor((last - first) / step + GRAIN) + 1;
  if (count < 1) throw new AnelloError('out-of-range', 'sizes', `“${from} to ${to}” runs backwards.`);
  if (count > MOST) throw tooMany();
  return Array.from({ length: count }, (_, i) => clean(first + i * step));
}

const clean = (mm: number): number => Number(mm.toFixed(6));
const tooMany = (): AnelloError =>
  new AnelloError('out-of-range', 'sizes', `A set has at most ${MOST} pieces.`);

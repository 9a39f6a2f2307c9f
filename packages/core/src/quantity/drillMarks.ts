import { inchFraction } from './inchFraction';

const INCH = 25.4;
/** A mark is for a drill of just its size, mm: 3.8 is no number 25, which is 3.797. */
const SAME = 0.001;
/** No drill with a fraction for its mark is wider, inches. */
const WIDEST = 4;

/** Number drills from No. 1, in tenths of a thou. Source: ASME B94.11M. */
const NUMBERED: readonly number[] = [
  2280, 2210, 2130, 2090, 2055, 2040, 2010, 1990, 1960, 1935, 1910, 1890, 1850, 1820, 1800, 1770, 1730, 1695,
  1660, 1610, 1590, 1570, 1540, 1520, 1495, 1470, 1440, 1405, 1360, 1285, 1200, 1160, 1130, 1110, 1100, 1065,
  1040, 1015, 995, 980, 960, 935, 890, 860, 820, 810, 785, 760, 730, 700, 670, 635, 595, 550, 520, 465, 430,
  420, 410, 400, 390, 380, 370, 360, 350, 330, 320, 310, 292, 280, 260, 250, 240, 225, 210, 200, 180, 160,
  145, 135,
];
/** Letter drills from A, in thou. Source: ASME B94.11M. */
const LETTERED: readonly number[] = [
  234, 238, 242, 246, 250, 257, 261, 266, 272, 277, 281, 290, 295, 302, 316, 323, 332, 339, 348, 358, 368,
  377, 386, 397, 404, 413,
];

const A = 'A'.charCodeAt(0);
const ROWS: readonly (readonly { readonly mark: string; readonly size: number }[])[] = [
  NUMBERED.map((tenths, i) => ({ mark: `#${i + 1}`, size: (tenths / 10000) * INCH })),
  LETTERED.map((thou, i) => ({ mark: String.fromCharCode(A + i), size: (thou / 1000) * INCH })),
];

/** Every drill that goes by a mark, to an inch across, thinnest first, mm. */
export const EVERY_MARKED: readonly number[] = [
  ...new Set([
    ...ROWS.flat().map(({ size }) => size),
    ...Array.from({ length: 64 }, (_, i) => ((i + 1) / 64) * INCH),
  ]),
].sort((a, b) => a - b);

/** #7, no. 7, number 7, F, letter F. */
const SAID = /^(?:(?:#|no\.?|number)\s*(\d{1,2})|(?:letter\s+)?([a-z]))$/i;

const rowOf = (text: string) => {
  const [, number, letter] = SAID.exec(text.trim()) ?? [];
  const mark = number ? `#${Number(number)}` : letter?.toUpperCase();
  return ROWS.map((row) => ({ row, at: row.findIndex((drill) => drill.mark === mark) })).find(
    ({ at }) => at >= 0,
  );
};

/** Sizes of the drills from one mark to another, both of them in, mm; one where both are the same. Null where they are no marks of one row. */
export function markedDrills(from: string, to = from): number[] | null {
  const [first, last] = [rowOf(from), rowOf(to)];
  if (!first || first.row !== last?.row) return null;
  const [least, most] = [Math.min(first.at, last.at), Math.max(first.at, last.at)];
  return first.row.slice(least, most + 1).map(({ size }) => size);
}

/**
 * What stands on the shank of an inch drill of a size (mm): a fraction, a number or a letter; null for a drill that is
 * called by its size.
 *
 * @example
 * drillMark(5.1054)
 * // → '#7'
 */
export function drillMark(diameter: number): string | null {
  const is = (size: number): boolean => Math.abs(size - diameter) <= SAME;
  const fraction = diameter > WIDEST * INCH ? null : inchFraction(diameter / INCH, SAME / INCH);
  if (fraction !== null) return fraction.includes('/') ? fraction : `${fraction} in`;
  return ROWS.flat().find(({ size }) => is(size))?.mark ?? null;
}

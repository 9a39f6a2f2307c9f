import { figureParts, length } from '@anello/core/figure';
import type { PartLayout, Section } from '@anello/core/part';
import { line, type Mark } from '../sheet';

/** Scales a drawing is made to: so many mm of paper for each of the part. */
const SCALES = [10, 5, 2, 1, 1 / 2, 1 / 2.5, 1 / 5, 1 / 10, 1 / 20] as const;
const OVER = 4;
const ROW = 5;
const TEXT = 2.3;
/** Rows of diameters and of lengths, so that short features’ do not run into one another. */
const ROWS = 3;
/** Thinner by less than this, a section is of one diameter, mm. */
const SAME = 1e-6;

export interface PartMarks {
  /** As it is said: 1 : 2. */
  readonly scale: string;
  readonly height: number;
  /** By the lower left corner of its place. */
  marks(x: number, y: number): Mark[];
}

/** Where a drawing lies on its paper, mm. */
interface Lie {
  readonly scale: number;
  readonly axis: number;
  readonly high: number;
  at(z: number): number;
}

/** A part to scale in half section on its axis, with its diameters and lengths, as large as it goes in so much room; mm. */
export function partMarks(
  { sections, length: long, largestRadius }: PartLayout,
  room: { readonly width: number; readonly height: number },
  units: 'mm' | 'inch',
): PartMarks {
  const scale =
    SCALES.find((s) => long * s <= room.width - 2 * OVER && 2 * largestRadius * s <= room.height) ??
    (SCALES.at(-1) as number);
  const high = 2 * largestRadius * scale;
  const outside = sections.filter((one) => one.side === 'external');
  return {
    scale: scale >= 1 ? `${scale} : 1` : `1 : ${Number((1 / scale).toFixed(1))}`,
    height: high + (2 * ROWS + 1) * ROW,
    marks(x, y) {
      const axis = y + (ROWS + 1) * ROW + high / 2;
      const from = x + (room.width - long * scale) / 2;
      const lie: Lie = { scale, axis, high, at: (z) => from + z * scale };
      return [
        ...sections.flatMap((section) => edges(section, lie)),
        line('centre', lie.at(0) - OVER, axis, lie.at(long) + OVER, axis),
        ...outside.map((section, i) => diameter(section, i, lie, units)),
        ...outside.flatMap((section, i) => lengthOf(section, i, lie, units)),
      ];
    },
  };
}

/** The outline of a section above and below; of a hole the lower half is not cut, so it is not drawn. */
function edges({ drawn, side, offset }: Section, { at, axis, scale }: Lie): Mark[] {
  const ways: readonly (1 | -1)[] = side === 'internal' ? [1] : [1, -1];
  return ways.flatMap((way) => {
    const places = drawn.map((p) => ({ x: at(p.z), y: axis + (offset + way * p.r) * scale }));
    const foot = (x: number | undefined) => ({ x: x ?? 0, y: axis + offset * scale });
    return path([foot(places[0]?.x), ...places, foot(places.at(-1)?.x)]);
  });
}

function diameter(
  { points, z0, z1 }: Section,
  i: number,
  { at, axis, high }: Lie,
  units: 'mm' | 'inch',
): Mark {
  const radii = points.map((p) => p.r);
  const [thin, thick] = [Math.min(...radii), Math.max(...radii)];
  const text =
    thick - thin < SAME
      ? `ø${said(2 * thick, units)}`
      : `ø${said(2 * thick, units)} to ø${said(2 * thin, units)}`;
  return words(at((z0 + z1) / 2), axis + high / 2 + ROW / 2 + (i % ROWS) * ROW, text);
}

function lengthOf({ z0, z1 }: Section, i: number, { at, axis, high }: Lie, units: 'mm' | 'inch'): Mark[] {
  const top = axis - high / 2 - 1;
  const below = axis - high / 2 - ROW - (i % ROWS) * ROW;
  return [
    line('note', at(z0), top, at(z0), below - 1),
    line('note', at(z1), top, at(z1), below - 1),
    line('note', at(z0), below, at(z1), below),
    words(at((z0 + z1) / 2), below - TEXT - 0.8, said(z1 - z0, units)),
  ];
}

/** A size without the noughts at its end. */
function said(value: number, units: 'mm' | 'inch'): string {
  const { text } = figureParts(length(value, 0.001), units);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

const path = (places: readonly { readonly x: number; readonly y: number }[]): Mark[] =>
  places.slice(1).map((p, i) => line('part', places[i]?.x ?? 0, places[i]?.y ?? 0, p.x, p.y));

const words = (x: number, y: number, text: string): Mark => ({
  kind: 'text',
  pen: 'note',
  x,
  y,
  size: TEXT,
  text,
  anchor: 'middle',
});

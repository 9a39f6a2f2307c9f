import { figureParts, length, type UnitSystem } from '@anello/core/figure';
import type { PartLayout, Section } from '@anello/core/part';
import { assignLanes } from './lanes';
import type { Place } from './outlinePath';
import { spreadLabels } from './spread';
import { isTaper } from '@anello/core/part';

export interface DiameterLabel {
  readonly id: string;
  readonly text: string;
  /** Where the leader leaves the part. */
  readonly fromX: number;
  readonly fromY: number;
  /** Middle of the text. */
  readonly x: number;
}

export interface LengthLine {
  readonly id: string;
  readonly text: string;
  readonly x1: number;
  readonly x2: number;
  /** Middle of the text, which stands beside a span too short for it. */
  readonly textX: number;
  readonly lane: number;
}

export interface Dimensions {
  readonly diameters: readonly DiameterLabel[];
  readonly lengths: readonly LengthLine[];
  readonly lanes: number;
}

const CHARACTER = 7.9;
const PADDING = 10;
/** Written to the drawing's own fineness, not an instrument's. */
const DRAWN = 0.001;
/** Spans that end at the same places are written once. */
const SAME = 1e-6;

/** A drawing dimension: no trailing zeros, as on paper. */
export function drawn(value: number, units: UnitSystem): string {
  const { text } = figureParts(length(value, units === 'mm' ? DRAWN : DRAWN * 2.54), units);
  return text.includes('.') ? text.replace(/0+$/, '').replace(/\.$/, '') : text;
}

/** Diameters on leaders in one row, lengths on lines in lanes: none touches another. */
export function dimensionsOf(
  layout: PartLayout,
  place: Place,
  units: UnitSystem,
  selected: string | null,
  room: { from: number; to: number },
): Dimensions {
  const named = layout.sections.filter(
    (s) => !s.ghost && (s.side === 'external' || isTaper(s) || s.id === selected),
  );
  return {
    diameters: diameters(named, place, units, room),
    ...lengths(layout, place, units, selected, room),
  };
}

function diameters(
  sections: readonly Section[],
  place: Place,
  units: UnitSystem,
  room: { from: number; to: number },
): DiameterLabel[] {
  const wanted = sections.flatMap((section) =>
    endsOf(section).map(({ z, r }) => ({ section, z, r, text: `⌀${drawn(2 * r, units)}` })),
  );
  // Turned end for end the part is drawn from its other end.
  if (place.x(1) < place.x(0)) wanted.reverse();
  const xs = spreadLabels(
    wanted.map(({ z, text }) => ({ want: place.x(z), width: text.length * CHARACTER })),
    room.from,
    room.to,
  );
  return wanted.map(({ section, z, r, text }, index) => ({
    id: section.id,
    text,
    fromX: place.x(z),
    fromY: place.y(r, -1, section.offset),
    x: xs[index] as number,
  }));
}

/** One label for a parallel section, two for a cone, the extremes for a profile. */
function endsOf(section: Section): readonly { z: number; r: number }[] {
  const [first, last] = [section.points[0], section.points.at(-1)];
  if (!first || !last) return [];
  if (section.points.length > 2) {
    const by = [...section.points].sort((a, b) => a.r - b.r);
    return [by[0], by.at(-1)].filter((p) => p !== undefined);
  }
  if (Math.abs(first.r - last.r) < 1e-9) return [{ z: (first.z + last.z) / 2, r: first.r }];
  const inset = (last.z - first.z) * 0.02;
  return [
    { z: first.z + inset, r: first.r },
    { z: last.z - inset, r: last.r },
  ];
}

function lengths(
  layout: PartLayout,
  place: Place,
  units: UnitSystem,
  selected: string | null,
  room: { from: number; to: number },
): { lengths: LengthLine[]; lanes: number } {
  const spans = layout.sections
    .filter((s) => !s.ghost && (s.side === 'external' || s.id === selected))
    .map((s) => ({ id: s.id, z0: s.z0, z1: s.z1 }));
  const chosen = spans
    .sort((a, b) => Number(b.id === selected) - Number(a.id === selected) || a.z0 - b.z0)
    .filter(
      (s, i, list) =>
        list.findIndex((o) => Math.abs(o.z0 - s.z0) < SAME && Math.abs(o.z1 - s.z1) < SAME) === i,
    );
  const all = chosen.some((s) => s.z0 < SAME && layout.length - s.z1 < SAME)
    ? chosen
    : [...chosen, { id: 'whole', z0: 0, z1: layout.length }];
  const lines = all.map(({ id, z0, z1 }) => {
    const text = drawn(z1 - z0, units);
    const width = text.length * CHARACTER + PADDING;
    const [a, b] = [place.x(z0), place.x(z1)];
    const [x1, x2] = [Math.min(a, b), Math.max(a, b)];
    const inside = x2 - x1 >= width + 12;
    const right = x2 + 6 + width <= room.to;
    const textX = inside ? (x1 + x2) / 2 : right ? x2 + 6 + width / 2 : x1 - 6 - width / 2;
    return {
      id,
      text,
      x1,
      x2,
      textX,
      from: Math.min(x1, textX - width / 2),
      to: Math.max(x2, textX + width / 2),
    };
  });
  // Short spans that need their text outside are drawn only when picked: the diameters already name them.
  const shown = lines.filter(
    (line) => line.id === 'whole' || line.id === selected || line.textX === (line.x1 + line.x2) / 2,
  );
  // Neighbours share an extension line, as on a drawing.
  const lanes = assignLanes(shown, -0.5);
  return {
    lengths: shown.map(({ from: _from, to: _to, ...line }, index) => ({
      ...line,
      lane: lanes[index] as number,
    })),
    lanes: Math.max(0, ...lanes.map((lane) => lane + 1)),
  };
}

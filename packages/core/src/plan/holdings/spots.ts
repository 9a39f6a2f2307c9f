import type { End } from '../../taper/task';
import { other, type Placed } from '../piece/laid';
import { isRaw, type Piece } from '../piece/piece';
import { CLEAR, FACING, goodGrip, leastGrip, MOST_STAND_OUT, PARTING_ROOM, SAME } from '../piece/usual';
import { gripsFrom, type Spot } from './shell';
import { isEccentric } from '../../part/kinds/is';
import { featureKind } from '../../part/kinds/registry';

/** A section by its distance from the spindle's end of the part. */
const span = (toward: End, whole: number, s: Placed): { from: number; to: number } =>
  toward === 'tailstock' ? { from: s.z0, to: s.z1 } : { from: whole - s.z1, to: whole - s.z0 };

/** Where nothing better is found, this part of what a jaw should hold; it is then said. */
const AT_A_PINCH = 0.25;
type Least = (diameter: number) => number;

/** Everywhere jaws could close on the piece with an end toward the tailstock. */
export function spots(piece: Piece, toward: End, strict: boolean): Spot[] {
  const least = (diameter: number): number => leastGrip(diameter) * (strict ? 1 : AT_A_PINCH);
  return [
    ...onBar(piece, toward, least),
    ...onRaw(piece, toward, least),
    ...onFinished(piece, toward, least, strict),
  ];
}

/** On bar left beside the part, far enough off to part it. */
function onBar(piece: Piece, toward: End, least: Least): Spot[] {
  const { laid, spare } = piece;
  const diameter = 2 * laid.barRadius;
  const room = spare[other(toward)] - PARTING_ROOM;
  if (room < least(diameter) - SAME) return [];
  const long = Math.min(room, goodGrip(diameter));
  return [
    {
      on: 'bar',
      diameter,
      grips: gripsFrom(toward, laid.length, -PARTING_ROOM - long, -PARTING_ROOM),
    },
  ];
}

/** On the part's own length while it is still bar: as little as holds, and as much as lets the rest stand short. */
function onRaw(piece: Piece, toward: End, least: Least): Spot[] {
  const { laid, spare } = piece;
  const diameter = 2 * laid.barRadius;
  const stretch = rawStretch(piece, toward);
  if (stretch <= 0) return [];
  const start = -Math.min(spare[other(toward)], goodGrip(diameter));
  const free = laid.length + spare[toward];
  const little = withinItsSection(piece, toward, start + least(diameter), start + goodGrip(diameter));
  const enough = Math.max(little, free - MOST_STAND_OUT * diameter);
  // Short work is held by nearly all of it, to have its face cut.
  return [...new Set([little, enough, Math.min(stretch, laid.length - FACING)])]
    .filter((to) => to > SAME && to <= stretch - SAME && to <= laid.length - FACING + SAME)
    .map((to) => ({ on: 'raw', diameter, grips: gripsFrom(toward, laid.length, start, to) }));
}

/** How far from the spindle's end nothing has been done outside. */
function rawStretch(piece: Piece, toward: End): number {
  const { laid } = piece;
  const touched = laid.outside.filter((s) => !isRaw(piece, s) && piece.done.get(s.id) !== 'bar');
  const begins = touched.map((s) => span(toward, laid.length, s).from);
  return Math.min(laid.length, ...begins.map((b) => b - CLEAR));
}

/** A section the jaws reach into cannot be worked: they may as well have more of it. */
function withinItsSection({ laid }: Piece, toward: End, least: number, good: number): number {
  const at = laid.outside
    .map((s) => span(toward, laid.length, s))
    .find((s) => s.from < least + CLEAR - SAME && s.to > least + CLEAR - SAME);
  return at ? Math.max(least, Math.min(at.to - CLEAR, good)) : least;
}

/** Length of a corner still to be cut at the free side of a section, with room for its tool; 0 where there is none. */
function cornerAt({ laid, done }: Piece, section: Placed, toward: End): number {
  const corner = laid.details.find(
    (d) => d.on === section.id && d.at === toward && d.corner && !done.has(d.id),
  );
  return corner ? corner.z1 - corner.z0 + FACING : 0;
}

/** On each finished parallel diameter, an eccentric's too, as near its free side as a tool leaves room for. */
function onFinished(piece: Piece, toward: End, least: Least, strict: boolean): Spot[] {
  const { laid } = piece;
  return laid.outside
    .filter((s) => featureKind(s.kind).heldBy === true && piece.done.has(s.id))
    .flatMap((s) => {
      const diameter = 2 * s.largest;
      const { from, to } = span(toward, laid.length, s);
      const clear = Math.max(strict ? CLEAR : FACING, cornerAt(piece, s, toward));
      const room = to - from - clear;
      // A disc has no more to hold than its own thickness.
      if (room < (strict ? least(diameter) : Math.min(least(diameter), (to - from) / 2)) - SAME) return [];
      const long = Math.min(room, goodGrip(diameter));
      return [
        {
          on: isEccentric(s) ? ('off-axis' as const) : ('finished' as const),
          diameter,
          grips: gripsFrom(toward, laid.length, to - clear - long, to - clear),
        },
      ];
    });
}

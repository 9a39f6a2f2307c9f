import { count, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { BoringBar } from '../kit/kit';

/** Stick-out a bar bears before it sings, as multiples of its diameter; and beyond which it is no use. */
export const STICK_OUT = { steel: { quiet: 4, most: 6 }, carbide: { quiet: 6, most: 10 } } as const;

/** Chips need room between bar and bore. */
const CHIP_ROOM = 1.5;

/**
 * The smallest bore (mm) a tool works in, point at centre height: its bar must clear the far side, d ≥ offset + bar/2,
 * with room for chips; and its heel must clear the near side, d ≥ 2h / sin 2γ for an edge h deep with front
 * clearance γ. Source: circle of the bore against the bar's circle and the front face's lower corner.
 */
export function smallestBore({ diameter, pointOffset, edgeDepth, clearance }: BoringBar): {
  bar: number;
  heel: number;
  smallest: number;
} {
  const bar = pointOffset + diameter / 2 + CHIP_ROOM;
  const heel = edgeDepth === 0 ? 0 : (2 * edgeDepth) / Math.sin(2 * clearance);
  return { bar, heel, smallest: Math.max(bar, heel) };
}

/** What a bar has too little of for a bore: it does not go in, does not reach its end, or stands out too far to be stiff. */
export type BarLack = 'room' | 'reach' | 'stiffness';

export interface BarFit {
  readonly bar: BoringBar;
  /** Stick-out over diameter. */
  readonly ratio: number;
  readonly smallest: number;
  readonly works: boolean;
  /** What it fails by, the worst of it; null when it works. */
  readonly lacks: BarLack | null;
}

/** How near to working: a bar that sings may still be used with care, one that does not go in may not. */
const NEARNESS: readonly (BarLack | null)[] = [null, 'stiffness', 'reach', 'room'];

/**
 * Each bar against a bore of a depth (mm) that narrows to smallEnd; the stiffest that works first, and of those that do
 * not the one that comes nearest to it.
 *
 * @example
 * fitBars(DRAWER.boringBars, { depth: 60, smallEnd: 22 })[0].bar.name
 * // → '10 mm bar'
 */
export function fitBars(bars: readonly BoringBar[], bore: { depth: number; smallEnd: number }): BarFit[] {
  return bars
    .map((bar) => {
      const ratio = bore.depth / bar.diameter;
      const { smallest } = smallestBore(bar);
      const lacks = lackOf(bar, smallest, bore);
      return { bar, ratio, smallest, works: lacks === null, lacks };
    })
    .sort(
      (a, b) =>
        NEARNESS.indexOf(a.lacks) - NEARNESS.indexOf(b.lacks) ||
        missedBy(a) - missedBy(b) ||
        a.ratio - b.ratio,
    );
}

function lackOf(bar: BoringBar, smallest: number, bore: { depth: number; smallEnd: number }): BarLack | null {
  if (smallest > bore.smallEnd) return 'room';
  if (bar.reach < bore.depth) return 'reach';
  return bore.depth / bar.diameter > STICK_OUT[bar.material].most ? 'stiffness' : null;
}

/** Larger for the one that is further from working, among those that lack the same; a stiffer one goes by its ratio. */
const missedBy = ({ lacks, bar, smallest }: BarFit): number =>
  lacks === 'room' ? smallest : lacks === 'reach' ? -bar.reach : 0;

/**
 * Why a bar does not work in a bore, in a sentence; null when it does.
 *
 * @example
 * plainText(barLacks(fitBars(DRAWER.boringBars, { depth: 60, smallEnd: 5 })[0], 5))
 * // → 'The 10 mm bar clears a bore of 13.0\u00a0mm; the small end is 5.0\u00a0mm.'
 */
export function barLacks({ bar, ratio, smallest, lacks }: BarFit, smallEnd: number): Phrase | null {
  switch (lacks) {
    case 'room':
      return [
        `The ${bar.name} clears a bore of `,
        length(smallest, 0.1),
        '; the small end is ',
        length(smallEnd, 0.1),
        '.',
      ];
    case 'reach':
      return [`The ${bar.name} reaches `, length(bar.reach, 0.1), ' and no further.'];
    case 'stiffness':
      return [
        `The ${bar.name} would stand out `,
        count(ratio, 0.1),
        ' times its diameter: it sings and springs.',
      ];
    case null:
      return null;
  }
}

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

export interface BarFit {
  readonly bar: BoringBar;
  /** Stick-out over diameter. */
  readonly ratio: number;
  readonly smallest: number;
  readonly works: boolean;
}

/**
 * Each bar against a bore of a depth (mm) that narrows to smallEnd; the stiffest that works first.
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
      const works =
        smallest <= bore.smallEnd && bar.reach >= bore.depth && ratio <= STICK_OUT[bar.material].most;
      return { bar, ratio, smallest, works };
    })
    .sort((a, b) => Number(b.works) - Number(a.works) || a.ratio - b.ratio);
}

/** How a part's millimetres become the strip's pixels. */
export interface StripScale {
  /** x of the part's headstock face. */
  readonly x0: number;
  /** Pixels per mm along the axis. */
  readonly along: number;
  /** Pixels per mm of radius. */
  readonly across: number;
  /** How much one direction is drawn larger than true, or null when true to scale. */
  readonly exaggeration: { readonly direction: 'across' | 'along'; readonly factor: number } | null;
}

export interface ScaleRequest {
  readonly length: number;
  readonly radius: number;
  /** Room for the part between the machine's furniture, px. */
  readonly from: number;
  readonly to: number;
  /** Tallest the part may be drawn, px. */
  readonly height: number;
}

/** Thinner or shorter than this on screen, a part is hard to pick: exaggerate by a stated round factor. */
const LEAST_HEIGHT = 52;
const LEAST_LENGTH = 90;
const FACTORS = [2, 3, 4, 5, 8, 10, 15, 20, 30];

/**
 * True to scale where the part fits and can be seen; a slender pin is drawn fatter and a thin disc longer, by a
 * round factor that is written beside it.
 */
export function stripScale({ length, radius, from, to, height }: ScaleRequest): StripScale {
  const room = Math.max(40, to - from);
  const trueScale = Math.min(room / Math.max(length, 1e-6), height / (2 * Math.max(radius, 1e-6)));
  const across = grow(trueScale, 2 * radius, LEAST_HEIGHT, height);
  const along = grow(trueScale, length, LEAST_LENGTH, room);
  const x0 = from + Math.max(0, (room - length * along.scale) * 0.35);
  const exaggeration =
    across.factor > 1
      ? { direction: 'across' as const, factor: across.factor }
      : along.factor > 1
        ? { direction: 'along' as const, factor: along.factor }
        : null;
  return { x0, along: along.scale, across: across.scale, exaggeration };
}

function grow(scale: number, size: number, least: number, most: number): { scale: number; factor: number } {
  if (size * scale >= least) return { scale, factor: 1 };
  const fitting = FACTORS.filter((f) => size * scale * f <= most);
  const enough = fitting.find((f) => size * scale * f >= least) ?? fitting.at(-1) ?? 1;
  return { scale: scale * enough, factor: enough };
}

import { positive } from '../basics/check';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Across } from '../holding/tilt';

export interface CentreMark extends Across {
  readonly name: string;
  readonly throw: number;
  readonly phase: number;
}

export interface OffsetCentres {
  /** The shaft's own centre first, then one for each throw: the same on both ends, seen from the tailstock. */
  readonly marks: readonly CentreMark[];
  /** Between two of them, for checking with a vernier. */
  readonly chords: readonly { readonly from: string; readonly to: string; readonly distance: number }[];
  readonly problems: readonly Phrase[];
}

/** Metal wanted round a centre hole, and between two of them, mm. */
const ROUND_IT = 1.5;
const BETWEEN = 0.8;

/**
 * Centres for turning one or several throws between centres: where each lies on the end faces from the shaft's own
 * centre, and whether holes of a diameter fit on a bar's end. mm, rad.
 *
 * @example
 * offsetCentres({ throws: [{ name: 'Crank', throw: 6, phase: 0 }], barDiameter: 30, hole: 3.4 })
 *   .problems
 * // → []
 */
export function offsetCentres({
  throws,
  barDiameter,
  hole,
}: {
  throws: readonly { name: string; throw: number; phase: number }[];
  barDiameter: number;
  hole: number;
}): OffsetCentres {
  const radius = positive(barDiameter, 'barDiameter', 'The bar') / 2;
  positive(hole, 'hole', 'The centre hole');
  const marks: CentreMark[] = [
    { name: 'Shaft', throw: 0, phase: 0, x: 0, y: 0 },
    ...throws.map((t) => ({ ...t, x: t.throw * Math.cos(t.phase), y: t.throw * Math.sin(t.phase) })),
  ];
  const chords = marks.flatMap((a, i) =>
    marks.slice(i + 1).map((b) => ({ from: a.name, to: b.name, distance: Math.hypot(a.x - b.x, a.y - b.y) })),
  );
  const off = marks.filter((m) => m.throw + hole / 2 + ROUND_IT > radius);
  const merged = chords.filter((c) => c.distance < hole + BETWEEN);
  return {
    marks,
    chords,
    problems: [
      ...off.map((m): Phrase => [
        `The centre of ${m.name} lies `,
        length(m.throw, 0.01),
        ' out; the end is too small for its hole: leave larger ends and turn them off last.',
      ]),
      ...merged.map((c): Phrase => [
        `The centres of ${c.from} and ${c.to} lie `,
        length(c.distance, 0.01),
        ' apart: their holes run into one another. Use smaller centres, or discs on the ends.',
      ]),
    ],
  };
}

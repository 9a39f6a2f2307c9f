import { AnelloError } from '../basics/error';
import { notNegative } from '../basics/check';
import { length } from '../figure/figure';
import { AGREEMENT, solveTaper, type SolvedTaper } from '../taper/solve';

/** A taper's figures as given, its gauge line among them. mm, and radians for the half angle. */
export interface TaperGiven {
  readonly largeDiameter?: number | undefined;
  readonly smallDiameter?: number | undefined;
  readonly length?: number | undefined;
  readonly ratio?: number | undefined;
  readonly halfAngle?: number | undefined;
  /** Diameter at the gauge line, and how far the cone runs on past it toward its large end. */
  readonly gaugeDiameter?: number | undefined;
  readonly beyondGauge?: number | undefined;
}

/** A taper of a part with its gauge line. */
export interface PartTaper extends SolvedTaper {
  readonly gaugeDiameter: number;
  readonly beyondGauge: number;
}

/**
 * Solves a part's taper from what is given, the gauge line included: with a gauge diameter given, the
 * cone is first solved from the gauge line to the small end, then carried on to the large end.
 * Errors as solveTaper, at the field that was typed.
 *
 * @example
 * solveTaperFeature({ gaugeDiameter: 23.825, ratio: 1 / 19.922, length: 86, beyondGauge: 5 })
 *   .largeDiameter
 * // → 24.076
 */
export function solveTaperFeature(taper: TaperGiven): PartTaper {
  const beyond = notNegative(taper.beyondGauge ?? 0, 'beyondGauge', 'The length beyond the gauge line');
  if (taper.gaugeDiameter === undefined) {
    const solved = solveTaper(taper);
    return { ...solved, gaugeDiameter: solved.largeDiameter - solved.ratio * beyond, beyondGauge: beyond };
  }
  if (taper.length !== undefined && taper.length <= beyond) {
    throw new AnelloError('impossible', 'beyondGauge', 'The gauge line lies outside the cone.');
  }
  const below = solveTaper(belowGauge(taper, beyond));
  const largeDiameter = below.largeDiameter + below.ratio * beyond;
  checkLarge(taper, largeDiameter);
  return {
    ...below,
    largeDiameter,
    length: below.length + beyond,
    gaugeDiameter: taper.gaugeDiameter,
    beyondGauge: beyond,
  };
}

/** The cone from the gauge line to the small end; the ratio may come from both ends when it is not given. */
function belowGauge(taper: TaperGiven, beyond: number): Parameters<typeof solveTaper>[0] {
  const { gaugeDiameter, smallDiameter, ratio, halfAngle, largeDiameter, length: whole } = taper;
  const fromEnds =
    ratio === undefined &&
    halfAngle === undefined &&
    smallDiameter === undefined &&
    largeDiameter !== undefined &&
    beyond > 0
      ? (largeDiameter - (gaugeDiameter as number)) / beyond
      : ratio;
  return {
    largeDiameter: gaugeDiameter,
    smallDiameter,
    ratio: fromEnds,
    halfAngle,
    length: whole === undefined ? undefined : whole - beyond,
  };
}

function checkLarge(taper: TaperGiven, should: number): void {
  if (taper.largeDiameter === undefined) return;
  const off = Math.abs(taper.largeDiameter - should);
  if (off <= AGREEMENT) return;
  throw new AnelloError('inconsistent', 'largeDiameter', [
    'Disagrees with the gauge line by ',
    length(off, 0.0001),
    ' on diameter: the large end comes to ',
    length(should, 0.0001),
    '.',
  ]);
}

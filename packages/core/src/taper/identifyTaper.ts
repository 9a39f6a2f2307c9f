import { positive } from '../basics/check';
import { AnelloError } from '../basics/error';
import { TAPER_SERIES } from './series/registry';
import type { TaperSize } from './series/series';

export interface TaperMeasured {
  readonly largeDiameter: number;
  readonly smallDiameter: number;
  /** Between the two places measured. */
  readonly length: number;
  /** Plus or minus (k = 2) on each diameter, mm. */
  readonly uncertainty: number;
  /** The shop's own sizes, looked through beside the tables'. */
  readonly own?: readonly TaperSize[];
}

export interface TaperMatch {
  readonly size: TaperSize;
  /** Measured ratio less the size's. */
  readonly ratioDeviation: number;
  /** The same over the measured length, mm on diameter. */
  readonly overLength: number;
  /** How far the measured diameters fall outside the cone of this size, mm on diameter; 0 when inside. */
  readonly outside: number;
  /** Deviation in units of what the instruments can be out by: under 1 is agreement. */
  readonly score: number;
}

export interface Identification {
  readonly matches: readonly TaperMatch[];
  readonly measuredRatio: number;
  /** Plus or minus (k = 2) on the measured ratio. */
  readonly ratioUncertainty: number;
  /** Whether the best differs from the next taper by more than the instruments can be out. */
  readonly told: boolean;
  /** Length over which these instruments would tell the two apart, mm; null when nothing is near. */
  readonly lengthToTell: number | null;
  /** How good each diameter must be, plus or minus mm, to tell them over the length that was measured. */
  readonly uncertaintyToTell: number | null;
}

/** Two errors of equal size on the two ends add as squares. */
const TWO_ENDS = Math.SQRT2;
/** Ends may be faced, broken or worn by this before a size is ruled out, mm of diameter. */
const WORN = 0.4;
/** Tapers closer than this over any part are one taper in two tables. */
const SAME_RATIO = 5e-6;
/** A size that fits in place as well is a better answer than a bare ratio. */
const BARE_RATIO = 0.25;

/**
 * The nearest standard tapers to two diameters a length apart (mm), nearest first, with how far off each is,
 * whether it can be told from the next, and over what length it could. Errors: out-of-range, impossible.
 *
 * @example
 * identifyTaper({ largeDiameter: 24.05, smallDiameter: 20.04, length: 80, uncertainty: 0.01 })
 *   .matches[0].size.name
 * // → 'No. 3 Morse'
 */
export function identifyTaper(measured: TaperMeasured): Identification {
  const { largeDiameter, smallDiameter, length, uncertainty } = measured;
  positive(smallDiameter, 'smallDiameter', 'The small diameter');
  positive(length, 'length', 'The length');
  positive(uncertainty, 'uncertainty', 'The uncertainty');
  if (positive(largeDiameter, 'largeDiameter', 'The large diameter') <= smallDiameter) {
    throw new AnelloError(
      'impossible',
      'smallDiameter',
      'The small diameter is not smaller than the large one.',
    );
  }
  const measuredRatio = (largeDiameter - smallDiameter) / length;
  const ratioUncertainty = (TWO_ENDS * uncertainty) / length;
  const matches = [...TAPER_SERIES.flatMap((series) => series.sizes), ...(measured.own ?? [])]
    .map((size) => match(size, measured, measuredRatio, ratioUncertainty))
    .sort((a, b) => a.score - b.score);
  const best = matches[0] as TaperMatch;
  const next = matches.find((m) => m.outside === 0 && Math.abs(m.size.ratio - best.size.ratio) > SAME_RATIO);
  const apart = next ? Math.abs(next.size.ratio - best.size.ratio) : 0;
  return {
    matches,
    measuredRatio,
    ratioUncertainty,
    told: !next || (apart > 2 * ratioUncertainty && best.score < 1),
    lengthToTell: next ? (2 * TWO_ENDS * uncertainty) / apart : null,
    uncertaintyToTell: next ? (apart * length) / (2 * TWO_ENDS) : null,
  };
}

function match(
  size: TaperSize,
  measured: TaperMeasured,
  ratio: number,
  ratioUncertainty: number,
): TaperMatch {
  const ratioDeviation = ratio - size.ratio;
  const outside = outsideCone(size, measured);
  const inRatio = ratioDeviation / ratioUncertainty;
  const inPlace = outside / (TWO_ENDS * measured.uncertainty);
  const bare = size.gaugeDiameter === null && size.small === null ? BARE_RATIO : 0;
  return {
    size,
    ratioDeviation,
    overLength: ratioDeviation * measured.length,
    outside,
    score: Math.hypot(inRatio, inPlace) + bare,
  };
}

/** Measured places must lie on the size's cone, its worn ends allowed for. */
function outsideCone(size: TaperSize, { largeDiameter, smallDiameter }: TaperMeasured): number {
  const largest = size.gaugeDiameter === null ? Infinity : size.gaugeDiameter + size.beyondGauge * size.ratio;
  const smallest =
    size.small !== null
      ? size.small.value
      : size.gaugeDiameter !== null && size.length !== null
        ? size.gaugeDiameter - size.length * size.ratio
        : 0;
  return Math.max(0, largeDiameter - largest - WORN, smallest - WORN - smallDiameter);
}

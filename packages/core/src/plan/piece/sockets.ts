import type { PartTaper } from '../../part/solveTaperFeature';
import { TAPER_SERIES } from '../../taper/series/registry';

/** Series whose shanks go into a spindle, straight or in a sleeve. */
const SHANKS: readonly string[] = [
  'morse-iso',
  'morse-inch',
  'steep',
  'metric-iso',
  'brown-sharpe',
  'jarno',
  'draw-in',
];
/** As far as any two sleeves of one size agree, as a part of the taper. */
const ALIKE = 2e-3;
/** A shank is cut this much short of its gauge line, or past it, mm on diameter. */
const SHORT = 1;

/** Whether a spindle or a sleeve is to be had that takes an outside taper: it is a size of a series of shanks. */
export const hasSocket = ({ ratio, largeDiameter, smallDiameter }: PartTaper): boolean =>
  TAPER_SERIES.filter(({ id }) => SHANKS.includes(id))
    .flatMap(({ sizes }) => sizes)
    .some(
      (size) =>
        Math.abs(ratio - size.ratio) <= ALIKE * size.ratio &&
        size.gaugeDiameter !== null &&
        size.gaugeDiameter <= largeDiameter + SHORT &&
        size.gaugeDiameter >= smallDiameter,
    );

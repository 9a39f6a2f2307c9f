import { length, ratio as ratioFigure } from '../../figure/figure';
import type { TaperSize } from '../series/series';
import { ratioOf, type SolvedTaper } from '../solve';
import type { Suspicion, TaperTyped } from './mixUp';
import { angleText, nearly, ratioText, ROUGHLY, sameRatio, STANDARD_SIZES } from './standards';

/** A size is meant when a diameter typed is one of its own this nearly, mm. */
const ITS_DIAMETER = 0.06;
/** Without a diameter to go by, only an obvious rounding is said. */
const ROUNDING = 0.0015;

/** A round nominal taper, or a rounding, used for a size whose real figure differs. */
export const nominalForReal: Suspicion = (typed, solved) => {
  const field = typed.ratio !== undefined ? 'ratio' : typed.halfAngle !== undefined ? 'halfAngle' : null;
  if (!field) return null;
  const given = typed.ratio ?? ratioOf(typed.halfAngle ?? 0);
  const size = meantByDiameter(given, typed, solved) ?? meantByRatio(given);
  if (!size || sameRatio(given, size.ratio)) return null;
  const cost = Math.abs(given - size.ratio) * solved.length;
  if (cost < 0.0005) return null;
  return {
    id: 'nominal-for-real',
    field,
    said: [ratioFigure(given), ` is near ${size.name}, whose real taper is `, ratioFigure(size.ratio), '.'],
    cost: length(cost, 0.0001),
    offer: field === 'ratio' ? ratioText(size) : angleText(size),
  };
};

/** The size one of whose own diameters was typed, with nearly its taper; none when it is exactly a size already. */
function meantByDiameter(given: number, typed: TaperTyped, solved: SolvedTaper): TaperSize | undefined {
  const seen = [typed.gaugeDiameter, typed.largeDiameter, solved.largeDiameter].filter(
    (d) => d !== undefined,
  );
  const near = STANDARD_SIZES.filter(
    (s) =>
      s.gaugeDiameter !== null &&
      nearly(given, s.ratio, ROUGHLY) &&
      seen.some((d) => Math.abs(d - (s.gaugeDiameter ?? 0)) <= ITS_DIAMETER),
  );
  if (near.some((s) => sameRatio(given, s.ratio))) return undefined;
  return [...near].sort((a, b) => Math.abs(a.ratio - given) - Math.abs(b.ratio - given))[0];
}

function meantByRatio(given: number): TaperSize | undefined {
  if (STANDARD_SIZES.some((s) => sameRatio(given, s.ratio))) return undefined;
  const near = STANDARD_SIZES.filter((s) => nearly(given, s.ratio, ROUNDING));
  return [...near].sort((a, b) => Math.abs(a.ratio - given) - Math.abs(b.ratio - given))[0];
}

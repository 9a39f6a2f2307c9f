import { degrees, formatFigure, length, TENTH_OF_DEGREE, type UnitSystem } from '@anello/core/figure';

/** To the thousandth, and the hundredth of a degree: what instruments show. */
const FINE = 0.001;
const HUNDREDTH = TENTH_OF_DEGREE / 10;

/** What an axis shows, as it is written: mm, or degrees of one that shows an angle. */
export const shownBy = ({ angle }: { readonly angle: boolean }, value: number, units: UnitSystem): string =>
  formatFigure(angle ? degrees((value * Math.PI) / 180, HUNDREDTH) : length(value, FINE), units);

import type { Figure } from './figure';
import { formatDms } from './dms';
import { decimalsFor, fixed, isWhole, snap } from './round';

export type UnitSystem = 'mm' | 'inch';

export const MM_PER_INCH = 25.4;
/** Where no instrument is named: a micrometre, or a hundred-thousandth of an inch, since what was typed is to be known again. */
export const AS_TYPED = { mm: 0.001, inch: 0.00001 * MM_PER_INCH } as const;
/** A plain number, where nobody says how fine. */
const THOUSANDTH = 0.001;
const DEGREE = Math.PI / 180;
const SECOND = DEGREE / 3600;

/**
 * The one formatter: a figure as it is written for the eye, with its unit unless the figure is bare.
 *
 * @example
 * formatFigure(length(25.4, 0.01), 'mm')
 * // → '25.40\u00a0mm'
 */
export function formatFigure(figure: Figure, system: UnitSystem): string {
  const { text, unit } = figureParts(figure, system);
  return figure.bare || unit === '' ? text : `${text}\u00a0${unit}`;
}

/**
 * The same in two pieces, for where the number is set large and the unit small.
 *
 * @example
 * figureParts(length(25.4, 0.01), 'inch')
 * // → { text: '1.0000', unit: 'in' }
 */
export function figureParts(figure: Figure, shownIn: UnitSystem): { text: string; unit: string } {
  const { text, unit } = written(figure, figure.system ?? shownIn);
  const plus = figure.signed && figure.value > 0 && /[1-9]/.test(text);
  return { text: plus ? `+${text}` : text, unit };
}

function written(figure: Figure, system: UnitSystem): { text: string; unit: string } {
  switch (figure.quantity) {
    case 'length':
      return { text: lengthText(figure, system), unit: system === 'mm' ? 'mm' : 'in' };
    case 'angle':
      return { text: formatDms(figure.value, figure.resolution ?? SECOND), unit: '' };
    case 'degrees':
      return { text: `${fixed(figure.value / DEGREE, decimals(figure, 1 / DEGREE, 5))}°`, unit: '' };
    case 'ratio':
      return { text: ratioText(figure.value), unit: '' };
    case 'perFoot':
      return { text: fixed(figure.value * 12, decimals(figure, 12, 5)), unit: 'in/ft' };
    case 'perMetre':
      return { text: fixed(figure.value * 1000, decimals(figure, 1000, 2)), unit: 'mm/m' };
    case 'percent':
      return { text: fixed(figure.value * 100, 0), unit: '%' };
    case 'temperature':
      return system === 'mm'
        ? { text: fixed(figure.value, 0), unit: '°C' }
        : { text: fixed((figure.value * 9) / 5 + 32, 0), unit: '°F' };
    case 'number':
      return { text: fixed(figure.value, decimalsFor(figure.resolution ?? THOUSANDTH)), unit: '' };
  }
}

/** To the resolution of the scale it is set on, or else the usual number of places. */
const decimals = (figure: Figure, scale: number, usual: number): number =>
  figure.resolution === undefined ? usual : decimalsFor(figure.resolution * scale);

function lengthText(figure: Figure, system: UnitSystem): string {
  const resolution = figure.resolution ?? AS_TYPED[system];
  const perUnit = system === 'mm' ? 1 : MM_PER_INCH;
  const places = decimalsFor(resolution / perUnit);
  // A step of the other system is no step here: to a whole number of them 0.2010 in would read 0.20098.
  const shown =
    system === 'mm' || isWhole((resolution / perUnit) * 10 ** places)
      ? snap(figure.value, resolution)
      : figure.value;
  return fixed(shown / perUnit, places);
}

/** 1:x with as many figures of x as the published tables carry. */
function ratioText(value: number): string {
  if (value === 0) return '0';
  const x = 1 / value;
  return `1:${fixed(x, Math.abs(x) >= 100 ? 1 : 3).replace(/\.?0+$/, '')}`;
}

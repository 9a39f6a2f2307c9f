import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { length } from '../figure/figure';

/** A steel a form tool is made of. Temperatures in °C. Source: general knowledge of handbooks; the maker's sheet goes before it. */
export interface ToolSteel {
  readonly id: 'water' | 'oil';
  readonly title: string;
  readonly preheat: readonly [number, number];
  readonly harden: readonly [number, number];
  /** What the eye sees in a shaded place. */
  readonly colour: string;
  readonly quench: string;
  /** Of the bath. */
  readonly bath: readonly [number, number];
  /** A form tool's. */
  readonly temper: readonly [number, number];
}

export const TOOL_STEELS: readonly ToolSteel[] = [
  {
    id: 'water',
    title: 'Water hardening',
    preheat: [400, 500],
    harden: [770, 800],
    colour: 'cherry red',
    quench: 'clean water, or brine for even cooling',
    bath: [15, 25],
    temper: [220, 230],
  },
  {
    id: 'oil',
    title: 'Oil hardening',
    preheat: [600, 650],
    harden: [790, 820],
    colour: 'full cherry',
    quench: 'quenching oil, warmed so that it runs',
    bath: [40, 60],
    temper: [210, 230],
  },
];

/** What a polished face shows as it is warmed, and what is tempered to it. °C. */
export interface TemperColour {
  readonly at: number;
  readonly colour: string;
  /** As a paint for the swatch. */
  readonly paint: string;
  readonly fits: string;
}

export const TEMPER_COLOURS: readonly TemperColour[] = [
  { at: 220, colour: 'pale straw', paint: '#f1e3a4', fits: 'form tools, scrapers' },
  { at: 230, colour: 'straw', paint: '#e6c766', fits: 'form tools, reamers' },
  { at: 240, colour: 'dark straw', paint: '#cf9f3f', fits: 'taps, cutters, boring tools' },
  { at: 255, colour: 'brown', paint: '#9a6236', fits: 'drills, tools for wood' },
  { at: 265, colour: 'brown with purple', paint: '#7d4a52', fits: 'punches, snaps' },
  { at: 280, colour: 'purple', paint: '#5d4a86', fits: 'cold chisels' },
  { at: 295, colour: 'blue', paint: '#3f66a8', fits: 'screwdrivers, springs' },
  { at: 315, colour: 'pale blue', paint: '#7f9db8', fits: 'springs that bend far; too soft for an edge' },
];

/** No form tool is thicker, mm: more is a slip of the keys. */
const THICKEST = 100;

/**
 * Minutes a piece of a thickness (mm) stays at its heat after the colour is even: a minute for each two. Errors: out-of-range.
 *
 * @example
 * soakMinutes(12)
 * // → 6
 */
export function soakMinutes(thickness: number): number {
  if (positive(thickness, 'thickness', 'The thickness') > THICKEST)
    throw new AnelloError('out-of-range', 'thickness', [
      'No form tool is so thick; up to ',
      length(THICKEST, 1),
      '.',
    ]);
  return Math.max(1, Math.ceil(thickness / 2));
}

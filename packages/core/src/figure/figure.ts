/** What kind of quantity a figure is; it decides the units and the way it is written. */
export type Quantity =
  'length' | 'angle' | 'degrees' | 'ratio' | 'perFoot' | 'perMetre' | 'number' | 'percent' | 'temperature';

/**
 * A figure on its way to the eye: the exact value in house units (mm, rad, ratio, 1), and the
 * resolution of the instrument it is set or read on, in the same units. Rounding happens only when
 * it is written.
 */
export interface Figure {
  readonly quantity: Quantity;
  readonly value: number;
  readonly resolution?: number;
  /** Write a plus sign as well as a minus. */
  readonly signed?: boolean;
  /** Always in these units, whatever the screen shows: it stands on a dial. */
  readonly system?: 'mm' | 'inch';
  /** Leave the unit out, where the head of the table or the label already says it. */
  readonly bare?: boolean;
}

/**
 * A length in mm, shown to the resolution (mm) of what it is set or read on.
 *
 * @example
 * length(12.5, 0.01)
 * // → { quantity: 'length', value: 12.5, resolution: 0.01 }
 */
export const length = (value: number, resolution?: number, more: Partial<Figure> = {}): Figure =>
  withResolution({ ...more, quantity: 'length', value }, resolution);

/**
 * An angle in radians.
 *
 * @example
 * angle(0.025, 0.001)
 * // → { quantity: 'angle', value: 0.025, resolution: 0.001 }
 */
export const angle = (value: number, resolution?: number): Figure =>
  withResolution({ quantity: 'angle', value }, resolution);

/**
 * A taper ratio on diameter, 2 tan(half angle).
 *
 * @example
 * ratio(0.05)
 * // → { quantity: 'ratio', value: 0.05 }
 */
export const ratio = (value: number): Figure => ({ quantity: 'ratio', value });

/**
 * The same ratio in inches per foot.
 *
 * @example
 * perFoot(0.05)
 * // → { quantity: 'perFoot', value: 0.05 }
 */
export const perFoot = (value: number, resolution?: number): Figure =>
  withResolution({ quantity: 'perFoot', value }, resolution);

/** The same ratio in mm per metre. */
export const perMetre = (value: number, resolution?: number): Figure =>
  withResolution({ quantity: 'perMetre', value }, resolution);

/**
 * An angle in radians, written in decimal degrees to the resolution (rad) of the scale it is set on.
 *
 * @example
 * degrees(0.5)
 * // → { quantity: 'degrees', value: 0.5 }
 */
export const degrees = (value: number, resolution?: number): Figure =>
  withResolution({ quantity: 'degrees', value }, resolution);

/** A tenth of a degree, rad: what a chuck or a rotary table marked by eye can be turned to. */
export const TENTH_OF_DEGREE = Math.PI / 1800;

/**
 * A temperature in °C, written in the degrees the shown units go with.
 *
 * @example
 * temperature(20)
 * // → { quantity: 'temperature', value: 20 }
 */
export const temperature = (value: number): Figure => ({ quantity: 'temperature', value });

/**
 * A plain count or number.
 *
 * @example
 * count(250)
 * // → { quantity: 'number', value: 250, resolution: 1 }
 */
export const count = (value: number, resolution = 1): Figure => ({ quantity: 'number', value, resolution });

function withResolution(figure: Figure, resolution: number | undefined): Figure {
  return resolution === undefined ? figure : { ...figure, resolution };
}

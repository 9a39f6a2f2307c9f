import { AnelloError } from '../basics/error';
import { notNegative, positive } from '../basics/check';
import { BAR_STUFFS, type BarStuffName } from './usual';

/** How a bar or a piece is held: at one end, at one end and on a centre, or between centres. */
export const HELD_BY = ['one end', 'one end and a centre', 'centres'] as const;
export type HeldBy = (typeof HELD_BY)[number];

export interface Beam {
  readonly diameter: number;
  /** Of the hole right through it; 0 where it is solid. */
  readonly bore?: number | undefined;
  /** Free of what holds it, mm. */
  readonly length: number;
  readonly stuff: BarStuffName;
  readonly held: HeldBy;
}

/**
 * The first root of a uniform beam's equation for each way of holding, and how stiff it is against a push at its worst
 * place: k = factor · E I / L³. Source: any handbook of vibration and of strength (cantilever; one end built in and the
 * other propped; both ends pivoted).
 */
const HOLDING: Readonly<Record<HeldBy, { root: number; stiffness: number }>> = {
  'one end': { root: 1.8751, stiffness: 3 },
  'one end and a centre': { root: 3.9266, stiffness: 107.3 },
  centres: { root: Math.PI, stiffness: 48 },
};
/** mm⁴ MPa in N mm², and g/cm³ in t/mm³. */
const T_PER_MM3 = 1e-9;

const sections = ({
  diameter,
  bore = 0,
}: Pick<Beam, 'diameter' | 'bore'>): { area: number; inertia: number } => {
  positive(diameter, 'diameter', 'The diameter');
  notNegative(bore, 'bore', 'The hole');
  if (bore >= diameter)
    throw new AnelloError('out-of-range', 'bore', 'The hole must be smaller than what it is in.');
  return {
    area: (Math.PI / 4) * (diameter ** 2 - bore ** 2),
    inertia: (Math.PI / 64) * (diameter ** 4 - bore ** 4),
  };
};

/**
 * The lowest frequency that a round bar or piece swings at by itself, Hz, in a holder that gives way nowhere:
 * f = β²/2π · √(E I / (ρ A L⁴)). Errors: out-of-range; not-finite.
 *
 * @example
 * beamFrequency({ diameter: 16, length: 80, stuff: 'steel', held: 'one end' })
 * // → 1791.63
 */
export function beamFrequency(beam: Beam): number {
  const { area, inertia } = sections(beam);
  const { modulus, density } = BAR_STUFFS[beam.stuff];
  const L = positive(beam.length, 'length', 'The length that is free');
  const mass = density * T_PER_MM3 * area;
  return (HOLDING[beam.held].root ** 2 / (2 * Math.PI)) * Math.sqrt((modulus * inertia) / (mass * L ** 4));
}

/**
 * How hard a push at its worst place moves it, N to the mm. Errors: as beamFrequency.
 *
 * @example
 * beamStiffness({ diameter: 16, length: 80, stuff: 'steel', held: 'one end' })
 * // → 3883.01
 */
export function beamStiffness(beam: Beam): number {
  const { inertia } = sections(beam);
  const L = positive(beam.length, 'length', 'The length that is free');
  return (HOLDING[beam.held].stiffness * BAR_STUFFS[beam.stuff].modulus * inertia) / L ** 3;
}

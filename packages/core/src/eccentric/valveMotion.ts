import { AnelloError } from '../basics/error';
import { finite, notNegative } from '../basics/check';
import { valveAdvance } from './valveAdvance';

export interface ValveGear {
  readonly throw: number;
  /** Steam lap and lead; lap on the exhaust side, less than nothing is clearance. mm. */
  readonly lap: number;
  readonly lead: number;
  readonly exhaustLap: number;
  readonly drive: 'direct' | 'rocking-lever';
  /** As the shaft is looked at: which way the crank goes round. */
  readonly turns: 'clockwise' | 'anticlockwise';
}

export interface ValveEvents {
  /** Crank angles from dead centre in the way it turns, rad, -π to 2π. */
  readonly opening: number;
  readonly cutOff: number;
  readonly release: number;
  readonly compression: number;
}

export interface ValveMotion {
  /** Angle of advance beyond square to the crank. */
  readonly advance: number;
  /** From the crank to the eccentric's high side in the way it turns: ahead of it, or behind when less than nothing. */
  readonly fromCrank: number;
  /** The same as it is set out, anticlockwise positive. */
  readonly setOut: number;
  readonly events: ValveEvents;
  /** Widest the port opens, mm. */
  readonly opens: number;
}

/**
 * A slide valve driven by an eccentric, steam admitted at its outer edges: where the eccentric is keyed, and when the
 * port of the end at dead centre opens, is cut off, released and closed for compression. The rods are taken as long, so
 * that the motion is a plain sine; a rocking lever turns it over, and the eccentric is keyed opposite. Errors: as
 * valveAdvance; impossible where a lap exceeds the throw. Source: s = e sin(θ + δ), the edges met at the laps.
 *
 * @example
 * valveMotion({ throw: 4.75, lap: 2, lead: 0.2, exhaustLap: 0, drive: 'direct', turns: 'clockwise' })
 *   .opens
 * // → 2.75
 */
export function valveMotion(gear: ValveGear): ValveMotion {
  const { throw: e, lap, exhaustLap } = gear;
  const advance = valveAdvance(gear).angle;
  notNegative(lap, 'lap', 'The lap');
  if (Math.abs(finite(exhaustLap, 'exhaustLap')) >= e)
    throw new AnelloError(
      'impossible',
      'exhaustLap',
      'The exhaust lap is more than the throw: the port never opens to exhaust.',
    );
  if (lap >= e)
    throw new AnelloError('impossible', 'lap', 'The lap is more than the throw: the port never opens.');
  const [steam, exhaust] = [Math.asin(lap / e), Math.asin(exhaustLap / e)];
  const ahead = Math.PI / 2 + advance;
  const fromCrank = gear.drive === 'direct' ? ahead : ahead - Math.PI;
  return {
    advance,
    fromCrank,
    setOut: gear.turns === 'anticlockwise' ? fromCrank : -fromCrank,
    events: {
      opening: steam - advance,
      cutOff: Math.PI - steam - advance,
      release: Math.PI + exhaust - advance,
      compression: 2 * Math.PI - exhaust - advance,
    },
    opens: e - lap,
  };
}

/**
 * How far the valve stands from its middle with the crank at an angle past dead centre, mm.
 *
 * @example
 * valveAt({ throw: 4.75 }, 0.5, 0)
 * // → 2.27727
 */
export const valveAt = ({ throw: e }: Pick<ValveGear, 'throw'>, advance: number, crank: number): number =>
  e * Math.sin(crank + advance);

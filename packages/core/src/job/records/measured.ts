import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** A diameter measured between passes. */
export interface Measured {
  readonly kind: 'measured';
  readonly diameter: number;
  readonly expected: number | null;
  readonly dialAt: number;
  readonly typed: string;
  /** °C, where it was measured warm; the diameter is that at 20 °C. */
  readonly temperature?: number | undefined;
}

export const measured: KindOfRecord<Measured> = {
  kind: 'measured',
  called: 'Diameters between passes',
  stage: 'cut',
  ofTheCut: true,
  say: (body) => [
    'Measured ',
    length(body.diameter, SEEN),
    ...(body.expected === null ? [] : [', expected ', length(body.expected, SEEN)]),
    ...(body.temperature === undefined ? [] : [` (read at ${body.temperature} °C, brought to 20 °C)`]),
  ],
};

import { length } from '../../figure/figure';
import type { KindOfRecord } from './kind';

/** A full-size drawing found to have crept half-way: along (null where it could not be told) and across, mm. */
export interface Crept {
  readonly kind: 'crept';
  readonly along: number | null;
  readonly across: number;
  /** Furthest the part was put out by it, on diameter, and where. */
  readonly worst: number;
  readonly at: number;
}

export const crept: KindOfRecord<Crept> = {
  kind: 'crept',
  called: 'Drawings that crept',
  say: (body) => [
    'The drawing had crept ',
    ...(body.along === null ? [] : [length(body.along, 0.01, { signed: true }), ' along, ']),
    length(body.across, 0.01, { signed: true }),
    ' across: ',
    length(body.worst, 0.01, { signed: true }),
    ' on diameter at the worst',
  ],
};

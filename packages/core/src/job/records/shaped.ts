import { CUT_BY, type CurveWayId } from '../../ways/curve/way';
import type { KindOfRecord } from './kind';

/** A curve or its grooves cut, by the way chosen, with what was said of it. */
export interface Shaped {
  readonly kind: 'shaped';
  readonly way: CurveWayId;
  readonly said: string;
}

export const shaped: KindOfRecord<Shaped> = {
  kind: 'shaped',
  called: 'Steps of a curve',
  ofTheCut: true,
  say: (body) => [CUT_BY[body.way], ...(body.said ? [': ', body.said] : [])],
};

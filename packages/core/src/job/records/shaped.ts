import type { CurveWayId } from '../../ways/curve/way';
import { curveWayOf } from '../../ways/curve/registry';
import type { KindOfRecord } from './kind';

/** A curve or its grooves cut, by the way chosen, with what was said of it. */
export interface Shaped {
  readonly kind: 'shaped';
  readonly way: CurveWayId;
  readonly said: string;
}

export const shaped: KindOfRecord<Shaped> = {
  kind: 'shaped',
  ofTheCut: true,
  say: (body) => [curveWayOf(body.way).done, ...(body.said ? [': ', body.said] : [])],
};

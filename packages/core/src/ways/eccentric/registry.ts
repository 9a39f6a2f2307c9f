import { offsetCentresWay } from './centres';
import { fixture } from './fixture';
import { fourJaw } from './fourJaw';
import { ownStub } from './ownStub';
import { packing } from './packing';
import type { EccentricWay, EccentricWayId } from './way';

/** Every way of making an eccentric, in the order they are shown. A new one is a file, its id and its line here. */
export const ECCENTRIC_WAYS: readonly EccentricWay[] = [fourJaw, packing, offsetCentresWay, fixture, ownStub];

/**
 * All there is to know of a way.
 *
 * @example
 * eccentricWayOf('packing').title
 * // → 'Three-jaw, one jaw packed'
 */
export const eccentricWayOf = (id: EccentricWayId): EccentricWay =>
  ECCENTRIC_WAYS.find((way) => way.id === id) as EccentricWay;

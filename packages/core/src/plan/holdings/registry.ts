import type { HoldingBy } from '../piece/line';
import { betweenCentres } from './betweenCentres';
import { collet } from './collet';
import { fourJaw } from './fourJaw';
import type { KindOfHolding } from './kind';
import { mandrel } from './mandrel';
import { ownTaper } from './ownTaper';
import { threeJaw } from './threeJaw';

const HOLDINGS: Readonly<Record<HoldingBy, KindOfHolding>> = {
  'three-jaw': threeJaw,
  'four-jaw': fourJaw,
  collet,
  'between-centres': betweenCentres,
  'own-taper': ownTaper,
  mandrel,
};

/** All there is to know of a way of holding. */
export const kindOfHolding = (by: HoldingBy): KindOfHolding => HOLDINGS[by];

/** The way of holding that an eccentric made this way is held by; null where any will do. */
export const holdingForEccentric = (way: string | undefined): HoldingBy | null =>
  Object.values(HOLDINGS).find((kind) => kind.eccentricWay !== undefined && kind.eccentricWay === way)?.by ??
  null;

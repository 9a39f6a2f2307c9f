import { AnelloError } from '../../basics/error';
import type { Base, Maybe } from './base';
import { DIAMETER, LENGTH, type LengthKind } from './kind';
import type { Outline, OutlinePoint } from './outline';
import { straight } from './straight';

/** A drilled or bored hole. */
export interface Bore extends Base {
  readonly kind: 'bore';
  readonly diameter?: Maybe;
  readonly length?: Maybe;
  /** Included point angle of the drill that leaves its cone at the bottom, rad; none for a flat bottom. */
  readonly pointAngle?: Maybe;
}

/** A drilled hole keeps the cone of the drill's point; the depth is to the full diameter. */
function boreOutline(feature: Bore): Outline {
  const shape = straight(feature);
  if (feature.pointAngle === undefined) return shape;
  if (feature.pointAngle <= 0 || feature.pointAngle >= Math.PI) {
    throw new AnelloError('out-of-range', 'pointAngle', 'The point angle lies between 0 and 180°.');
  }
  const r = (shape.points[0] as OutlinePoint).r;
  const tip = r / Math.tan(feature.pointAngle / 2);
  const bottom = { z: tip, r };
  const end = { z: tip + shape.length, r };
  // A hole is sunk from a face; drawn from the headstock end, its point comes first when sunk from the tailstock.
  return feature.from === 'headstock'
    ? {
        length: shape.length + tip,
        offset: 0,
        points: [
          { z: 0, r },
          { z: shape.length, r },
          { z: shape.length + tip, r: 0 },
        ],
      }
    : { length: shape.length + tip, offset: 0, points: [{ z: 0, r: 0 }, bottom, end] };
}

export const bore: LengthKind<Bore> = {
  kind: 'bore',
  name: 'Drilled hole',
  measured: 'diameter',
  runsTrue: true,
  sides: ['internal'],
  figures: [
    DIAMETER,
    { ...LENGTH, label: 'Depth' },
    { key: 'pointAngle', label: 'Drill point, included', dimension: 'angle' },
  ],
  begins: {},
  outline: boreOutline,
};

import { AnelloError } from '../basics/error';
import { sampled } from '../curve/piece';
import { shapeCurve } from '../curve/shapeCurve';
import { throwOf } from './throwOf';
import { shapePoints } from './shapePoints';
import { positive } from '../basics/check';
import type { Bore, Eccentric, Feature, Profile, Thread } from './feature';
import { solveTaperFeature } from './solveTaperFeature';
import { most } from '../basics/extent';

/** A point of an outline: along the feature from its headstock end, and the radius there. */
export interface OutlinePoint {
  readonly z: number;
  readonly r: number;
}

/** The drawn shape of one feature, before it is placed on the axis. */
export interface Outline {
  readonly length: number;
  readonly points: readonly OutlinePoint[];
  /** Distance of the feature's own axis from the spindle's, seen in the section. */
  readonly offset: number;
}

type Outliner<K extends Feature['kind']> = (feature: Extract<Feature, { kind: K }>) => Outline;

const straight = (feature: { diameter?: number | undefined; length?: number | undefined }): Outline => {
  const r = positive(known(feature.diameter, 'diameter', 'the diameter'), 'diameter', 'The diameter') / 2;
  const along = positive(known(feature.length, 'length', 'the length'), 'length', 'The length');
  return {
    length: along,
    offset: 0,
    points: [
      { z: 0, r },
      { z: along, r },
    ],
  };
};

const OUTLINERS: { readonly [K in Feature['kind']]: Outliner<K> } = {
  cylinder: straight,
  groove: straight,
  taper: (feature) => {
    const t = solveTaperFeature(feature);
    const [first, last] =
      feature.largeEnd === 'headstock'
        ? [t.largeDiameter, t.smallDiameter]
        : [t.smallDiameter, t.largeDiameter];
    return {
      length: t.length,
      offset: 0,
      points: [
        { z: 0, r: first / 2 },
        { z: t.length, r: last / 2 },
      ],
    };
  },
  bore: boreOutline,
  thread: threadOutline,
  profile: profileOutline,
  eccentric: eccentricOutline,
};

/** The drawn shape of a feature. Errors: underdetermined, impossible, inconsistent, at the feature's field. */
export function outlineOf(feature: Feature): Outline {
  return (OUTLINERS[feature.kind] as (f: Feature) => Outline)(feature);
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

function threadOutline(feature: Thread): Outline {
  if (feature.pitch !== undefined) positive(feature.pitch, 'pitch', 'The pitch');
  return straight(feature);
}

/** A curve is drawn through places this far apart, and as true as the eye can tell. */
const DRAWN = 2;
const SAG = 0.01;

function profileOutline(feature: Profile): Outline {
  const points = sampled(shapeCurve(shapePoints(feature)), DRAWN, SAG);
  return { length: most(points.map((p) => p.z)), offset: 0, points };
}

function eccentricOutline(feature: Eccentric): Outline {
  const shape = straight(feature);
  const e = throwOf(feature);
  if (e >= (shape.points[0] as OutlinePoint).r) {
    throw new AnelloError(
      'impossible',
      'throw',
      'A throw larger than the radius leaves the spindle axis outside the eccentric.',
    );
  }
  return { ...shape, offset: e * Math.cos(feature.phase ?? 0) };
}

function known(value: number | undefined, field: string, what: string): number {
  if (value === undefined) throw new AnelloError('underdetermined', field, `Still missing: ${what}.`);
  return value;
}

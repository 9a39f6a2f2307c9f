import { most } from '../../basics/extent';
import { sampled } from '../../curve/piece';
import { shapeCurve } from '../../curve/shapeCurve';
import { shapePoints, type ProfilePoint } from '../shapePoints';
import type { Base } from './base';
import type { LengthKind } from './kind';

/** A curve through points. */
export interface Profile extends Base {
  readonly kind: 'profile';
  /** From the headstock end of the feature. */
  readonly points: readonly ProfilePoint[];
}

/** A curve is drawn through places this far apart, and as true as the eye can tell. mm. */
const DRAWN = 2;
const SAG = 0.01;

export const profile: LengthKind<Profile> = {
  kind: 'profile',
  name: 'Profile',
  inJaws: 'marked',
  sides: ['external', 'internal'],
  figures: [],
  begins: { points: [{}, {}] },
  chief: 1,
  needs: 'The profile needs two points with figures that agree before it can be worked out.',
  outline(feature) {
    const points = sampled(shapeCurve(shapePoints(feature)), DRAWN, SAG);
    return { length: most(points.map((p) => p.z)), offset: 0, points };
  },
};

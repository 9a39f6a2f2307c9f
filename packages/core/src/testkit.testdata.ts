import type { Lathe } from './lathe/lathe';
import type { TaperTask } from './way/way';
import { taperTolerance } from './taper/tolerance';

const DEG = Math.PI / 180;

/** A No. 3 Morse shank, 86 mm of cone on a part 136 mm long. */
export const SHANK: TaperTask = {
  member: 'external',
  largeDiameter: 23.825 + 5 / 19.922,
  smallDiameter: 23.825 - 81 / 19.922,
  length: 86,
  halfAngle: Math.atan(1 / 19.922 / 2),
  largeEnd: 'headstock',
  workLength: 136,
  tolerance: taperTolerance({ grade: 'AT6', length: 86 }),
};

export const LONG: Lathe = {
  name: 'Long lathe',
  centreDistance: 1000,
  compound: { travel: 120, division: DEG, zero: 'along' },
  attachment: {
    kind: 'telescopic',
    maxHalfAngle: 8 * DEG,
    barTravel: 250,
    pivotLength: 180,
    indicatedEnd: 'tailstock',
    division: DEG / 12,
    lash: 0.08,
  },
  tailstock: { limit: 12, division: 0.5 },
  dial: { division: 0.05, reads: 'diameter', units: 'mm' },
  indicator: 0.001,
};

export const SHORT: Lathe = {
  name: 'Short lathe',
  centreDistance: 500,
  compound: { travel: 60, division: DEG, zero: 'across' },
  attachment: null,
  tailstock: { limit: 10, division: 0.508 },
  dial: { division: 0.0254, reads: 'radius', units: 'inch' },
  indicator: 0.00254,
};

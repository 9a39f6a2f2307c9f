import type { Lathe } from '../machine/lathe';

const DEGREE = Math.PI / 180;

/** The lathe that stands in the practice corner of the demo shop: what its owner knows of it. */
export const PRACTICE_LATHE = {
  name: 'Practice lathe',
  centreDistance: 600,
  compound: {
    travel: 90,
    division: DEGREE,
    zero: 'along',
    dialDivision: 0.02,
    screwLead: 4,
    handleReach: 160,
    handleOut: 0,
  },
  attachment: {
    kind: 'telescopic',
    maxHalfAngle: 10 * DEGREE,
    barTravel: 260,
    pivotLength: 180,
    indicatedEnd: 'tailstock',
    scale: { unit: 'half-angle', division: DEGREE / 4 },
    lash: 0.05,
  },
  tailstock: { limit: 15, division: 0.5, barrelReach: 90, bodyRadius: 45 },
  dial: { division: 0.02, reads: 'diameter', units: 'mm' },
  indicator: 0.001,
  leadScrew: 4,
  chucks: [
    { name: 'Three-jaw', kind: 'three-jaw', capacity: 160 },
    { name: 'Four-jaw', kind: 'four-jaw', capacity: 200 },
  ],
  swing: 320,
  swingOverSlide: 190,
} satisfies Lathe;

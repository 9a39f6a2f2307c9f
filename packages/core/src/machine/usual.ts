/**
 * A lathe as it is taken to be until somebody has measured it, each figure as it would be typed: a toolroom lathe of 300 mm
 * swing and 600 mm between centres, with what such a lathe has where it turns out to have it. Own choice.
 */
export const USUAL_LATHE = {
  centreDistance: '600 mm',
  swing: '300 mm',
  indicator: '0.01 mm',
  dial: { division: '0.05 mm' },
  readout: { resolution: '0.005 mm' },
  compound: { travel: '80 mm', division: '1 deg' },
  attachment: { maxHalfAngle: '8 deg', barTravel: '250 mm', pivotLength: '180 mm', lash: '0.05 mm' },
  tailstock: { limit: '10 mm', division: '0.5 mm' },
} as const;

/** One division of an attachment's scale, by what the scale is in, as typed. */
export const USUAL_SCALE_DIVISION = {
  'half-angle': '30 min',
  included: '1 deg',
  'per-foot': '1/16 in/ft',
  'mm-per-m': '5 mm/m',
} as const;

/** Where the lathe is not known, or does not say: what its indicator shows, mm; a dial to go by; what its compound's dial shows, mm. */
export const USUAL_INDICATOR = 0.01;
export const USUAL_DIAL = { division: 0.05, reads: 'diameter' } as const;
export const USUAL_COMPOUND_DIVISION = 0.01;
/** A compound of which nobody knows how far it runs does so much at least, mm. */
export const LEAST_SLIDE = 30;

/** What one unit of a cross-slide dial means. */
export type DialReads = 'radius' | 'diameter';

/** Radial infeed of a dial move. */
export const radialOf = (dialMove: number, dial: DialReads): number =>
  dial === 'radius' ? dialMove : dialMove / 2;

/** Dial move for a radial infeed. */
export const dialOf = (radial: number, dial: DialReads): number => (dial === 'radius' ? radial : radial * 2);

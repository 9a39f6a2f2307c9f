import type { Lathe } from '../../machine/lathe';

/** A swing is told to this, whatever the indicator, mm. */
export const MICRON = 0.001;
/** Nothing dialled in by hand comes nearer than this, mm of travel. */
const BY_HAND = 0.01;

/** What the travel is likely out by when the throw is dialled in: four divisions of the needle. mm. */
export const dialled = ({ indicator }: Lathe): number => Math.max(4 * indicator, BY_HAND);

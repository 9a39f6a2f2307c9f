import type { Foresight } from './foresee';

/** A behaviour that is guarded against though it is not believed may take this much more. */
const WRONG = 1.5;

/** Less likely than this is never. */
const NEVER = 1e-12;

/** Whether an infeed goes past no more often than its share of the risk. */
export const allowed = (see: Foresight, infeed: number, share: number): boolean =>
  room(see, infeed, share) >= 0;

/** How many times less often than its share an infeed goes past, as a logarithm: what is near to a straight line. */
export function room(see: Foresight, infeed: number, share: number): number {
  const { believed, guarded } = see.chanceOfPast(infeed);
  return Math.log(share / Math.max(NEVER, believed, guarded / WRONG));
}

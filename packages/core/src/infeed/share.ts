import type { Foresight } from './foresee';

/** A behaviour that is guarded against though it is not believed may take this much more. */
const WRONG = 1.5;

/** Whether an infeed goes past no more often than its share of the risk. */
export function allowed(see: Foresight, infeed: number, share: number): boolean {
  const { believed, guarded } = see.chanceOfPast(infeed);
  return believed <= share && guarded <= WRONG * share;
}

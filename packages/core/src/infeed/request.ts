import type { InfeedPass } from './learn';
import type { Lore } from './lore';

export interface InfeedRequest {
  /** Every pass so far, in order. */
  readonly passes: readonly InfeedPass[];
  /** What is still to come off, as measured last, mm on radius. */
  readonly target: number;
  /** Near enough to stop, mm on radius. */
  readonly tolerance: number;
  /** Chance of going past the target that is accepted for the whole approach: 0.01 is one in a hundred. */
  readonly risk: number;
  /** Plus or minus (k = 2) of a measurement of the stock, mm on radius. */
  readonly uncertainty?: number;
  /** One division of the dial as radius: the answer is a whole number of them, rounded back. */
  readonly division?: number;
  /** What earlier approaches on this lathe say of its tools (`latheLore`); nothing where left out. */
  readonly lore?: Lore | undefined;
  /** What is foretold of this infeed instead of the one that would be advised. */
  readonly given?: number;
}

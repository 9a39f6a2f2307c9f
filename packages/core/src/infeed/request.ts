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
  /**
   * What was fed in before the stock was first measured, in order, mm on radius, 0 for a pass at the same figure: the tool
   * stands as those passes left it. Left out where it was set anew for this approach.
   */
  readonly before?: readonly number[] | undefined;
  /** Measuring before has shown that the slide moves by what the dial is taken to say. */
  readonly dialShown?: boolean | undefined;
  /** Whether a pass may be asked for twice at one figure before it is measured again; of one that is given, whether it was. */
  readonly twice?: boolean | undefined;
  /** What is foretold of this infeed instead of the one that would be advised. */
  readonly given?: number;
}

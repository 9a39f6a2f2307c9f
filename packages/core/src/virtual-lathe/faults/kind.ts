/** What kind of figure a fault is: a length mm, an angle rad, a part of something, or a give in mm to the N. */
export type FaultQuantity = 'length' | 'angle' | 'part' | 'compliance';

/** One thing that can be wrong with a lathe, its tool, its piece or a hand. A family: one entry each in a group's file. */
export interface FaultKind {
  readonly title: string;
  readonly quantity: FaultQuantity;
  /** As it is on a lathe that does what it is told. */
  readonly none: number;
  /** The range it is drawn from on the hardest level, and on which lathes that is met. */
  readonly from: number;
  readonly to: number;
  /** Either way: its sign is drawn too. */
  readonly eitherWay?: boolean;
  readonly why: string;
}

/** One thing that may happen to the edge at a pass, beside what was asked of it. */
export interface Jump {
  /** How likely it is; the jumps of a tool add to one. */
  readonly chance: number;
  /** How much further off the edge then stands, mm on radius; less than nothing is deeper. */
  readonly by: number;
  /** Standard deviation of that. */
  readonly spread: number;
  /** It stays so for the passes after; otherwise it is gone with the pass. */
  readonly stays: boolean;
  /** Standard deviation that the measurement after it has beside its own. */
  readonly misread: number;
}

/** One way the tool may be behaving. Lengths are mm on radius, spreads are standard deviations. */
export interface Tool {
  /** Part of what is asked that is cut at once: the rest springs back and is there for the next pass. */
  readonly gain: number;
  /** Scatter of one cut. */
  readonly scatter: number;
  /** How much further off than the dial says the edge stands at first: lash not taken up, a touch felt late. */
  readonly offset: number;
  readonly offsetSpread: number;
  /** What the slide really moves for each 1 of the dial. */
  readonly dial: number;
  /** The edge recedes by this at the first pass, and by GROWTH more at each one after. */
  readonly wear: number;
  readonly jumps: readonly Jump[];
  /** How likely it is among the tools of its behaviour; they add to one. */
  readonly weight: number;
}

export const BEHAVIOUR_IDS = [
  'steady',
  'wears',
  'lash-returns',
  'lash-comes-and-goes',
  'built-up-edge',
  'misset',
  'misread',
  'dial-doubled',
  'dial-halved',
] as const;
export type BehaviourId = (typeof BEHAVIOUR_IDS)[number];

/** A kind of tool and slide, with the ways it may behave. */
export interface Behaviour {
  readonly id: BehaviourId;
  /** How often it is met: what is believed before the first pass. */
  readonly met: number;
  /**
   * How far the work is guarded against it though it is not believed, 0 to 1: with 1 no infeed is advised that this
   * behaviour would scrap at more than the stated chance, until the passes speak against it.
   */
  readonly guarded: number;
  /** A dial that is taken for what it is not: gone once measuring has shown what it moves. */
  readonly ofTheDial?: true;
  /** `division` is one division of the dial as radius. */
  tools(division: number): readonly Tool[];
}

/** Nothing happens. */
export const NO_JUMP: readonly Jump[] = [{ chance: 1, by: 0, spread: 0, stays: true, misread: 0 }];

export function normalised<T extends { readonly weight: number }>(all: readonly T[]): T[] {
  const whole = all.reduce((sum, one) => sum + one.weight, 0);
  return all.map((one) => ({ ...one, weight: one.weight / whole }));
}

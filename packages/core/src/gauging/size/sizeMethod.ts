import type { TaperTask } from '../../taper/task';

export const SIZE_IDS = ['stand-off', 'depth', 'rollers', 'ball', 'limit-lines'] as const;
export type SizeId = (typeof SIZE_IDS)[number];

/** A figure a way of sizing needs once, before anything is read. */
export interface SizeGiven {
  readonly key: string;
  readonly label: string;
}

/** A way of finding how far a cone is from its size. All end as a stand-off: how far along the axis to its line, mm. */
export interface SizeMethod {
  readonly id: SizeId;
  readonly title: string;
  readonly members: readonly TaperTask['member'][];
  readonly how: string;
  /** What the reading is called. */
  readonly reads: string;
  /** What is said under the reading; where that is all there is to say of it, `how` is not needed. */
  readonly hint?: string;
  readonly given: readonly SizeGiven[];
  /** How far off its line it may stand by the gauge itself, where the gauge says so: overrides the drawing's. mm. */
  band?(given: Readonly<Record<string, number>>): number;
  /** Whether what is given makes sense for this cone. Errors: at a given's key. */
  check(given: Readonly<Record<string, number>>, task: TaperTask): void;
  /** Errors: as check's; as the geometry's, at "seen". */
  standOff(seen: number, given: Readonly<Record<string, number>>, task: TaperTask): number;
}

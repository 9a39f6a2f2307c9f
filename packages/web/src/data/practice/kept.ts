import type { JobRow, SettingRow } from '@anello/contract';
import type { KeptRecord } from '@anello/core/job';
import type { PracticeId, WorkTried } from '@anello/core/practice';
import type { FaultId, LatheAction, Level } from '@anello/core/virtual-lathe';

/** Which hidden lathe a practice job is worked on. */
export interface HiddenLathe {
  readonly seed: number;
  readonly level: Level;
  readonly faults?: Readonly<Partial<Record<FaultId, number>>> | undefined;
}

/** A job at the practice lathe, as this browser holds it. */
export interface PracticeJob {
  readonly id: string;
  readonly row: JobRow;
  readonly records: readonly KeptRecord[];
  /** What its lathe was set to, as it was kept; none in jobs from before it was held. */
  readonly settings?: readonly SettingRow[] | undefined;
  readonly hidden: HiddenLathe;
  /** The shape that is worked, and how far. */
  readonly feature: string;
  readonly until: Extract<WorkTried, { kind: 'cone' }>['until'];
  readonly way?: Extract<WorkTried, { kind: 'cone' }>['way'] | undefined;
  /** The exercise it is; null of a job that is tried first. */
  readonly exercise: PracticeId | null;
  /** It was said to be done, and the truth shown. */
  readonly ended: boolean;
}

/** Some of what was done in a run, in order. */
export interface DoneStretch {
  /** The run, a blank, and which stretch of it. */
  readonly key: string;
  readonly actions: readonly LatheAction[];
}

import type { Phrase } from '../../figure/phrase';
import type { JobFacts } from '../facts';
import type { KeptRecord } from '../records/row';
import type { Stage } from '../stage';

/** Where a piece stands: the job's facts, what was kept of it, and whether a verdict has closed it. */
export interface PieceAt {
  readonly facts: JobFacts;
  readonly records: readonly KeptRecord[];
  readonly piece: number;
  readonly closed: boolean;
}

/** A kind of job, as its progress goes: a family, one file each. */
export interface JobKind {
  readonly id: string;
  is(facts: JobFacts): boolean;
  /** Whether each of the stages between the part and the verdict has been reached. */
  done(at: PieceAt): Readonly<Record<'way' | 'set' | 'cut', boolean>>;
  /** What a change upstream has made stale, and why. */
  stale(at: PieceAt): Partial<Record<Stage, Phrase>>;
  /** What comes next, where it is not what everybody's is. */
  readonly next: Partial<Record<Stage, string>>;
}

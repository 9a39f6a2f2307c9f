import type { Phrase } from '../../figure/phrase';
import type { KeptRecord } from '../records/row';
import type { ShapeFacts } from '../facts';
import type { Stage } from '../stage';

/** Where a shape of the piece stands: its facts, what was kept of it, and whether a verdict has closed it. */
export interface ShapeAt<F = ShapeFacts> {
  readonly facts: F;
  readonly records: readonly KeptRecord[];
  readonly piece: number;
  readonly closed: boolean;
}

/** A kind of shape, as its progress goes: a family, one file each. */
export interface ShapeProgressKind<F = ShapeFacts> {
  /** Whether each of the stages between the part and the verdict has been reached. */
  done(at: ShapeAt<F>): Readonly<Record<'way' | 'set' | 'cut', boolean>>;
  /** What a change upstream has made stale, and why. */
  stale(at: ShapeAt<F>): Partial<Record<Stage, Phrase>>;
  /** What comes next, where it is not what everybody's is. */
  readonly next: Partial<Record<Stage, string>>;
}

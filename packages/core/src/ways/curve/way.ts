import type { Piece } from '../../curve/piece';
import type { DialReads } from '../../machine/dialReads';
import type { Plunge } from '../../part/profileCurve';
import type { Member } from '../../taper/task';
import type { Assessment } from '../assessment';

/** Every way of making a curve or a set of grooves that Anello weighs. */
export const CURVE_WAY_IDS = ['drawing', 'steps', 'form-tool'] as const;
export type CurveWayId = (typeof CURVE_WAY_IDS)[number];
/** How a kept row says that it was cut so; with the ids, because a row is read without weighing any way. */
export const CUT_BY: Readonly<Record<CurveWayId, string>> = {
  drawing: 'Cut by the drawing',
  steps: 'Cut by two-handle steps',
  'form-tool': 'Form tool’s test cut',
};

/**
 * Whether all of a curve, or of its grooves, is cut in one plunge: the line of work has an operation of its own for that.
 *
 * @example
 * plungesCurve('form-tool')
 * // → true
 */
export const plungesCurve = (way: string | undefined): boolean => way === ('form-tool' satisfies CurveWayId);

export interface CurveContext {
  readonly pieces: readonly Piece[] | null;
  readonly plunge: Plunge | null;
  readonly member: Member;
  readonly noseRadius: number;
  readonly stylusRadius: number;
  readonly ridge: number;
  readonly longest: number;
  /** The cross-slide's division, mm as it reads. */
  readonly division: number;
  readonly reads: DialReads;
  readonly stickOut: number;
}

export type CurveAssessment = Assessment<CurveWayId>;

/** A way of making a curve or a set of grooves: a family, one file each. */
export interface CurveWay {
  readonly id: CurveWayId;
  readonly title: string;
  /** Where it comes among those that work: for a curve, and for a set of grooves. Lowest first. */
  readonly rank: { readonly curve: number; readonly grooves: number };
  /** Whether it is a way of making what is here at all. */
  suits(context: CurveContext): boolean;
  /** Errors where the figures make no sense: they rule it out in their own sentence. */
  assess(context: CurveContext): Omit<CurveAssessment, 'id' | 'title'> & { readonly title?: string };
}

/** What columns are made of: functions of the travel that stay the same wherever a term sits. */
export type ShapeId = 'level' | 'travel' | 'bow' | 'sine' | 'cosine';

/** A shape, so many times, from a place on the travel on. */
export interface Tail {
  readonly of: ShapeId;
  readonly times: number;
  readonly after: number;
}
/** A column of the joint fit as the sum of tails. */
export type Column = readonly Tail[];

/** The whole of a shape. */
export const all = (of: ShapeId): Column => [{ of, times: 1, after: -Infinity }];

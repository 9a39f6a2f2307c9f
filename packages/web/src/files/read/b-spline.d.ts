declare module 'b-spline' {
  /** A point of a B-spline at a part of it, 0 to 1. */
  export default function bspline(
    part: number,
    degree: number,
    points: readonly (readonly number[])[],
    knots?: readonly number[],
    weights?: readonly number[],
  ): number[];
}

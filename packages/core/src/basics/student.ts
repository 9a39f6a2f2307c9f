/** Degrees of freedom and what a significance test at 1 in 100 asks of F with one more term. Source: any table of F. */
const F_ONE: readonly (readonly [number, number])[] = [
  [1, 4052],
  [2, 98.5],
  [3, 34.1],
  [4, 21.2],
  [5, 16.3],
  [6, 13.7],
  [8, 11.3],
  [10, 10],
  [15, 8.7],
  [30, 7.6],
  [1000, 6.7],
];

/** F that one more term must reach to be believed at 1 in 100, with these degrees of freedom left. */
export const significantF = (freedom: number): number =>
  (F_ONE.find(([upTo]) => freedom <= upTo) ?? [0, 6.6])[1];

/**
 * How many standard deviations, learned from few readings, make a plus or minus that holds in 95 of 100: 2 for many, more
 * for few. Good to 3 % of Student's t from two degrees of freedom on.
 */
export const coverageFor = (freedom: number): number => 2 + 2.3 * (2 / Math.max(1, freedom)) ** 1.5;

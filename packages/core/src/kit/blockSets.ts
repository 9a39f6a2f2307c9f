const range = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => Number((from + i * step).toFixed(6)));

/** The usual 88-piece metric set: 1.0005; 1.001 to 1.009; 1.01 to 1.49; 0.5 to 9.5; 10 to 100 mm. */
export const METRIC_88: readonly number[] = [
  1.0005,
  ...range(1.001, 1.009, 0.001),
  ...range(1.01, 1.49, 0.01),
  ...range(0.5, 9.5, 0.5),
  ...range(10, 100, 10),
];

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number;
export const milliseconds = (ms: number): string => `${ms.toFixed(2)} ms`;

const SQRT2 = Math.SQRT2;
/** Beyond this the formula's own error is larger than what it answers. */
const FAR = 5.5;

/** Chance that a standard normal figure lies below x. Abramowitz and Stegun 7.1.26, good to 1.5e-7. */
export function below(x: number): number {
  if (x > FAR) return 1;
  if (x < -FAR) return 0;
  const z = Math.abs(x) / SQRT2;
  const t = 1 / (1 + 0.3275911 * z);
  const poly =
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  const erf = 1 - poly * Math.exp(-z * z);
  return x >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/** Log of the density of a normal figure with a mean of zero. */
export const logDensity = (x: number, variance: number): number =>
  -0.5 * (Math.log(2 * Math.PI * variance) + (x * x) / variance);

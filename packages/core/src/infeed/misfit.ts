/** Three quarters of what is fed come off as a rule; a pass that nothing explains may take anything about that. */
const AS_A_RULE = 0.75;
const WIDTH = 0.5;
const LEAST_SIGMAS = 4;

/**
 * Log of the density of what came off, if anything might: a Cauchy curve about the usual, so wide that only passes which
 * no behaviour foretold make it the best explanation.
 */
export function logOfAnything(removed: number, infeed: number, sigma: number): number {
  const fed = Math.max(0, infeed);
  const width = Math.max(WIDTH * fed, LEAST_SIGMAS * sigma, 0.004);
  const off = (removed - AS_A_RULE * fed) / width;
  return -Math.log(Math.PI * width * (1 + off * off));
}

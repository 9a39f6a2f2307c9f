const PARTS = 64;

/** Inches as a rule has them, to a sixty-fourth: 1/4, 1-5/16, 2; null where it is none of them to `within` inches. */
export function inchFraction(inches: number, within: number): string | null {
  const parts = Math.round(inches * PARTS);
  if (parts <= 0 || Math.abs(parts / PARTS - inches) > within) return null;
  const whole = Math.floor(parts / PARTS);
  let [over, under] = [parts % PARTS, PARTS];
  if (over === 0) return String(whole);
  for (; over % 2 === 0; over /= 2) under /= 2;
  return `${whole > 0 ? `${whole}-` : ''}${over}/${under}`;
}

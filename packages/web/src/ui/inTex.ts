/** An angle in degrees, minutes and seconds is written, not calculated with: its marks stand where a shop writes them. */
const IN_DEGREES = /[°′″]/;

/** A figure as it is shown, for a formula. Example: −0.026 mm → -0.026\\,\\mathrm{mm}. */
export function inTex(text: string): string {
  if (IN_DEGREES.test(text)) return `\\text{${text}}`;
  return text
    .replace('−', '-')
    .replace(':', '{:}')
    .replace(/\u00a0(mm|in)/, '\\,\\mathrm{$1}');
}

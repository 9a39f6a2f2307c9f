/** An inch indicator's tenth is no step anybody reads in mm: to the micrometre then. */
const MICRON = 0.001;
const TIDY = 1e-6;

/** What a figure read on an indicator is shown to: its own step where that is whole micrometres. mm. */
export function shownResolution(indicator: number | undefined): number {
  if (indicator === undefined) return 10 * MICRON;
  const microns = indicator / MICRON;
  return Math.abs(microns - Math.round(microns)) < TIDY ? indicator : MICRON;
}

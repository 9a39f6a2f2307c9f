/** Losses of one month. */
export interface MonthOf {
  /** The month's first day, ISO. */
  readonly month: string;
  readonly scrapped: number;
  readonly reworked: number;
}

/** How many were lost in each month from a day on to today, months without any among them. */
export function byMonth(
  losses: readonly { readonly at: string; readonly verdict: 'rework' | 'scrap' }[],
  from: string,
  today: Date = new Date(),
): MonthOf[] {
  const months: MonthOf[] = [];
  const last = today.toISOString().slice(0, 7);
  const at = new Date(`${from.slice(0, 7)}-01T00:00:00Z`);
  for (; at.toISOString().slice(0, 7) <= last; at.setUTCMonth(at.getUTCMonth() + 1)) {
    const month = at.toISOString().slice(0, 7);
    const of = losses.filter((loss) => loss.at.startsWith(month));
    const scrapped = of.filter(({ verdict }) => verdict === 'scrap').length;
    months.push({ month: `${month}-01`, scrapped, reworked: of.length - scrapped });
  }
  return months;
}

/** Minutes as people say them: "1 h 20 min". */
export function hours(minutes: number): string {
  const whole = Math.round(minutes);
  const [h, min] = [Math.floor(whole / 60), whole % 60];
  return [h > 0 ? `${h} h` : '', min > 0 || h === 0 ? `${min} min` : ''].filter(Boolean).join(' ');
}

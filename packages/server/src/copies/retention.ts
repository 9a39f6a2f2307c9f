/** A copy of the book made by itself, by the time in its name. */
export interface Copy {
  readonly name: string;
  readonly at: Date;
}

/** So many of the newest days, weeks and months that have a copy keep their last one. */
const KEPT = { days: 7, weeks: 5, months: 12 } as const;
const DAY = 86_400_000;

const day = (at: Date): string => at.toISOString().slice(0, 10);
const month = (at: Date): string => at.toISOString().slice(0, 7);
/** Weeks begin on Monday; the first of January 1970 was a Thursday. */
const week = (at: Date): number => Math.floor((at.getTime() / DAY + 3) / 7);

/** The copies that may go: of each of the newest days, weeks and months the last one stays, and always the very last. */
export function outlived(copies: readonly Copy[]): Copy[] {
  const newestFirst = [...copies].sort((a, b) => b.at.getTime() - a.at.getTime());
  const stays = new Set(newestFirst.slice(0, 1));
  for (const [span, most] of [
    [day, KEPT.days],
    [week, KEPT.weeks],
    [month, KEPT.months],
  ] as const) {
    const last = new Map<string | number, Copy>();
    for (const copy of newestFirst) if (!last.has(span(copy.at))) last.set(span(copy.at), copy);
    for (const copy of [...last.values()].slice(0, most)) stays.add(copy);
  }
  return newestFirst.filter((copy) => !stays.has(copy));
}

/** Preferred numbers in forties: tolerances are rounded to them. Source: ISO 3. */
const R40 = [
  1, 1.06, 1.12, 1.18, 1.25, 1.32, 1.4, 1.5, 1.6, 1.7, 1.8, 1.9, 2, 2.12, 2.24, 2.36, 2.5, 2.65, 2.8, 3, 3.15,
  3.35, 3.55, 3.75, 4, 4.25, 4.5, 4.75, 5, 5.3, 5.6, 6, 6.3, 6.7, 7.1, 7.5, 8, 8.5, 9, 9.5,
];

/** Where a number lies among them: its decade, and the place of the nearest of that. */
function placeOf(value: number): { decade: number; at: number } {
  const decade = Math.floor(Math.log10(value));
  const within = value / 10 ** decade;
  const away = [...R40, 10].map((r) => Math.abs(r - within));
  return { decade, at: away.indexOf(Math.min(...away)) };
}

const clean = (value: number): number => Math.round(value * 100) / 100;

/** The preferred number so many further than the nearest one. */
export function preferredAfter(value: number, steps: number): number {
  const { decade, at } = placeOf(value);
  const place = at + steps;
  return clean((R40[place % R40.length] as number) * 10 ** (decade + Math.floor(place / R40.length)));
}

/** The preferred number nearest to another. */
export const preferred = (value: number): number => preferredAfter(value, 0);

/** What an indicator shows at a direction on round work whose axis stands at (x, y). */
export const shown = (x: number, y: number, direction: number): number =>
  x * Math.cos(direction) + y * Math.sin(direction) + 0.3;
export const at = (x: number, y: number, directions: readonly number[]) =>
  directions.map((direction) => ({ direction, reading: shown(x, y, direction) }));

/** The same on round work of a diameter, whose side curves away from the needle. */
export const round = (x: number, y: number, diameter: number, directions: readonly number[]) =>
  directions.map((direction) => {
    const aside = x * Math.sin(direction) - y * Math.cos(direction);
    const reading = shown(x, y, direction) + Math.sqrt((diameter / 2) ** 2 - aside * aside) - diameter / 2;
    return { direction, reading };
  });

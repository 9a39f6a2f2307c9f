import { finite, positive } from '../basics/check';

/** What a piece is measured at, °C: colder or hotter is a slip of the keys. */
export const MEASURED_WARM = { coldest: -20, hottest: 200 } as const;

/**
 * What a diameter (mm) measured warm (°C) comes to at 20 °C: d / (1 + α (t - 20)). Errors: out-of-range.
 *
 * @example
 * diameterAt20({ diameter: 40, temperature: 45, expansion: 11.5e-6 }).diameterAt20
 * // → 39.9885
 */
export function diameterAt20({
  diameter,
  temperature,
  expansion,
}: {
  diameter: number;
  temperature: number;
  expansion: number;
}): { diameterAt20: number } {
  positive(expansion, 'expansion', 'The expansion');
  return {
    diameterAt20:
      positive(diameter, 'diameter', 'The diameter') /
      (1 + expansion * (finite(temperature, 'temperature') - 20)),
  };
}

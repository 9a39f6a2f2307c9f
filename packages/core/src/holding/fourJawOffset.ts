import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';

/**
 * Where the work's axis sits from the spindle's, mm, from an indicator read against jaws 1 to 4 (0°, 90°,
 * 180°, 270°; larger reads higher): half the difference of each opposite pair. Error: not-finite.
 *
 * @example
 * fourJawOffset({ readings: [0.2, 0.1, 0, 0.1] })
 * // → { x: 0.1, y: 0 }
 */
export function fourJawOffset({ readings }: { readings: readonly number[] }): { x: number; y: number } {
  if (readings.length !== 4)
    throw new AnelloError('underdetermined', 'readings', 'Four readings are needed, one at each jaw.');
  const [first, second, third, fourth] = readings.map((r, i) => finite(r, `readings.${i}`)) as [
    number,
    number,
    number,
    number,
  ];
  return { x: (first - third) / 2, y: (second - fourth) / 2 };
}

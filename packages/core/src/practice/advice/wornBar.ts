import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { BAR_TRAVEL } from '../exercises/wornBar';
import type { Taken } from './taken';

/** Over less of the bar a bow is not told; and from fewer places. */
const LEAST_PART = 0.6;
const FEWEST = 5;

/** A bow is what a parabola through the readings stands over its chord, carried on to the whole travel. */
export function wornBar(taken: readonly Taken[]): Phrase {
  const at = taken.map(({ carriage }) => carriage);
  const span = Math.max(...at) - Math.min(...at);
  if (taken.length < FEWEST || span < LEAST_PART * BAR_TRAVEL)
    return [
      'Run the carriage toward the headstock all the way, always that way, and take the needle at ',
      String(FEWEST),
      ' places or more over ',
      length(LEAST_PART * BAR_TRAVEL, 1),
      ' at least. The first 10 mm only take up the lash.',
    ];
  const [, , curve] = parabola(taken.map(({ carriage, reading }) => [carriage, reading] as const));
  // The needle shows more as the slide goes in: a bar that stands out in its middle shows less there.
  const bow = (curve * BAR_TRAVEL ** 2) / 4;
  return [
    'Over its whole travel its middle stands ',
    length(Math.abs(bow), 0.001),
    bow > 0 ? ' out: it is high there, ' : ' in: it is hollow there, ',
    length(bow, 0.001, { signed: true }),
    '.',
  ];
}

/** Least squares: reading = a + b z + c z². */
function parabola(points: readonly (readonly [number, number])[]): readonly [number, number, number] {
  const mean = points.reduce((sum, [z]) => sum + z, 0) / points.length;
  const sum = (power: number, of: (y: number) => number = () => 1): number =>
    points.reduce((all, [z, y]) => all + (z - mean) ** power * of(y), 0);
  const m = [
    [sum(0), sum(1), sum(2), sum(0, (y) => y)],
    [sum(1), sum(2), sum(3), sum(1, (y) => y)],
    [sum(2), sum(3), sum(4), sum(2, (y) => y)],
  ];
  for (let i = 0; i < m.length; i++)
    for (let j = 0; j < m.length; j++) {
      if (i === j) continue;
      const factor = (m[j]![i] as number) / (m[i]![i] as number);
      m[j] = m[j]!.map((value, k) => value - factor * (m[i]![k] as number));
    }
  const [a, b, c] = m.map((row, i) => (row[3] as number) / (row[i] as number)) as [number, number, number];
  return [a, b, c];
}

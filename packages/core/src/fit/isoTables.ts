import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

/** Upper ends of the size steps, mm. */
const STEPS: readonly number[] = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500];
/** Those of presses, which hang more on the size. */
const FINE_STEPS: readonly number[] = [
  3, 6, 10, 18, 30, 50, 65, 80, 100, 120, 140, 160, 180, 200, 225, 250, 280, 315, 355, 400, 450, 500,
];

/** Tolerance grades over the steps, µm. Source: ISO 286-1, table 1. */
const GRADES: Readonly<Record<number, readonly number[]>> = {
  5: [4, 5, 6, 8, 9, 11, 13, 15, 18, 20, 23, 25, 27],
  6: [6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40],
  7: [10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63],
  8: [14, 18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97],
  9: [25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155],
  11: [60, 75, 90, 110, 130, 160, 190, 220, 250, 290, 320, 360, 400],
};

/**
 * How far a shaft's nearer limit lies from the basic size over the steps, µm: under it for letters up to h, over it after.
 * Source: ISO 286-1, tables 4 and 5; k holds for the grades 4 to 7.
 */
const UNDER: Readonly<Record<string, readonly number[]>> = {
  d: [20, 30, 40, 50, 65, 80, 100, 120, 145, 170, 190, 210, 230],
  e: [14, 20, 25, 32, 40, 50, 60, 72, 85, 100, 110, 125, 135],
  f: [6, 10, 13, 16, 20, 25, 30, 36, 43, 50, 56, 62, 68],
  g: [2, 4, 5, 6, 7, 9, 10, 12, 14, 15, 17, 18, 20],
};
const OVER: Readonly<Record<string, readonly number[]>> = {
  k: [0, 1, 1, 1, 2, 2, 2, 3, 3, 4, 4, 4, 5],
  m: [2, 4, 6, 7, 8, 9, 11, 13, 15, 17, 20, 21, 23],
  n: [4, 8, 10, 12, 15, 17, 20, 23, 27, 31, 34, 37, 40],
  p: [6, 12, 15, 18, 22, 26, 32, 37, 43, 50, 56, 62, 68],
  r: [10, 15, 19, 23, 28, 34, 41, 43, 51, 54, 63, 65, 68, 77, 80, 84, 94, 98, 108, 114, 126, 132],
  s: [14, 19, 23, 28, 35, 43, 53, 59, 71, 79, 92, 100, 108, 122, 130, 140, 158, 170, 190, 208, 232, 252],
};
/** Up to here the holes of letters after h are the shafts' turned over, and no more. */
const PLAIN_UP_TO = 3;
const MICRO = 1e-3;

const stepOf = (diameter: number, row: readonly number[]): number => {
  const steps = row.length === STEPS.length ? STEPS : FINE_STEPS;
  const step = steps.findIndex((s) => diameter <= s);
  if (step === -1) throw new AnelloError('out-of-range', 'diameter', 'The table of fits goes to 500 mm.');
  return step;
};
const at = (row: readonly number[], diameter: number): number => row[stepOf(diameter, row)] ?? 0;
const gradeAt = (grade: number, diameter: number): number => at(GRADES[grade] ?? [], diameter);

/** How far under (minus) and over a size a shaft of a letter and grade may be, µm. */
function shaftZone(letter: string, grade: number, diameter: number): readonly [number, number] {
  const width = gradeAt(grade, diameter);
  if (letter === 'js') return [-width / 2, width / 2];
  const over = OVER[letter];
  if (over) return [at(over, diameter), at(over, diameter) + width];
  const under = at(UNDER[letter] ?? STEPS.map(() => 0), diameter);
  return [-under - width, -under];
}

/**
 * A hole's, µm: the shaft's turned over. That of a press is larger by what its grade is wider than the one below it, so
 * that with the shaft of that grade it presses as the basic hole does (ISO 286-1, 4.3.2.5).
 */
function holeZone(letter: string, grade: number, diameter: number): readonly [number, number] {
  const [low, high] = shaftZone(letter, grade, diameter);
  const wider =
    letter in OVER && diameter > PLAIN_UP_TO ? gradeAt(grade, diameter) - gradeAt(grade - 1, diameter) : 0;
  return [wider - high, wider - low];
}

export interface FitLimits {
  readonly least: number;
  readonly most: number;
}

/** Limits of a size by its fit, mm; capitals are holes. Errors: out-of-range for nothing and beyond the table. */
export function limitsByIso(diameter: number, fit: string): FitLimits {
  positive(diameter, 'diameter', 'The diameter');
  const letter = fit.replace(/\d+$/, '');
  const zone = letter === letter.toLowerCase() ? shaftZone : holeZone;
  const [low, high] = zone(letter.toLowerCase(), Number(fit.slice(letter.length)), diameter);
  return { least: diameter + low * MICRO, most: diameter + high * MICRO };
}

import { METRIC_88 } from '../../packages/core/src/kit/blockSets';
import { drillSaid } from '../../packages/core/src/kit';
import { parseQuantity, parseSizes, unitOfSizes } from '../../packages/core/src/quantity';
import { quickSum } from '../../packages/core/src/quick';
import { findTapers } from '../../packages/core/src/taper';
import { answered, type Page } from '../page.testdata';

/** What is typed into the quick sum at a lathe, one line a question. */
const SUMS = `
mt3 | mt 4 1/2 | 7/24 | iso 40 | b16 | d1-6 | R8 | jt 33 | 1:20 | 1 in 20 | 8° | 8 | 60° included | .602 in/ft | 50 mm/m
set over 180 at mt2 | set over 7 in at 0.6 in/ft | mt2 set over 180 | set over 180 | dz 1.6 mt3 | dz mt3
carriage 75 at mt3 | slide 12 at 7/24 | carriage 75 at 60° included | infeed 0.1 at 30 | infeed 0.1
which 24.076, 19.759 over 86 | which 30 11 50 | stack 34.562 | stack 0.4 | sine 100 at 8° | sine 100 at 80°
rpm 30 mm at 25 m/min | speed 1 in at 100 sfm | speed 30 mm at 400 rpm | rpm 30
M10 | tap drill M8 | 1/4-20 | 10-32 | 2 UNC | G1/2 | #7 | drill F | drill 5.1 | drill 64ths
3/8 + 1/16 | 2*0.312 in + 1/16 in | 1°26′ * 2 | 50 * tan 8°17′50″ | atan(7/48) | atan 1 | 0° | -5° | 85° | 86° | 1:1 | sqrt 2 | 2π | 1/0 | 3 + | zebra
`;
const LENGTHS = [
  '12.5',
  '12,5',
  '1 1/2"',
  '1-1/2 in',
  '0.5 thou',
  '2\' 3"',
  '3/64',
  '12.5 mm + 0.1',
  '',
  '-4',
  '1e9',
  '5 kg',
  '25 400 µm',
];
const SIZES = [
  '3, 4, 5 mm',
  '1 to 13 by 0.5 mm',
  '1/16 to 1/2 by 64ths',
  '#1 to #60',
  'A to Z',
  '1/8" 3/16" 1/4"',
  '3; 4,5; 6',
  '10 to 1 by 1',
  'every marked',
];
const TAPERS = [
  '4 mt',
  'jacobs 33',
  '7:24',
  'd1-6',
  'short nose',
  'brown sharpe 9',
  'metric 80',
  'pipe',
  'nothing of the kind',
];

/** What is typed, and how it is read. */
export const WORDS_PAGE: Page = [
  ...SUMS.split(/[|\n]/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .flatMap((line): Page =>
      (['mm', 'in'] as const).map((lengthUnit) => [
        `${line} [${lengthUnit}]`,
        () => quickSum(line, { lengthUnit, blocks: METRIC_88 }),
        lengthUnit === 'in' ? 'inch' : 'mm',
      ]),
    ),
  ...LENGTHS.map((typed): Page[number] => [
    `a length: ${typed}`,
    () =>
      (['mm', 'in'] as const).map((defaultUnit) =>
        answered(() => parseQuantity({ text: typed, dimension: 'length', defaultUnit })),
      ),
  ]),
  ...SIZES.flatMap((typed): Page =>
    (['mm', 'in'] as const).map((shown) => [
      `sizes: ${typed} [${shown}]`,
      () => {
        const unit = unitOfSizes(typed, shown);
        return { unit, sizes: parseSizes(typed, unit) };
      },
    ]),
  ),
  ['drills said', () => [5.1054, 3.175, 10, 8.5, 13.49375].map((across) => drillSaid(across))],
  ...TAPERS.map((typed): Page[number] => [
    `tapers: ${typed}`,
    () => {
      const { found, ...more } = findTapers(typed);
      return { ...more, found: found.slice(0, 4).map(({ name }) => name) };
    },
  ]),
];

import {
  drillMark,
  parseCounts,
  parseQuantity,
  parseSizes,
  unitOfSizes,
} from '../../packages/core/src/quantity';
import { quickCompletions } from '../../packages/core/src/quick';
import { answered, type Page } from '../page.testdata';

type Box = Pick<Parameters<typeof parseQuantity>[0], 'dimension' | 'defaultUnit'>;
const BOXES = {
  mm: { dimension: 'length', defaultUnit: 'mm' },
  in: { dimension: 'length', defaultUnit: 'in' },
  angle: { dimension: 'angle', defaultUnit: 'deg' },
  radians: { dimension: 'angle', defaultUnit: 'rad' },
  taper: { dimension: 'taper', defaultUnit: 'ratio' },
  'in/ft': { dimension: 'taper', defaultUnit: 'in/ft' },
  'mm/m': { dimension: 'taper', defaultUnit: 'mm/m' },
  speed: { dimension: 'speed', defaultUnit: 'rpm' },
  number: { dimension: 'number', defaultUnit: '1' },
} as const satisfies Record<string, Box>;

/** What is typed into a box, one a line. */
const TYPED: Readonly<Record<string, string>> = {
  mm: `
12 | +12 | -12 | 0 | 12. | .5 | ,5 | 1,25 | 1,250 | 0,250 | 12,345 | 1,234.5 | 1.234,5 | 1.234.567 | 1,234,567 | 1,23,4 | 1e2 | 1.5E-3 | 1e400
1/2 | 3 1/2 | 3-1/2 | ½ | 3½ | 3 ½ in | 1/0 | 7/8" | 1-5/16" | 3/64 in | 5 /8 in | 10 thou | 2 tenths | 25 µm | 25 um | 3 microns | 1.2 cm
2 ft 3 in | 2' 3" | 2'3-1/2" | 2'-3" | 2' - 3" | 3" 2' | 2' 3 | 5 mm 3 | 1 in 2 mm | 1' -3"
3 + 4 | 3mm + 4 | 3 mm + 4 in | 3 - 4 - 5 | 2 * 3 mm | 2 x 3 | 2 × 3 | 3 mm * 4 mm | 6 mm / 2 | 6 mm / 2 mm | 6 / 2 mm | 2 (3 + 4) | (3 + 4) * 2 | 3 · 4 | 3 : 4
3-1/2 + 1 | 1 + 3-1/2 in | 3 1/2 + 1/4 | -(3 + 4) | --3 | 3 + -4 | 3 - (-4)
100 * sin 8° | 100 sin 8 | 100 * tan(1°26'16") | 50 cos 60 | sqrt 2 * 10 mm | sqrt(-1) | sqrt(4 mm) | atan 1 | sin(3 mm) | 2 tan 5' * 100 | cos 1/3
12 mm mm | 12 furlongs | 5 deg | 1:20 | 300 rpm | 0x10 | 10 0x10 | abc | 3 + | (3 | 3) | * 3 | 3 3 | mm | . | ’ | 12″ | 1∶20 | 5⁄8 in
`,
  in: `1 | 1.250 | 1,250 | 3/8 | 1 1/8 | 25.4 mm | 1-1/8 + 1/16 | .001 | 2 thou | 6' | 6" | 1'6 | 0.5 + 1/64`,
  angle: `8 | 8.5 | 8° | 8º 30' | 8° 30' 15" | 8°30.5' | 8d 30 15 | 8 30 15 | 30' | 30" | 15'30" | 0.1 rad | 10 mrad | 8° - 30' | 8°30'70" | 8° -30' | 30' 8° | asin 0.5 | asin 2 | acos -2 | acos 0.5 | atan(1/20) | atan 1:20 | atan(3 mm / 40 mm) | asin(3 mm) | 2 * atan(1/40) | 1:20 | 5 mm | 8 arcmin | 8 sec | 8 deg 3 | 90 - 8° | 90° - 8°`,
  radians: `0.1 | 8° | 1/8 | 5'`,
  taper: `1:20 | 1/20 | 1 in 20 | 1 in 19.922 | 1,5 in 20 | 7/24 | 7:24 | 0.05 | 0.6 in/ft | .602 in per ft | 5/8 in/ft | 0.6"/ft | 50 mm/m | 3 mm/60 mm | 0.05 in/in | tan 1.4 | 2 * tan 1.4° | 20:1 | 1:0 | 0 | 1 | 5 mm | 8° | 0.6 tpf | 1 in per ft`,
  'in/ft': `0.6 | 5/8 | 7/24 | 3/5 | 1:20 | 1/20 in/in | .602`,
  'mm/m': `50 | 5/8 | 7/24 | 1:20 | 1 in 20`,
  speed: `300 | 300 rpm | 300 rev/min | 300 r/min | 300 /min | 5 * 60 | 300 mm | 1/2`,
  number: `12 | 1/2 | 3 + 4 * 2 | (3 + 4) * 2 | 10 / 4 | 2 - 3 - 4 | 8 / 4 / 2 | 6 mm / 3 mm | 6 mm | 8° | tan 45 | sqrt 9 | 3 in / 1 mm | 2 sqrt 9 | 1:20`,
};

const READ: Page = Object.entries(TYPED).flatMap(([name, lines]): Page =>
  lines
    .split(/[|\n]/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((text) => [
      `in a box of ${name}: ${text}`,
      () => parseQuantity({ text, ...BOXES[name as keyof typeof BOXES] }),
    ]),
);

const SIZES = `
1, 2, 3 | 1 2 3 | 1; 2; 3 | 1,5; 2 | 1 to 2 by 0.25 | 1 thru 3 x 0.5 mm | 1-3 by 1 | 1 to 2 every 1/4 | 1/16 to 1/4 by 32nds | 1/4 to 1/2 in by 1/16
1.01 to 1.05 in steps of 0.01 | 2 to 1 by 0.5 | 1 to 2 by 0 | 0, 1 | -1 | 1 to 500 by 1 | 3 mm, 1/4 | 3, 4, 1/4 in | 3 mm, 4, 1/4 in | #1, #2 | #80 to #79 | A | A-C | Z to X | 3 to Q
1/8" | 1/8 1/4 in | 1 1/2, 2 | 1-1/2, 2 | 0.1 to 0.3 in by 0.1 | 1 to 2 by | nothing
`;
const LISTS: Page = SIZES.split(/[|\n]/)
  .map((line) => line.trim())
  .filter((line) => line !== '')
  .map((text) => [
    `sizes of a set: ${text}`,
    () =>
      (['mm', 'in'] as const).map((unit) => ({
        unit: answered(() => unitOfSizes(text, unit)),
        sizes: answered(() => parseSizes(text, unit)),
      })),
  ]);

const COUNTS: Page = ['20, 24 30', '20;24', '', '0', '101', '100', '1', '2.5', 'x', '20 x', '-3', '10/2'].map(
  (text): Page[number] => [
    `change gears: ${text}`,
    () => parseCounts(text, { least: 1, most: 100, what: 'change gear' }),
  ],
);

const MARKS: Page = [
  [
    'marks of drills',
    () =>
      [5.7912, 1.016, 0.343, 10.49, 6.528, 6.35, 5.1054, 5.105, 3.175, 8.5, 0].map((across) => ({
        across,
        mark: drillMark(across),
      })),
  ],
];

const BEGUN: Page = [
  '',
  'm',
  'mt',
  'mt3',
  'tap',
  'set over 180 at m',
  'carriage 75 at j',
  'js',
  'steep',
  'rp',
  'ste',
  'bs1',
  'zz',
  '  tap',
  'MT',
].map((text): Page[number] => [`begun: “${text}”`, () => quickCompletions(text)]);

/** Figures as people write them, in every box there is; sizes, gears, drills, and lines half typed. */
export const TYPED_PAGE: Page = [...READ, ...LISTS, ...COUNTS, ...MARKS, ...BEGUN];

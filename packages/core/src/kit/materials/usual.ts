import type { Material } from '../material';

const HANDBOOK = 'usual workshop figures, conservative; change them to what your tools bear';

type Row = readonly [
  name: string,
  alsoCalled: string,
  lubricant: string,
  /** m/min with high-speed steel and with carbide, mm a turn, the same finishing, kg/dm³, and µm on a metre for each °C. */
  figures: readonly [
    hss: number,
    carbide: number,
    feed: number,
    fine: number,
    density: number,
    expansion: number,
  ],
];
const ROWS: readonly Row[] = [
  [
    'Free-cutting and mild steel',
    'mild steel, EN1A, EN3, 1018, 1215, 12L14, S235, S355',
    'Cutting oil',
    [30, 120, 0.2, 0.08, 7.85, 11.7],
  ],
  [
    'Medium carbon steel',
    'carbon steel, EN8, EN9, C45, 1045',
    'Cutting oil',
    [24, 100, 0.18, 0.08, 7.85, 11.4],
  ],
  [
    'Alloy steel, toughened',
    'alloy steel, EN16, EN19, EN24, EN24T, 4140, 4340, 42CrMo4, 16MnCr5',
    'Sulphurised cutting oil',
    [16, 80, 0.15, 0.06, 7.85, 11.3],
  ],
  [
    'Tool steel, annealed',
    'tool steel, silver steel, drill rod, gauge plate, flat stock, O1, W1, A2, D2',
    'Sulphurised cutting oil',
    [14, 70, 0.12, 0.06, 7.85, 11.2],
  ],
  [
    'Stainless steel',
    'stainless, 303, 304, 316, 416, 1.4301',
    'Sulphurised oil, never let rub',
    [14, 80, 0.15, 0.08, 7.95, 16.5],
  ],
  [
    'Grey cast iron',
    'cast iron, grey iron, gray iron, CI, GG25, meehanite',
    'Cut dry',
    [20, 70, 0.2, 0.1, 7.2, 10.5],
  ],
  ['Brass', 'CZ121, C360, gunmetal', 'Cut dry', [70, 180, 0.15, 0.06, 8.5, 19]],
  [
    'Bronze',
    'phosphor bronze, PB1, SAE660, leaded bronze, aluminium bronze',
    'Light oil',
    [30, 110, 0.15, 0.06, 8.8, 18],
  ],
  [
    'Aluminium alloy',
    'aluminium, aluminum, 2024, 6061, 6082, 7075, dural',
    'Paraffin or a light oil',
    [90, 250, 0.2, 0.08, 2.7, 23.5],
  ],
];

/** A starting table: round figures as workshop handbooks agree on them, for one-offs on a light lathe. */
export const USUAL_MATERIALS: readonly Material[] = ROWS.map(
  ([name, alsoCalled, lubricant, [speedHss, speedCarbide, feed, fineFeed, density, expansion]]) => ({
    name,
    alsoCalled,
    speedHss,
    speedCarbide,
    feed,
    fineFeed,
    density,
    expansion: expansion * 1e-6,
    lubricant,
    source: HANDBOOK,
  }),
);

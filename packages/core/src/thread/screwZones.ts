/** Smaller than this no thread has limits, mm. */
export const LEAST = 0.99;

interface Range {
  /** Largest diameter of the range, and the geometric mean of its ends, mm. */
  readonly upTo: number;
  readonly mean: number;
  /** Zone by pitch, µm. */
  readonly byPitch: Readonly<Record<string, number>>;
}

/**
 * The zone of a screw's pitch diameter in grade 6, by ranges of diameter. The table's own numbers: it leaves its formula
 * where one row would stand out among the others. Source: ISO 965-1, table 4.
 */
const TABLE: readonly (readonly [number, Readonly<Record<string, number>>])[] = [
  [1.4, { '0.2': 48, '0.25': 53, '0.3': 56 }],
  [2.8, { '0.2': 50, '0.25': 56, '0.35': 63, '0.4': 67, '0.45': 71 }],
  [5.6, { '0.35': 67, '0.5': 75, '0.6': 85, '0.7': 90, '0.75': 90, '0.8': 95 }],
  [11.2, { '0.75': 100, '1': 112, '1.25': 118, '1.5': 132 }],
  [22.4, { '1': 118, '1.25': 132, '1.5': 140, '1.75': 150, '2': 160, '2.5': 170 }],
  [45, { '1': 125, '1.5': 150, '2': 170, '3': 200, '3.5': 212, '4': 224, '4.5': 236 }],
  [90, { '1.5': 160, '2': 180, '3': 212, '4': 236, '5': 250, '5.5': 265, '6': 280 }],
  [180, { '2': 190, '3': 224, '4': 250, '6': 300, '8': 335 }],
  [355, { '3': 250, '4': 280, '6': 315, '8': 355 }],
];

export const SCREW_ZONES: readonly Range[] = TABLE.map(([upTo, byPitch], i) => ({
  upTo,
  mean: Math.sqrt((TABLE[i - 1]?.[0] ?? LEAST) * upTo),
  byPitch,
}));

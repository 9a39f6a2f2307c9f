import { figures } from './card';
import { diameterMeasure, lengthMeasure } from './measures';
import { PLAIN, type KindOfOperation } from './kind';

/** What has one diameter to measure; threads go by their gauge, shapes by their own proof. */
const MEASURED: readonly string[] = ['cylinder', 'bore', 'groove'];

/** What is measured across. */
const ACROSS: readonly string[] = ['flats', 'tang'];

export const inspect: KindOfOperation = {
  ...PLAIN,
  kind: 'inspect',
  name: 'Inspect',
  on: 'piece',
  cuts: false,
  before: ['Clean, free of burrs, and as cool as the gauges that measure it.'],
  closes: true,
  rank: () => 160,
  say: () => ['Measure it at its stations and keep the figures'],
  card: (laid) =>
    figures(
      [],
      [
        lengthMeasure('Length over all', laid.length),
        ...laid.sections.filter((s) => MEASURED.includes(s.kind)).map(diameterMeasure),
        ...laid.details
          .filter((s) => ACROSS.includes(s.kind))
          .map((s) => lengthMeasure(`${s.feature.name}, across`, 2 * s.largest)),
      ],
    ),
  tools: () => [['Micrometers, gauges, and a cloth']],
  minutes: () => 10,
};

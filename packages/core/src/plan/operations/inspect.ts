import { featureKind } from '../../part/kinds/registry';
import { figures } from './card';
import { diameterMeasure, lengthMeasure } from './measures';
import { PLAIN, type KindOfOperation } from './kind';

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
        ...laid.sections.filter((s) => featureKind(s.kind).measured === 'diameter').map(diameterMeasure),
        ...laid.details
          .filter((s) => featureKind(s.kind).measured === 'across')
          .map((s) => lengthMeasure(`${s.feature.name}, across`, 2 * s.largest)),
      ],
    ),
  tools: () => [['Micrometers, gauges, and a cloth']],
  minutes: () => 10,
};

import type { End } from '../../taper/task';
import { solveTaperFeature, type TaperGiven } from '../solveTaperFeature';
import type { Base } from './base';
import { LENGTH, type LengthKind } from './kind';
import type { Outline } from './outline';

/** A cone. */
export interface Taper extends Base, TaperGiven {
  readonly kind: 'taper';
  readonly largeEnd: End;
}

function outline(feature: Taper): Outline {
  const t = solveTaperFeature(feature);
  const [first, last] =
    feature.largeEnd === 'headstock'
      ? [t.largeDiameter, t.smallDiameter]
      : [t.smallDiameter, t.largeDiameter];
  return {
    length: t.length,
    offset: 0,
    points: [
      { z: 0, r: first / 2 },
      { z: t.length, r: last / 2 },
    ],
  };
}

export const taper: LengthKind<Taper> = {
  kind: 'taper',
  name: 'Taper',
  inJaws: 'marked',
  runsOut: true,
  runsTrue: true,
  sides: ['external', 'internal'],
  figures: [
    { key: 'largeDiameter', label: 'Large diameter' },
    { key: 'smallDiameter', label: 'Small diameter' },
    LENGTH,
    { key: 'ratio', label: 'Taper on diameter', dimension: 'taper' },
    { key: 'halfAngle', label: 'Half angle', dimension: 'angle' },
    { key: 'gaugeDiameter', label: 'Gauge line diameter' },
    { key: 'beyondGauge', label: 'Past the gauge line' },
  ],
  begins: { largeEnd: 'headstock' },
  chief: 3,
  outline,
};

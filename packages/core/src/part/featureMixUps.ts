import { AnelloError } from '../basics/error';
import { dialOf } from '../machine/dialReads';
import type { CrossDial } from '../machine/lathe';
import { count, length, type Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { MM_PER_INCH } from '../figure/format';
import { mixUps } from '../taper/mixups/registry';
import { fractionBehind, fractionText } from '../taper/mixups/roundedFraction';
import type { Eccentric, Feature, Taper } from './feature';
import { solveTaperFeature } from './solveTaperFeature';

/** A figure of a feature that looks like a slip, what it costs and where, and the figure to put in its place. */
export interface SuspectFigure {
  readonly key: string;
  readonly said: Phrase;
  /** On diameter, or in the finished travel. */
  readonly cost: Figure;
  readonly where: string;
  readonly offer: string;
  readonly dimension: 'length' | 'angle' | 'taper';
}

/** What looks like a slip among a feature's figures; nothing while they do not settle it. */
export function featureMixUps(feature: Feature): SuspectFigure[] {
  if (feature.kind === 'taper') return ofTaper(feature);
  return feature.kind === 'eccentric' ? ofThrow(feature) : [];
}

const DIMENSIONS = { ratio: 'taper', halfAngle: 'angle' } as const;

function ofTaper(taper: Taper): SuspectFigure[] {
  try {
    return mixUps(taper, solveTaperFeature(taper)).map(({ field, said, cost, offer }) => ({
      key: field,
      said,
      cost,
      offer,
      where: 'on diameter at the far end of this part',
      dimension: DIMENSIONS[field as keyof typeof DIMENSIONS] ?? 'length',
    }));
  } catch (error) {
    if (error instanceof AnelloError) return [];
    throw error;
  }
}

/** The travel is twice the throw, and so is what a rounding costs in it. */
const TRAVEL = 2;

function ofThrow({ throw: mm }: Eccentric): SuspectFigure[] {
  const fraction = mm === undefined ? null : fractionBehind(mm);
  if (mm === undefined || !fraction) return [];
  return [
    {
      key: 'throw',
      said: [length(mm, 0.0254, { system: 'inch' }), ` looks like ${fractionText(fraction)} rounded off.`],
      cost: length(TRAVEL * Math.abs(fraction.inches * MM_PER_INCH - mm), 0.0001),
      where: 'in the finished travel, which is twice the throw',
      offer: fractionText(fraction),
      dimension: 'length',
    },
  ];
}

/** Fewer divisions than this cannot be set apart. */
const SEEN = 0.05;
const COARSE = 10;

/** A length on diameter counted in divisions of a dial; null where it is too little to count. */
export function inDivisions(diameter: number, dial: CrossDial): Figure | null {
  const divisions = dialOf(diameter / 2, dial.reads) / dial.division;
  return divisions < SEEN ? null : count(divisions, divisions < COARSE ? 0.1 : 1);
}

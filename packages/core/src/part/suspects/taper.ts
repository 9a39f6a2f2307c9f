import { AnelloError } from '../../basics/error';
import { mixUps } from '../../taper/mixups/registry';
import type { Taper } from '../kinds/taper';
import { solveTaperFeature } from '../solveTaperFeature';
import type { SuspectFigure } from './suspect';

const DIMENSIONS = { ratio: 'taper', halfAngle: 'angle' } as const;

export function ofTaper(taper: Taper): SuspectFigure[] {
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

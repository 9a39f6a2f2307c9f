import { taperSize } from '@anello/core/taper';
import { newJobDocument, taperFigures, type FeatureDocument, type JobDocument } from '../index';

/** A No. 3 shank as typed. */
export const shank = (over: Partial<Extract<FeatureDocument, { kind: 'taper' }>> = {}): FeatureDocument => ({
  id: 't',
  name: 'Shank',
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  ...taperFigures(taperSize('morse-iso', '3'), 'external'),
  ...over,
});

/** A job as new, with what is given of it. */
export const job = (over: Partial<JobDocument> = {}): JobDocument => ({
  ...newJobDocument({ number: 'J-1', title: 'Shank', machineId: 'm' }),
  ...over,
});

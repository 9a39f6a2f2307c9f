import { entry, type FeatureDocument } from '@anello/contract';

/** An eccentric of 4.75 mm throw beside its hub, bored through for a shaft. */
export const THROW = 4.75;
export const DISC = {
  ...{ id: 'e', name: 'Eccentric', kind: 'eccentric', side: 'external', throw: entry(`${THROW} mm`) },
  ...{ diameter: entry('60 mm'), length: entry('20 mm') },
} as FeatureDocument;
export const HUB = {
  ...{ id: 'h', name: 'Hub', kind: 'cylinder', side: 'external' },
  ...{ diameter: entry('30 mm'), length: entry('25 mm') },
} as FeatureDocument;
export const BORE = {
  ...{ id: 'x', name: 'Bore', kind: 'bore', side: 'internal', from: 'tailstock', fit: 'H7' },
  ...{ diameter: entry('16 mm'), length: entry('45 mm') },
} as FeatureDocument;

import { PLAIN, type KindOfOperation } from './kind';

/** Flats, hexagons and keyways: work away from the lathe. */
export const mill: KindOfOperation = {
  ...PLAIN,
  kind: 'mill',
  name: 'Mill',
  on: 'piece',
  before: ['Clamped on its own diameter in vee blocks, finished tapers clear.'],
  rank: () => 140,
  say: () => ['Mill the flats away from the lathe'],
  minutes: () => 20,
};

import { PLAIN, type KindOfOperation } from './kind';

/** Holes square to the axis: work away from the lathe. */
export const crossDrill: KindOfOperation = {
  ...PLAIN,
  kind: 'cross-drill',
  name: 'Cross-drill',
  on: 'piece',
  before: ['Centre punched, and held in a vee block.'],
  rank: () => 141,
  say: () => ['Drill the cross hole away from the lathe; take off its burr inside and out'],
  minutes: () => 12,
};

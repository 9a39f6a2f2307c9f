import { PLAIN, type KindOfOperation } from './kind';

export const harden: KindOfOperation = {
  ...PLAIN,
  kind: 'harden',
  name: 'Harden',
  on: 'piece',
  cuts: false,
  leavesIt: 'hard',
  before: ['Hot work: visor, gloves, nothing that burns near; oil quench outdoors or under a hood.'],
  rank: () => 145,
  say: () => ['Harden, temper, and clean; what is to fit is ground or lapped after'],
  minutes: () => 90,
};

import { PLAIN, type KindOfOperation } from './kind';

export const finish: KindOfOperation = {
  ...PLAIN,
  kind: 'finish',
  name: 'Finish',
  on: 'piece',
  cuts: false,
  closes: true,
  rank: () => 150,
  say: () => ['Break the edges, clean, and oil it'],
  minutes: () => 5,
};

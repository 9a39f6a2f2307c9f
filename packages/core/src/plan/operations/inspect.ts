import { PLAIN, type KindOfOperation } from './kind';

export const inspect: KindOfOperation = {
  ...PLAIN,
  kind: 'inspect',
  name: 'Inspect',
  on: 'piece',
  cuts: false,
  closes: true,
  rank: () => 160,
  say: () => ['Measure it at its stations and keep the figures'],
  minutes: () => 10,
};

import { PLAIN, type KindOfOperation } from './kind';

export const finish: KindOfOperation = {
  ...PLAIN,
  kind: 'finish',
  name: 'Finish',
  on: 'piece',
  cuts: false,
  before: [
    'A file has a handle, and the left arm stays clear of the jaws.',
    'Cloth in a strip held to tear away, never wrapped round; none of it near a hole that turns.',
  ],
  closes: true,
  rank: () => 150,
  say: () => ['Break the edges, clean, and oil it'],
  tools: () => [['Fine file, cloth in strips, oil']],
  minutes: () => 5,
};

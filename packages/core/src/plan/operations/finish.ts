import { risk } from '../piece/line';
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
  // Before it is hardened: sharp edges crack in the fire, and no file takes them off after.
  rank: () => 143,
  wrong: ({ hard }) =>
    hard ? [risk('hard-already', ['It is hard by then: a file slides over its edges.'])] : [],
  say: () => ['Break the edges, clean, and oil it'],
  tools: () => [['Fine file, cloth in strips, oil']],
  minutes: () => 5,
};

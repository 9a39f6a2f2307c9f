import type { Behaviour, Jump } from './behaviour';
import { toolsOf } from './grid';

/** A slip of one division is made about this often. */
const SELDOM = 0.08;

const missetBy = (division: number): Jump[] => [
  { chance: 1 - 2 * SELDOM, by: 0, spread: 0, stays: true, misread: 0 },
  { chance: SELDOM, by: -division, spread: 0, stays: true, misread: 0 },
  { chance: SELDOM, by: division, spread: 0, stays: true, misread: 0 },
];
const misreadBy = (division: number): Jump[] => [
  { chance: 1 - SELDOM, by: 0, spread: 0, stays: true, misread: 0 },
  { chance: SELDOM, by: 0, spread: 0, stays: true, misread: 2 * division },
];

const PLAIN = toolsOf({});

/** An infeed set one division too deep or too shallow. */
export const misset: Behaviour = {
  id: 'misset',
  met: 0.015,
  guarded: 0.15,
  tools: (division) => PLAIN.map((tool) => ({ ...tool, jumps: missetBy(division) })),
};

/** A measurement misread by a division or more. */
export const misread: Behaviour = {
  id: 'misread',
  met: 0.015,
  guarded: 0.15,
  tools: (division) => PLAIN.map((tool) => ({ ...tool, jumps: misreadBy(division) })),
};

import type { Behaviour, Jump } from './behaviour';
import { FEW_GAINS, ONE_START, toolsOf } from './grid';

const SIZES = [0.004, 0.008, 0.012];
/** It sits on the edge at this part of the passes, of any size up to its most. */
const OFTEN = 0.65;

const TOOLS = toolsOf({
  gains: FEW_GAINS,
  starts: ONE_START,
  jumps: SIZES.map((most): Jump[] => [
    { chance: 1 - OFTEN, by: 0, spread: 0, stays: false, misread: 0 },
    { chance: OFTEN, by: -0.6 * most, spread: 0.3 * most, stays: false, misread: 0 },
  ]),
});

/** Metal welds to the edge, cuts deeper than the edge would, and breaks off again. */
export const builtUpEdge: Behaviour = { id: 'built-up-edge', met: 0.03, guarded: 0.7, tools: () => TOOLS };

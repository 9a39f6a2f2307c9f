import type { Behaviour } from './behaviour';
import { toolsOf } from './grid';

const TOOLS = toolsOf({
  wears: [
    { value: 0.001, weight: 1 },
    { value: 0.002, weight: 1 },
    { value: 0.0033, weight: 0.5 },
  ],
});

/** The edge recedes from pass to pass, and faster as it dulls. */
export const wears: Behaviour = { id: 'wears', met: 0.15, guarded: 0.3, tools: () => TOOLS };

import type { Behaviour } from './behaviour';
import { FINE_GAINS, FINE_SCATTERS, STARTS, toolsOf } from './grid';

const TOOLS = toolsOf({ gains: FINE_GAINS, scatters: FINE_SCATTERS, starts: STARTS });

/** Springs, lost some lash at the start, scatters: what most lathes do. */
export const steady: Behaviour = { id: 'steady', met: 0.8, guarded: 1, tools: () => TOOLS };

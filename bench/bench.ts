import { benchCore } from './core.ts';
import { benchServer } from './server.ts';
import { firstLoad } from './firstLoad.ts';
import { infeedProof } from './infeedProof.ts';
import { longProfile } from './longProfile.ts';
import { longSweep } from './longSweep.ts';
import { practiceFrames } from './practiceFrames.ts';
import { redraw } from './redraw.ts';

export interface Figure {
  readonly what: string;
  readonly measured: string;
  readonly budget: string;
  readonly within: boolean;
}

const figures: Figure[] = [
  ...firstLoad(),
  ...benchCore(),
  ...infeedProof(),
  ...(await benchServer()),
  ...(await redraw()),
  ...(await longProfile()),
  ...(await longSweep()),
  ...(await practiceFrames()),
];
console.table(Object.fromEntries(figures.map(({ what, ...rest }) => [what, rest])));

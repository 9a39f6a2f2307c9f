import type { Behaviour } from './behaviour';
import { toolsOf } from './grid';

const DOUBLED = toolsOf({ dial: 2 });
const HALVED = toolsOf({ dial: 0.5 });

/** The slide moves twice what the dial is taken to say: a dial that reads radius, taken for diameter. */
export const dialDoubled: Behaviour = {
  id: 'dial-doubled',
  met: 0.005,
  guarded: 1,
  ofTheDial: true,
  tools: () => DOUBLED,
};

/** The slide moves half of what the dial is taken to say: a dial that reads diameter, taken for radius. */
export const dialHalved: Behaviour = {
  id: 'dial-halved',
  met: 0.005,
  guarded: 0,
  ofTheDial: true,
  tools: () => HALVED,
};

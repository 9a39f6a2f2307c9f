import type { Behaviour } from './behaviour';
import { builtUpEdge } from './builtUpEdge';
import { dialDoubled, dialHalved } from './dials';
import { lashComesAndGoes, lashReturns } from './lash';
import { misread, misset } from './slips';
import { steady } from './steady';
import { wears } from './wears';

/** Every way a tool and its slide may behave that the passes are weighed against. */
export const BEHAVIOURS: readonly Behaviour[] = [
  steady,
  wears,
  lashReturns,
  lashComesAndGoes,
  builtUpEdge,
  misset,
  misread,
  dialDoubled,
  dialHalved,
];

import { normalised, type Behaviour, type Jump } from './behaviour';
import { FEW_GAINS, ONE_START, toolsOf } from './grid';

const LASHES = [0.01, 0.02, 0.035, 0.053];
/** Part of the passes it is lost in, once it has been lost. */
const OFTEN = 0.65;

const LOST = toolsOf({
  gains: FEW_GAINS,
  starts: ONE_START,
  jumps: LASHES.map((by): Jump[] => [
    { chance: OFTEN, by, spread: 0.15 * by, stays: true, misread: 0 },
    { chance: 1 - OFTEN, by: 0, spread: 0, stays: true, misread: 0 },
  ]),
});
const thirds = (most: number): Jump[] =>
  [0.14, 0.5, 0.86].map((part) => ({
    chance: 1 / 3,
    by: part * most,
    spread: 0.12 * most,
    stays: false,
    misread: 0,
  }));
const GIVEN_BACK = normalised(
  LASHES.flatMap((most) =>
    toolsOf({
      gains: FEW_GAINS,
      starts: [
        { value: 0, spread: 0.003, weight: 0.5 },
        { value: most, spread: 0.15 * most, weight: 0.5 },
      ],
      jumps: [thirds(most)],
    }),
  ),
);

/** Lash is lost again and again: the slide is drawn back between passes and the dial's zero with it. */
export const lashReturns: Behaviour = { id: 'lash-returns', met: 0.015, guarded: 1, tools: () => LOST };

/** Any part of the lash is lost at one pass and given back at the next: a slide that floats. */
export const lashComesAndGoes: Behaviour = {
  id: 'lash-comes-and-goes',
  met: 0.01,
  guarded: 0.1,
  tools: () => GIVEN_BACK,
};

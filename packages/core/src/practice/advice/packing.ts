import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { nextPacking, packingPlan } from '../../eccentric/packingPlan';
import { PACKED } from '../exercises/packing';
import type { Taken } from './taken';

/** What packing can be measured to, mm. */
const STEP = 0.05;
/** Half a turn, give or take, rad. */
const NEARLY = 0.2;

export function packing(taken: readonly Taken[]): Phrase {
  const now = taken.at(-1)?.packing ?? 0;
  const { made } = packingPlan({
    diameter: PACKED.diameter,
    throw: PACKED.wanted,
    jaws: 'narrow',
    step: STEP,
  });
  if (now === 0) return ['Make packing of ', length(made, STEP), ' for jaw 1, and hold the bar on it.'];
  const here = taken.filter((one) => (one.packing ?? 0) === now);
  const pair = here.flatMap((a) => here.filter((b) => halfTurn(a, b)).map((b) => [a, b] as const)).at(-1);
  if (!pair) return ['Take the needle with jaw 1 under it, turn the spindle half round, and take it again.'];
  const swing = Math.abs(pair[0].reading - pair[1].reading);
  const { throwNow, packing: next, change } = nextPacking({ packing: now, wanted: PACKED.wanted, swing });
  if (Math.abs(throwNow - PACKED.wanted) <= PACKED.limit / 2)
    return ['It swings ', length(swing, 0.01), ', a throw of ', length(throwNow, 0.01), ': leave it.'];
  return [
    'It swings ',
    length(swing, 0.01),
    ', a throw of ',
    length(throwNow, 0.01),
    '. Make the packing ',
    length(Math.abs(change), STEP),
    change > 0 ? ' thicker: ' : ' thinner: ',
    length(next, STEP),
    '.',
  ];
}

const halfTurn = (a: Taken, b: Taken): boolean =>
  Math.abs(Math.abs(Math.atan2(Math.sin(a.spindle - b.spindle), Math.cos(a.spindle - b.spindle))) - Math.PI) <
  NEARLY;

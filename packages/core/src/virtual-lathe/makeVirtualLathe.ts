import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';
import { seeded } from '../machine/seeded';
import type { Lathe } from '../machine/lathe';
import { actOn } from './act';
import type { Against, LatheAction, Seen } from './actions';
import { drawFaults, LEVELS, type Level } from './faults/draw';
import type { FaultId, Faults } from './faults/registry';
import { LatheState } from './lathe';
import { gaugeOn, standsOff, watched } from './measure/measure';
import type { ConeGauge } from './measure/coneGauge';
import { Hands } from './moves';
import { PRACTICE_LATHE } from './practiceLathe';
import { sceneOf, type Scene } from './scene';
import { USUAL_LEVEL } from './usual';

export interface VirtualLatheRequest {
  readonly seed: number;
  /** 0 does as it is told, 5 has everything at its worst; 3 where it is not said. */
  readonly level?: Level | undefined;
  /** Faults that are given instead of drawn. */
  readonly faults?: Readonly<Partial<Record<FaultId, number>>> | undefined;
  /** What its owner knows of it. */
  readonly lathe?: Lathe | undefined;
}

/** A lathe whose faults are hidden. */
export interface VirtualLathe {
  readonly lathe: Lathe;
  /** Does one thing, and gives what eye, hand and instrument tell of it. */
  act(action: LatheAction): Seen;
  /** Everything done so far, in order: the same list on the same seed is the same run. */
  readonly log: readonly LatheAction[];
  /** Spent so far. */
  readonly seconds: number;
  /** What anybody sees who stands before it: to be drawn. */
  scene(): Scene;
  /** The needle while it is watched: no action, and no part of the run. */
  watch(on: Against): number;
  /** What a dial shows. */
  dial(handle: 'carriage' | 'cross' | 'compound'): number;
  /** The truth, at the end. */
  reveal(): Truth;
}

export interface Truth {
  readonly faults: Faults;
  /** Where its devices really stand. */
  readonly attachmentAngle: number;
  readonly compoundAngle: number;
  readonly setOver: number;
  /** The work's own axis from the spindle's: along jaw 1 and jaw 2. */
  readonly offset: { readonly x: number; readonly y: number };
  /** The piece, cold, as it really is: radius along z, from the chuck's face. */
  readonly outline: (side: 'outside' | 'inside', z: number) => number;
  /** From its line, with a true gauge on the cold piece: less than nothing is past it; null where it does not touch. */
  readonly standOff: (
    gauge: ConeGauge,
    of: { readonly line: number; readonly from: number; readonly to: number },
  ) => number | null;
}

/**
 * A lathe to practise on and to prove advice with: it moves, cuts metal off a real outline, can be measured, swept and tried
 * in a gauge, and does what its hidden faults make of it. The same seed is the same lathe on every machine. Errors:
 * out-of-range.
 *
 * @example
 * makeVirtualLathe({ seed: 7, level: 0 }).reveal().faults.crossLash
 * // → 0
 */
export function makeVirtualLathe(request: VirtualLatheRequest): VirtualLathe {
  const { seed, level = USUAL_LEVEL, faults = {}, lathe = PRACTICE_LATHE } = request;
  finite(seed, 'seed');
  if (!LEVELS.includes(level))
    throw new AnelloError('out-of-range', 'level', 'A level is a whole number from 0 to 5.');
  const drawn = drawFaults(seeded(seed ^ HIDDEN), level, faults);
  const state = new LatheState(lathe, drawn, seed);
  const hands = new Hands(state);
  const log: LatheAction[] = [];
  return {
    lathe,
    log,
    act(action) {
      const seen = actOn(state, hands, action);
      log.push(action);
      return seen;
    },
    get seconds() {
      return state.seconds;
    },
    scene: () => sceneOf(state),
    watch: (on) => watched(state, on),
    dial: (handle) => hands.dialOf(handle),
    reveal: () => truthOf(state, drawn),
  };
}
/** Faults and the scatter of the day are drawn from seeds of their own. */
const HIDDEN = 0x5bd1e995;

function truthOf(state: LatheState, faults: Faults): Truth {
  const { piece, held } = state;
  return {
    faults,
    attachmentAngle: state.attachment.trueAngle,
    compoundAngle: state.swung,
    setOver: state.setOver,
    offset: held ? { ...held.jaws.offset } : { x: 0, y: 0 },
    outline: (side, z) => (piece && held ? piece.radius(side, state.index(z)) : 0),
    standOff(gauge, { line, from, to }) {
      const { side } = state.tool;
      const fit = gaugeOn(state, side, gauge, [from, to], 1);
      return fit && standsOff(side, gauge, fit, line);
    },
  };
}

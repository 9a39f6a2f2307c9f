import type { Against, Tried } from '../actions';
import type { LatheState } from '../lathe';
import { GRID, type Side } from '../metal/piece';
import { marked, pushedHome, shaken, type ConeGauge, type GaugeFit } from './coneGauge';

/** What a micrometer shows and a needle stands on, mm. */
const STEP = 0.001;
const stepped = (value: number): number => Math.round(value / STEP) * STEP;
/** A test bar's radius. */
const TEST_BAR = 15;

/** What the needle of an indicator in the tool post stands on: larger is nearer. */
function standsOn(state: LatheState, on: Against): number {
  if (on === 'barrel') return state.setOver;
  const { z, x } = state.at;
  const swing = (state.faults.spindle / 2) * Math.cos(state.spindleAt);
  const surface = SURFACES[on](state, z);
  // In a bore the wall comes nearer as it is smaller.
  return (on === 'bore' ? -1 : 1) * (state.axis(z) + surface + swing - x);
}
const SURFACES: Readonly<Record<Exclude<Against, 'barrel'>, (state: LatheState, z: number) => number>> = {
  'test-bar': () => TEST_BAR,
  master: ({ master }, z) => (master ? master.radius + (z - master.z) * master.slope : TEST_BAR),
  work: (state, z) => surfaceAt(state, 'work', z),
  bore: (state, z) => surfaceAt(state, 'bore', z),
};
const shownOf = ({ faults, needleZero }: LatheState, follows: number): number =>
  (follows - faults.stick - needleZero) * Math.cos(faults.lever);

/** The needle as it is read, with its unrest. */
export function needle(state: LatheState, on: Against): number {
  const follows = state.needle.follow(standsOn(state, on) + state.faults.stick);
  return stepped(shownOf(state, follows) + state.faults.needle * state.normal());
}

/** The needle as it is watched: looking at it changes nothing. */
export const watched = (state: LatheState, on: Against): number =>
  shownOf(state, state.needle.wouldStand(standsOn(state, on) + state.faults.stick));

function surfaceAt(state: LatheState, on: 'work' | 'bore', z: number): number {
  const { piece, held, turning } = state;
  if (!piece || !held || !turning) return TEST_BAR;
  const side: Side = on === 'bore' ? 'inside' : 'outside';
  const { x, y } = turning[side];
  return piece.surface(side, state.index(z), x, y, state.spindleAt) * state.warmth.grown;
}

/** Across the piece, warm as it is, by a micrometer that is off its zero by what it is. */
export function across(state: LatheState, at: number, side: Side, direction: number): number {
  const { piece, faults, warmth } = state;
  if (!piece) return 0;
  const size = piece.across(side, state.index(at), direction) * warmth.grown;
  return stepped(size + faults.micrometer + faults.feel * state.normal());
}

/** A gauge pushed home on the piece as it is. `from` and `to` are its cone's ends on the bed. */
export function gaugeOn(
  state: LatheState,
  side: Side,
  gauge: ConeGauge,
  [from, to]: readonly [number, number],
  grown: number,
): GaugeFit | null {
  const { piece } = state;
  if (!piece) return null;
  const external = side === 'outside';
  const [a, b] = [state.index(Math.min(from, to)), state.index(Math.max(from, to))];
  const places = Array.from({ length: b - a + 1 }, (_, k) => a + k);
  return pushedHome(
    {
      s: places.map((i) => toward(side, gauge) * state.zOf(i, GRID)),
      r: places.map((i) => piece.radius(side, i) * grown),
      member: external ? 'external' : 'internal',
    },
    gauge,
  );
}
/** Counted toward the large end: of a shank that is at the headstock, of a bore at its mouth. */
const toward = (side: Side, gauge: ConeGauge): 1 | -1 => gauge.toward ?? (side === 'outside' ? -1 : 1);

/** How far a gauge's line stands from where it should: more than nothing is metal still on. */
export const standsOff = (side: Side, gauge: ConeGauge, { at }: GaugeFit, line: number): number => {
  const wanted = toward(side, gauge) * line;
  return side === 'outside' ? wanted - at : at - wanted;
};

/** The same tried by a hand: read, seen and felt. */
export function tryGauge(
  state: LatheState,
  gauge: ConeGauge,
  line: number,
  [from, to]: readonly [number, number],
): Tried {
  const { tool, faults, warmth } = state;
  const none: Tried = { standOff: null, bands: null, shake: 'both', rock: null };
  const fit = gaugeOn(state, tool.side, gauge, [from, to], warmth.grown);
  if (!fit) return none;
  const stands = standsOff(tool.side, gauge, fit, line);
  const touches = fit.large <= fit.small ? 'large' : 'small';
  const gap = Math.max(fit.large, fit.small);
  const distance = 0.8 * fit.together;
  const swing = (2 * gap * distance) / fit.together;
  return {
    standOff: Math.round((stands + faults.standOff * state.normal()) * 100) / 100,
    bands: marked(fit),
    shake: shaken(fit, () => state.normal()),
    rock: swing > 0.01 ? { touches, swing: stepped(swing + 0.003 * state.normal()), distance } : null,
  };
}

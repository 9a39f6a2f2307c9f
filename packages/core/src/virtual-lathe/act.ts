import { AnelloError } from '../basics/error';
import { finite, notNegative, positive } from '../basics/check';
import type { DeviceId, LatheAction, Seen } from './actions';
import type { LatheState } from './lathe';
import type { Side } from './metal/piece';
import { holdPiece, packPiece, reseat } from './hold';
import { groundForm } from './metal/form';
import { polish } from './metal/polish';
import { ballOver, overRollers } from './measure/rounds';
import { across, needle, tryGauge, watched } from './measure/measure';
import type { Hands } from './moves';

type Doing = {
  readonly [K in LatheAction['do']]: (
    state: LatheState,
    hands: Hands,
    action: Extract<LatheAction, { do: K }>,
  ) => Seen;
};

type Checking = {
  readonly [K in LatheAction['do']]: (state: LatheState, action: Extract<LatheAction, { do: K }>) => void;
};

/** What each thing takes a practised hand, s, besides the time a slide needs. */
const TAKES: Readonly<Partial<Record<LatheAction['do'], number>>> = {
  hold: 90,
  tool: 60,
  raise: 60,
  touch: 15,
  set: 120,
  nudge: 40,
  barrel: 60,
  engage: 20,
  jaw: 8,
  indicate: 6,
  sweep: 20,
  height: 30,
  pack: 240,
  cloth: 15,
  measure: 25,
  try: 75,
  rule: 10,
  ball: 60,
  rollers: 120,
  'turn-to': 4,
};
/** A hand moves a device to an indicator within about this, mm, standard deviation. */
const NUDGED_TO = 0.0012;
/** A degree scale is read to this part of its division, standard deviation. */
const SCALE_READ = 0.12;
/** Tailstock marks are told apart to this, mm. */
const MARKS_READ = 0.02;
/** A rule that leans shows the edge's height to this, mm, standard deviation. */
const HEIGHT_READ = 0.03;
/** As far as each can be set at all: rad, or mm of set-over. */
const MOST_SET: Readonly<Record<DeviceId, number>> = {
  attachment: Math.PI / 4,
  compound: Math.PI / 2,
  tailstock: 50,
};
/** Balls and rollers as they are to be had, mm. */
const ROUNDS = { least: 1, most: 100 };
function upTo(value: number, most: number, field: string, what: string): void {
  if (Math.abs(finite(value, field)) > most)
    throw new AnelloError('out-of-range', field, `${what} does not go so far.`);
}
function round(diameter: number): void {
  if (!(finite(diameter, 'diameter') >= ROUNDS.least && diameter <= ROUNDS.most))
    throw new AnelloError(
      'out-of-range',
      'diameter',
      `Balls and rollers are had from ${ROUNDS.least} to ${ROUNDS.most} mm.`,
    );
}
/** A place of the piece that stands out, the jaws hide the rest; and inside there is a bore to be measured. */
function canBeMeasured(state: LatheState, { at, side }: { readonly at: number; readonly side: Side }): void {
  const { held, piece } = state;
  if (!held || !piece) return;
  if (!(finite(at, 'at') >= 0 && at <= held.out))
    throw new AnelloError('out-of-range', 'at', 'The work does not stand out there.');
  if (side === 'inside' && !(piece.radius('inside', state.index(at)) > 0))
    throw new AnelloError('out-of-range', 'side', 'There is no bore there to be measured.');
}
/** A barrel runs out so far where its lathe does not say, mm. */
const BARREL_REACH = 80;
/** What a hand cannot do is refused before it takes any time: it is no part of the run. */
const CHECKS: Partial<Checking> = {
  set: (_, { device, to }) => upTo(to, MOST_SET[device], 'to', 'Its scale'),
  barrel({ barrel, lathe }, { by }) {
    const to = barrel + finite(by, 'by');
    if (to < 0 || to > (lathe.tailstock?.barrelReach ?? BARREL_REACH))
      throw new AnelloError('out-of-range', 'by', 'The barrel does not go so far.');
  },
  measure: canBeMeasured,
  rule: canBeMeasured,
  ball: (_, { diameter }) => round(diameter),
  rollers({ held }, { diameter, blocks }) {
    round(diameter);
    if (notNegative(blocks, 'blocks', 'The blocks') > (held?.out ?? 0))
      throw new AnelloError('out-of-range', 'blocks', 'The work does not stand out so far.');
  },
};
/** A rule is read to this, mm. */
const RULE = 0.25;
const seenOf = (reading: number | null): Seen => (reading === null ? {} : { reading });
/** What a jaw is turned by differs from what was meant by this part of it. */
const JAW_TURNED = 0.08;

const DOING: Doing = {
  hold: (state, _, action) => holdPiece(state, action),
  tool: (state, _, { side, nose, barDiameter, form }) => {
    state.tool = {
      side,
      nose: positive(nose, 'nose', 'The nose'),
      barDiameter: barDiameter ?? null,
      form: form ? groundForm(form, state.faults.formDepth) : null,
    };
    state.wear = 0;
    state.builtUp = 0;
    return {};
  },
  pack: (state, _, { by }) => packPiece(state, finite(by, 'by')),
  master: (state, _, { z, radius, slope }) => {
    positive(radius, 'radius', 'The radius');
    state.master = { z: finite(z, 'z'), radius, slope: finite(slope, 'slope') };
    return {};
  },
  raise: (state, _, { by }) => {
    state.height += finite(by, 'by');
    return {};
  },
  turn: (_, hands, { handle, by, feed }) => ({ chips: hands.turn(handle, finite(by, 'by'), feed) }),
  'turn-to': (_, hands, { handle, to, feed }) => ({ chips: hands.turnTo(handle, finite(to, 'to'), feed) }),
  touch: (_, hands) => ({ chips: hands.touch() }),
  spindle: (state, _, { turns }) => {
    state.turns = Math.max(0, finite(turns, 'turns'));
    return {};
  },
  spin: (state, _, { to, by = 0 }) => {
    state.spindleAt = finite(to ?? state.spindleAt, 'to') + finite(by, 'by');
    return {};
  },
  set: (state, _, { device, to }) => {
    SETS[device](state, to);
    return {};
  },
  nudge: (state, _, { device, by, pivotLength }) => {
    NUDGES[device](state, finite(by, 'by') + NUDGED_TO * state.normal(), pivotLength ?? 0);
    return {};
  },
  barrel: (state, _, { by }) => {
    state.barrel += by;
    return {};
  },
  engage: (state, _, { on }) => {
    state.attachment.engage(on, bed(state), state.uniform());
    return {};
  },
  jaw: (state, _, { jaw, by, felt = false }) => {
    if (!state.held || ![1, 2, 3, 4].includes(jaw))
      throw new AnelloError('out-of-range', 'jaw', 'There are jaws 1 to 4, with a piece in them.');
    const turned = finite(by, 'by') * (1 + JAW_TURNED * state.normal());
    if (felt) state.held.jaws.meet(jaw);
    state.held.jaws.move(jaw, turned, state.normal());
    reseat(state);
    return {};
  },
  indicate: (state, _, { on }) => ({ reading: needle(state, on) }),
  zero: (state, _, { of, on = 'work' }) => {
    if (of === 'cross') state.crossZero = state.cross.dial;
    else state.needleZero += watched(state, on) / Math.cos(state.faults.lever);
    return {};
  },
  sweep: (state, hands, action) => ({ sweep: swept(state, hands, action) }),
  cloth: (state, _, { from, to }) => {
    polish(state, from, to);
    return {};
  },
  height: (state) => ({ reading: state.height + HEIGHT_READ * state.normal() }),
  measure: (state, _, { at, side, direction }) => ({
    reading: across(state, at, side, direction ?? 0),
  }),
  rule: (state, _, { at, side }) => ({
    reading: Math.round(across(state, at, side, 0) / RULE) * RULE,
  }),
  ball: (state, _, { diameter }) => seenOf(ballOver(state, diameter)),
  rollers: (state, _, { diameter, blocks }) => seenOf(overRollers(state, diameter, blocks)),
  try: (state, _, { gauge, line, from, to }) => ({ tried: tryGauge(state, gauge, line, [from, to]) }),
  wait: (_, hands, { seconds }) => {
    hands.spend(Math.max(0, finite(seconds, 'seconds')));
    return {};
  },
};

/** Does one thing. Errors: out-of-range, not-finite. */
export function actOn(state: LatheState, hands: Hands, action: LatheAction): Seen {
  (CHECKS[action.do] as ((s: LatheState, a: LatheAction) => void) | undefined)?.(state, action);
  hands.spend(TAKES[action.do] ?? 0);
  const doing = DOING[action.do] as (s: LatheState, h: Hands, a: LatheAction) => Seen;
  return doing(state, hands, action);
}

const bed = (state: LatheState): number => state.at.z;
const read = (state: LatheState, division: number): number => SCALE_READ * division * state.normal();

const SETS: Readonly<Record<DeviceId, (state: LatheState, to: number) => void>> = {
  attachment: (state, to) => state.attachment.set(to + read(state, ANGLE_DIVISION)),
  compound: (state, to) => {
    state.swung = to + state.faults.compoundAngle + read(state, state.lathe.compound?.division ?? DEGREE);
  },
  tailstock: (state, to) => {
    state.setOver = to + state.faults.tailstockOff + MARKS_READ * state.normal();
  },
};
const DEGREE = Math.PI / 180;
const ANGLE_DIVISION = DEGREE / 4;

/** Moved at a length from its pivot: an angle; the tailstock, across. */
const NUDGES: Readonly<Record<DeviceId, (state: LatheState, by: number, pivot: number) => void>> = {
  attachment: (state, by, pivot) => state.attachment.nudge(by, positive(pivot, 'pivotLength', 'The length')),
  compound: (state, by, pivot) => {
    state.swung += Math.sign(state.swung) * Math.atan(by / positive(pivot, 'pivotLength', 'The length'));
  },
  tailstock: (state, by) => {
    state.setOver += by;
  },
};

function swept(
  state: LatheState,
  hands: Hands,
  { on, handle, by, count }: Extract<LatheAction, { do: 'sweep' }>,
): NonNullable<Seen['sweep']> {
  const turning = state.turns;
  state.turns = 0;
  const [travel, reading]: [number[], number[]] = [[], []];
  const from = hands.dialOf(handle);
  const many = Math.max(2, Math.min(5000, Math.round(count)));
  for (let k = 0; k < many; k++) {
    if (k > 0) hands.turn(handle, by / (many - 1));
    travel.push(hands.dialOf(handle) - from);
    reading.push(needle(state, on));
  }
  state.turns = turning;
  return { travel, reading };
}

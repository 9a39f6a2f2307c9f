import { turningAt } from '../../basics/search';
import type { LatheState } from '../lathe';
import { GRID } from '../metal/piece';

/** A depth or a height micrometer over a ball or a roller shows and repeats to this, mm (standard deviation). */
const REPEATS = 0.002;
const STEP = 0.001;
const read = (state: LatheState, value: number): number =>
  Math.round((value + REPEATS * state.normal()) / STEP) * STEP;

/** Radius at a depth from the free end, warm as it is. */
function radiusAt(state: LatheState, side: 'outside' | 'inside', depth: number): number {
  const { piece, held, warmth } = state;
  if (!piece || !held) return 0;
  return piece.radius(side, state.index(held.out - depth)) * warmth.grown;
}

/** Places within a round of a radius about a depth, that lie in the piece. */
function* within(state: LatheState, at: number, radius: number): Generator<number> {
  const deep = state.held ? state.held.out + state.held.gripped : 0;
  const from = Math.max(0, Math.ceil((at - radius) / GRID) * GRID);
  for (let s = from; s <= Math.min(deep, at + radius); s += GRID) yield s;
}

/**
 * Where a ball comes to rest in a bore: the first depth of its middle at which r(s) = √(ρ² − (s − c)²) somewhere along the
 * wall. Gives its top over the face; null where it goes through.
 */
export function ballOver(state: LatheState, diameter: number): number | null {
  const ball = diameter / 2;
  const deep = state.held?.out ?? 0;
  const room = (c: number): number => {
    let least = Infinity;
    for (const s of within(state, c, ball))
      least = Math.min(
        least,
        radiusAt(state, 'inside', s) - Math.sqrt(Math.max(0, ball ** 2 - (s - c) ** 2)),
      );
    return least;
  };
  let [clear, touches] = [-ball, NaN];
  for (let c = -ball; c <= deep; c += ball / COARSE) {
    if (room(c) <= 0) {
      touches = c;
      break;
    }
    clear = c;
  }
  if (Number.isNaN(touches)) return null;
  const [, first] = turningAt((c) => room(c) > 0, clear, touches, HALVINGS);
  return read(state, ball - first);
}
const COARSE = 8;
const HALVINGS = 24;

/** Across two rollers against a cone, their middles so far from its free end as blocks and roller make it. */
export function overRollers(state: LatheState, diameter: number, blocks: number): number | null {
  const roller = diameter / 2;
  const c = blocks + roller;
  let out = -Infinity;
  for (const s of within(state, c, roller))
    out = Math.max(out, radiusAt(state, 'outside', s) + Math.sqrt(Math.max(0, roller ** 2 - (s - c) ** 2)));
  return Number.isFinite(out) ? read(state, 2 * (out + roller)) : null;
}

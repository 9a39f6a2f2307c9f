import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { throwFromPacking } from '../eccentric/packingPlan';
import type { LatheAction, Seen } from './actions';
import type { LatheState } from './lathe';
import { FourJaw } from './mechanics/fourJaw';
import { Piece } from './metal/piece';

/** A piece set by eye in a four-jaw stands off by up to this, mm. */
const BY_EYE = 1.2;

/** Puts a piece in: by what holds it, it stands so far off the axis. Errors: out-of-range. */
export function holdPiece(
  state: LatheState,
  { by, blank, out, centre }: Extract<LatheAction, { do: 'hold' }>,
): Seen {
  if (blank) {
    positive(blank.diameter, 'blank.diameter', 'The diameter');
    positive(blank.length, 'blank.length', 'The length');
    state.piece = new Piece(blank, state.faults.oval, 2 * Math.PI * state.uniform());
  }
  const { piece } = state;
  if (!piece) throw new AnelloError('empty', 'blank', 'There is no piece to hold yet.');
  positive(out, 'out', 'What stands out');
  if (out > piece.blank.length)
    throw new AnelloError('out-of-range', 'out', 'More stands out than the piece is long.');
  const size = by === 'centres' ? 0 : by === 'four-jaw' ? BY_EYE * state.uniform() : state.faults.rehold / 2;
  const direction = 2 * Math.PI * state.uniform();
  const offset = { x: size * Math.cos(direction), y: size * Math.sin(direction) };
  state.held = {
    by,
    out,
    gripped: by === 'centres' ? 0 : piece.blank.length - out,
    supported: centre === true || by === 'centres',
    jaws: new FourJaw(offset, state.faults.jawLash),
  };
  state.turning = {
    outside: piece.begin('outside', -offset.x, -offset.y),
    inside: piece.begin('inside', -offset.x, -offset.y),
  };
  return {};
}

/** The work has gone across in its jaws: what is turned from now on is about another axis of it. */
export function reseat(state: LatheState): void {
  const { piece, held } = state;
  if (!piece || !held) return;
  const { x, y } = held.jaws.offset;
  state.turning = { outside: piece.begin('outside', -x, -y), inside: piece.begin('inside', -x, -y) };
}

/** Packed under jaw 1 the piece stands off by what narrow jaws make of it, and as far as any clamping leaves it. Errors: empty, out-of-range, impossible. */
export function packPiece(state: LatheState, by: number): Seen {
  const { piece, held } = state;
  if (!piece || held?.by !== 'three-jaw')
    throw new AnelloError('empty', 'by', 'There is no piece in a three-jaw to be packed.');
  const packing = state.packing + by;
  if (packing < 0) throw new AnelloError('out-of-range', 'by', 'There is not so much packing in.');
  const { diameter } = piece.blank;
  const off = packing > 0 ? throwFromPacking({ diameter, packing, jaws: 'narrow' }) : 0;
  state.packing = packing;
  const size = (state.faults.rehold / 2) * RECLAMPED * state.uniform();
  const direction = 2 * Math.PI * state.uniform();
  held.jaws.offset.x = -off + size * Math.cos(direction);
  held.jaws.offset.y = size * Math.sin(direction);
  reseat(state);
  return {};
}
/** The same jaws on the same piece find it again to this part of what another piece is off by. */
const RECLAMPED = 0.2;

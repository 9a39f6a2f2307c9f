import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
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

import type { EccentricWayId } from '../../ways/eccentric/way';
import type { Phrase } from '../../figure/phrase';
import type { Holding, HoldingBy, Wrong } from '../piece/line';
import type { Piece } from '../piece/piece';

/** A way of holding the piece, with all there is to know of it: a family, one file each. */
export interface KindOfHolding {
  readonly by: HoldingBy;
  /** As it is said: "In the three-jaw". */
  readonly name: string;
  /** Jaws or a collet close on the outside. */
  readonly jaws: boolean;
  /** A face is free for facing and for what comes from the tailstock. */
  readonly faceFree: boolean;
  /** The tailstock holds it: a set-over tilts its axis, and nothing else. */
  readonly onCentres: boolean;
  /** The way of making an eccentric that is done in it. */
  readonly eccentricWay?: EccentricWayId;
  /** Minutes to set the piece over in it, off the spindle's axis; null where it cannot be. */
  setOver(piece: Piece): number | null;
  /** To put the piece in and find its axis. */
  readonly minutes: number;
  /** What stands at this holding, whatever is done in it. */
  readonly caution: string;
  /** How it is held and found true, in a sentence with its figures. */
  say(piece: Piece, holding: Holding): Phrase;
  /** What is wrong with holding the piece so as it stands. */
  wrong(piece: Piece, holding: Holding): Wrong[];
}

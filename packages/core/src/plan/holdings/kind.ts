import type { EccentricWayId } from '../../ways/eccentric/way';
import type { Phrase } from '../../figure/phrase';
import type { Holding, HoldingBy, Wrong } from '../piece/line';
import type { End } from '../../taper/task';
import type { Placed } from '../piece/laid';
import type { Piece } from '../piece/piece';
import type { Shell, Spot } from './shell';

/** A way of holding it that might be next. */
export type Offer = Pick<Shell, 'grips' | 'on' | 'centre'>;

/** Jaws closing at a place, with no centre. */
export const closing = ({ grips, on }: Spot): Offer => ({ grips, on, centre: false });

/** A centre in the free end, where there is one. */
export const atFreeEnd = ({ toward, centre }: Pick<Holding, 'toward' | 'centre'>): readonly End[] =>
  centre ? [toward] : [];

/** A way of holding the piece, with all there is to know of it: a family, one file each. */
export interface KindOfHolding {
  readonly by: HoldingBy;
  /** As it is said: "In the three-jaw". */
  readonly name: string;
  /** Jaws or a collet close on the outside. */
  readonly jaws: boolean;
  /** It closes all round, and springs nothing out of round. */
  readonly closesAllRound?: boolean;
  /** Driven by a carrier on the work itself, at the spindle's end. */
  readonly byCarrier?: boolean;
  /** A face is free for facing and for what comes from the tailstock. */
  readonly faceFree: boolean;
  /** The tailstock holds it: a set-over tilts its axis, and nothing else. */
  readonly onCentres: boolean;
  /** The way of making an eccentric that is done in it. */
  readonly eccentricWay?: EccentricWayId;
  /** Ends of the piece that a centre stands in. */
  centresIn(holding: Pick<Holding, 'toward' | 'centre'>): readonly End[];
  /** Each axis of the piece has centres of its own here: what is off the axis spoils nothing that is on it. */
  readonly ownCentres?: boolean;
  /** The thread it is drawn home by, where it has one. */
  drawbar?(piece: Piece, holding: Pick<Holding, 'toward'>): Placed | undefined;
  /** How it is drawn where that is not by jaws: in a socket, or on a bar through it. */
  drawn?(piece: Piece): 'socket' | 'bar' | undefined;
  /** Everywhere the piece could be held so, of the places where jaws could close. */
  offers(piece: Piece, toward: End, spots: readonly Spot[]): readonly Offer[];
  /** Whether the axis of what was cut before is kept by holding it so. */
  keepsAxis?(piece: Piece, holding: Pick<Holding, 'toward'>): boolean;
  /** What shows its axis, where that is not for the eye to choose. */
  clocks?(piece: Piece, holding: Pick<Holding, 'toward'>): Placed | undefined;
  /** Minutes to set the piece over in it, off the spindle's axis; null where it cannot be. */
  setOver(piece: Piece): number | null;
  /** Whether what it is held in has to be made first. */
  makesFirst?(piece: Piece, holding: Pick<Holding, 'toward'>): boolean;
  /** To put the piece in and find its axis. */
  readonly minutes: number;
  /** What a good hand looks at before the first cut in it. */
  readonly lookFirst: readonly string[];
  /** What stands at this holding, whatever is done in it. */
  readonly caution: string;
  /** How it is held and found true, in a sentence with its figures. */
  say(piece: Piece, holding: Holding): Phrase;
  /** What is wrong with holding the piece so as it stands. */
  wrong(piece: Piece, holding: Holding): Wrong[];
}

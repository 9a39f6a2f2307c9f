import type { Phrase } from '../../figure/phrase';
import type { Device } from '../../machine/lathe';
import type { FeatureKind } from '../../part/kinds/registry';
import type { Member } from '../../taper/task';
import type { Way } from '../../ways/taper/way';
import type { Laid, Placed } from '../piece/laid';
import type { Holding, HoldingBy, OperationKind, PlanOperation, Wrong } from '../piece/line';
import type { Piece } from '../piece/piece';
import { figures, type Card } from './card';

/** The moment before an operation: the piece, how it is held, and what this holding has seen so far. */
export interface Moment {
  readonly piece: Piece;
  readonly holding: Holding;
  readonly operation: PlanOperation;
  /** Parts of the lathe that stand set for a taper, by the way that set them. */
  readonly set: ReadonlyMap<Device, Way>;
  /** What ran on the part's own axis in this holding, and what ran off it. */
  readonly onAxis: boolean;
  readonly offAxis: boolean;
  readonly parted: boolean;
  readonly hard: boolean;
}

/** A kind of operation, with all there is to know of it: a family, one file each. */
export interface KindOfOperation {
  readonly kind: OperationKind;
  readonly name: string;
  /** Worked on an end, on features, or on the piece as it is. */
  readonly on: 'end' | 'features' | 'piece';
  /** What it can be done to; nothing where it is not for features. */
  readonly works: readonly { readonly kind: FeatureKind; readonly side?: Member }[];
  /** It takes metal off on the lathe, so not from hardened work, nor under the jaws. */
  readonly cuts: boolean;
  /** Done away from the lathe: whatever holds the piece there, jaws and centres are not in its way. */
  readonly away: boolean;
  /** So short that a tailstock set over does not show in it. */
  readonly short: boolean;
  /** It has a loop of its own: its way, its setting, its cut and its proof. */
  readonly loop: boolean;
  /** It can be done to a feature that is finished, at a price that it says itself. */
  readonly touchesUp: boolean;
  /** The work is moved in its jaws for it, off their axis. */
  readonly setsOver: boolean;
  /** Done to every piece when all else is. */
  readonly closes: boolean;
  /** What it leaves the piece as, for good: off the bar, or too hard to cut. */
  readonly leavesIt?: 'parted' | 'hard';
  /** What a good hand looks at before starting. */
  readonly before: readonly string[];
  /** Its place among the others of a holding: smaller comes first. */
  rank(laid: Laid, section: Placed | null, by: HoldingBy): number;
  /** It is brought up by the tailstock. */
  fromTailstock(laid: Laid, section: Placed | null, by: HoldingBy): boolean;
  /** Whether a proposal does it to this feature, of those that it can work. */
  needed(laid: Laid, section: Placed): boolean;
  /** Whether the feature is finished by it. */
  finishes(laid: Laid, section: Placed): boolean;
  /** What is wrong with doing it now, besides what is wrong with any operation. */
  wrong(moment: Moment, section: Placed | null): Wrong[];
  /** The piece after it. */
  after(moment: Moment, section: Placed | null): Piece;
  /** The way whose device it leaves set. */
  leaves(laid: Laid, section: Placed | null, by: HoldingBy): Way | null;
  /** In one line, with its figures. */
  say(laid: Laid, section: Placed | null, moment: Moment): Phrase;
  /** What it is worked by at the machine, with the same figures as its line. */
  card(laid: Laid, section: Placed | null, moment: Moment): Card;
  /** What is laid out for it before it is begun. */
  tools(laid: Laid, section: Placed | null, moment: Moment): readonly Phrase[];
  /** At the machine, for one piece. */
  minutes(laid: Laid, section: Placed | null, moment: Moment): number;
  /** To set the lathe for it; a batch done operation by operation spends it once. */
  setUp(laid: Laid, section: Placed | null, by: HoldingBy): number;
}

/** What most operations are: nothing that any need not say. */
export const PLAIN: Omit<KindOfOperation, 'kind' | 'name' | 'on' | 'rank' | 'say' | 'minutes'> = {
  works: [],
  cuts: true,
  closes: false,
  setsOver: false,
  touchesUp: false,
  loop: false,
  away: false,
  short: false,
  before: [],
  fromTailstock: () => false,
  needed: () => false,
  finishes: () => false,
  wrong: () => [],
  after: ({ piece }) => piece,
  leaves: () => null,
  setUp: () => 0,
  tools: () => [],
  card: () => figures([]),
};

/** Whether a kind of operation can be done to a feature at all. */
export const canWork = (
  { works }: Pick<KindOfOperation, 'works'>,
  feature: { readonly kind: FeatureKind; readonly side: string },
): boolean =>
  works.some((one) => one.kind === feature.kind && (one.side === undefined || one.side === feature.side));

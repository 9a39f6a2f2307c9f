import type { Blank, Side } from './metal/piece';
import type { ConeGauge } from './measure/coneGauge';
import type { Contact } from '../gauging/contact';
import type { Shaken } from '../evidence/evidence';

/** Lengths mm, angles rad, z from the chuck's face toward the tailstock, x from the axis toward the operator. */
export type HandleId = 'carriage' | 'cross' | 'compound';
export type DeviceId = 'attachment' | 'compound' | 'tailstock';
/** What an indicator runs on from the tool post; on the tailstock's barrel it stands on the bed. */
export type Against = 'work' | 'bore' | 'test-bar' | 'master' | 'barrel';

/** Everything that is done at the lathe: a run is the list of them, and the same list does the same again. */
export type LatheAction =
  /** Puts a blank in, or the same piece again where none is given, with so much of it out of the jaws. */
  | {
      readonly do: 'hold';
      readonly by: 'three-jaw' | 'four-jaw' | 'centres';
      readonly blank?: Blank;
      readonly out: number;
      /** A centre at its free end. */
      readonly centre?: boolean;
    }
  | {
      readonly do: 'tool';
      readonly side: Side;
      readonly nose: number;
      /** Of a boring bar. */
      readonly barDiameter?: number;
      /** Of a form tool, as it is drawn: how far back its edge stands from its foremost point, over places along the axis. */
      readonly form?: readonly { readonly z: number; readonly back: number }[];
    }
  /** Packing under jaw 1 of a three-jaw, made so much thicker; the piece is held anew. */
  | { readonly do: 'pack'; readonly by: number }
  /** A master cone put in where the work goes: its radius at a place, and what that grows by toward the tailstock. */
  | { readonly do: 'master'; readonly z: number; readonly radius: number; readonly slope: number }
  /** The tool raised in its post by so much. */
  | { readonly do: 'raise'; readonly by: number }
  /** Turns a handle by what its dial shows; a cut is taken wherever the edge meets metal while the spindle turns. */
  | { readonly do: 'turn'; readonly handle: HandleId; readonly by: number; readonly feed?: number }
  /** To a figure of its dial, as near as a hand sets it. */
  | { readonly do: 'turn-to'; readonly handle: HandleId; readonly to: number; readonly feed?: number }
  /** The cross-slide fed until the edge just touches; its dial is set to nothing there. */
  | { readonly do: 'touch' }
  | { readonly do: 'spindle'; readonly turns: number }
  /** The spindle by hand: to an angle, or on by one. */
  | { readonly do: 'spin'; readonly to?: number; readonly by?: number }
  /** A device by its own scale: rad, or mm of set-over. */
  | { readonly do: 'set'; readonly device: DeviceId; readonly to: number }
  /** By an indicator at its end: mm there, at a length from its pivot; more is steeper. */
  | { readonly do: 'nudge'; readonly device: DeviceId; readonly by: number; readonly pivotLength?: number }
  /** The tailstock's barrel run farther out, its body clamped anew so that the centre bears, mm. */
  | { readonly do: 'barrel'; readonly by: number }
  | { readonly do: 'engage'; readonly on: boolean }
  /** A jaw screw turned: more tightens. Counted from where the jaw meets the work where the hand feels for that first. */
  | { readonly do: 'jaw'; readonly jaw: number; readonly by: number; readonly felt?: boolean }
  | { readonly do: 'indicate'; readonly on: Against }
  /** The needle is set to nothing where it stands; a dial is. */
  | { readonly do: 'zero'; readonly of: 'needle' | 'cross'; readonly on?: Against }
  /** The needle all along while a handle is turned: so many readings, evenly. */
  | {
      readonly do: 'sweep';
      readonly on: Against;
      readonly handle: HandleId;
      readonly by: number;
      readonly count: number;
    }
  /** A strip of fine cloth along the turning work, once there and back between two places. */
  | { readonly do: 'cloth'; readonly from: number; readonly to: number }
  /** The edge held against a centre, or a rule nipped between it and the work: above centre is more than nothing. */
  | { readonly do: 'height' }
  | { readonly do: 'measure'; readonly at: number; readonly side: Side; readonly direction?: number }
  /** By a rule laid across: to a quarter of a millimetre. */
  | { readonly do: 'rule'; readonly at: number; readonly side: Side }
  /** A ball let into the bore at its mouth: its top over the face, less than nothing inside. Nothing where it goes through. */
  | { readonly do: 'ball'; readonly diameter: number }
  /** Across two rollers against the cone, each on blocks of a height that stand on the face at its free end. */
  | { readonly do: 'rollers'; readonly diameter: number; readonly blocks: number }
  /** Pushed home: its line should come to stand at this z. */
  | {
      readonly do: 'try';
      readonly gauge: ConeGauge;
      readonly line: number;
      readonly from: number;
      readonly to: number;
    }
  | { readonly do: 'wait'; readonly seconds: number };

/** What is seen of a move of the tool. */
export interface Chips {
  /** Chips, dust of rubbing, or nothing. */
  readonly seen: 'cutting' | 'rubbing' | 'none';
  /** Of the metal it went along, the part that is freshly cut: an eye sees it shine. */
  readonly fresh: number;
  /** It sounds. */
  readonly chatters: boolean;
}

/** A gauge tried on the piece: what a hand reads, sees and feels. */
export interface Tried {
  /** From the line it should stand at, read: more than nothing is metal still on. Null where it does not touch. */
  readonly standOff: number | null;
  readonly bands: Contact | null;
  readonly shake: Shaken;
  /** Rocked by hand: the end it turns about, and the swing clocked at a distance from there; null where it is firm. */
  readonly rock: {
    readonly touches: 'large' | 'small';
    readonly swing: number;
    readonly distance: number;
  } | null;
}

/** What an action shows: nothing but what eye, hand and instrument can tell. */
export interface Seen {
  readonly chips?: Chips;
  /** Needle, micrometer or dial, mm. */
  readonly reading?: number;
  readonly sweep?: { readonly travel: readonly number[]; readonly reading: readonly number[] };
  readonly tried?: Tried;
}

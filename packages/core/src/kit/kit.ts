import type { Material } from './material';
import { USUAL_MATERIALS } from './materials/usual';
import type { Checked } from './checkDue';
import type { Instrument } from './instrument';

/** A set of gauge blocks, mm; wear blocks stand at the two ends of every stack. */
export interface BlockSet extends Checked {
  readonly name: string;
  readonly sizes: readonly number[];
  /** One wear block's size, or none. */
  readonly wear?: number | undefined;
}

/** A plug, reamer or good shank that a setting is copied from. */
export interface Master extends Checked {
  readonly name: string;
  readonly ratio: number;
  /** Length of cone that can be swept. */
  readonly length: number;
  /** ISO date it was last proved, if ever. */
  readonly provedOn?: string | undefined;
}

export interface SineBar extends Checked {
  readonly name: string;
  /** Between the roller centres. */
  readonly length: number;
}

/** A block with one pin at the origin and others that make slopes with it. */
export interface PinBlockOwned {
  readonly name: string;
  readonly holes: readonly { readonly name: string; readonly x: number; readonly y: number }[];
}

export interface TaperReamer {
  readonly name: string;
  readonly ratio: number;
  readonly length: number;
}

/** A boring tool, as it limits what can be bored. */
export interface BoringBar {
  readonly name: string;
  readonly diameter: number;
  /** Longest it can stand out of its holder. */
  readonly reach: number;
  /** From the bar's axis to the cutting point. */
  readonly pointOffset: number;
  /** From the cutting edge down to the tool's heel. */
  readonly edgeDepth: number;
  /** Front clearance, rad. */
  readonly clearance: number;
  readonly material: 'steel' | 'carbide';
}

/** What a shop owns besides its lathes, as the core computes with it; lengths mm. */
export interface Kit {
  readonly blocks: readonly BlockSet[];
  readonly masters: readonly Master[];
  readonly sineBars: readonly SineBar[];
  readonly pinBlocks: readonly PinBlockOwned[];
  readonly taperReamers: readonly TaperReamer[];
  readonly boringBars: readonly BoringBar[];
  readonly instruments: readonly Instrument[];
  readonly drills: readonly number[];
  readonly reamers: readonly number[];
  readonly rollers: readonly number[];
  readonly balls: readonly number[];
  /** The shop's table of materials; the usual one until it has its own. */
  readonly materials: readonly Material[];
}

/** A shop that has not said what it owns. */
export const NO_KIT: Kit = {
  blocks: [],
  masters: [],
  sineBars: [],
  pinBlocks: [],
  taperReamers: [],
  boringBars: [],
  instruments: [],
  drills: [],
  reamers: [],
  rollers: [],
  balls: [],
  materials: USUAL_MATERIALS,
};

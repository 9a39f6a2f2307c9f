import type { Grade } from '../../taper/grade';
import type { Phrase } from '../../figure/phrase';
import type { Kit } from '../../kit/kit';
import type { Material, ToolMaterial } from '../../kit/material';
import type { Lathe } from '../../machine/lathe';
import type { Feature } from '../../part/kinds/registry';
import type { End } from '../../taper/task';

export const STOCK_SHAPES = ['round', 'hex', 'square'] as const;

/** The bar a part is made from; across the flats for hex and square, mm. */
export interface Stock {
  readonly shape: (typeof STOCK_SHAPES)[number];
  readonly across: number;
  readonly length: number;
  /** A hole right through it, where it is a tube or a blank that has one. */
  readonly bore?: number | undefined;
}

/** How far a bar reaches across its corners, for each measure across its flats. */
const CORNERS = { round: 1, hex: 2 / Math.sqrt(3), square: Math.SQRT2 } as const;
export const acrossCorners = ({ shape, across }: Stock): number => across * CORNERS[shape];

/** A part with all that its line of work is worked out from. */
export interface PlanPart {
  readonly features: readonly Feature[];
  readonly stock: Stock;
  readonly quantity: number;
  readonly lathe: Lathe;
  readonly kit: Kit;
  /** Way chosen by feature id; the recommended one where none is said. */
  readonly ways?: Readonly<Record<string, string>> | undefined;
  /** How true each taper is to be, by feature id: the usual grade where it is not said. */
  readonly tolerances?:
    Readonly<Record<string, { readonly grade: Grade; readonly coneZone?: number | undefined }>> | undefined;
  /** What it is of, and what the tools are; the first of the shop's table and high-speed steel where it is not said. */
  readonly material?: Material | undefined;
  readonly tool?: ToolMaterial | undefined;
  /** Deepest roughing cut on radius, and what is left on a cone on diameter, mm; usual ones where they are not said. */
  readonly cut?: { readonly roughDepth: number; readonly allowance: number } | undefined;
  /** Tapers cut on the setting of their mate, by feature id. */
  readonly matched?: readonly string[] | undefined;
  /** Hardened when it is turned, to this hardness, HRC; left as it is where it is not said. */
  readonly harden?: number | undefined;
}

export const HOLDING_BY = [
  'three-jaw',
  'four-jaw',
  'collet',
  'between-centres',
  'own-taper',
  'mandrel',
] as const;
export type HoldingBy = (typeof HOLDING_BY)[number];

/** In the order they are usually done in one holding. */
export const OPERATION_KINDS = [
  'face',
  'centre',
  'drill',
  'counterbore',
  'bore',
  'ream',
  'tap',
  'turn',
  'groove',
  'plunge',
  'chamfer',
  'thread',
  'staircase',
  'curve',
  'taper',
  'eccentric',
  'finish',
  'mill',
  'cross-drill',
  'harden',
  'inspect',
  'part-off',
] as const;
export type OperationKind = (typeof OPERATION_KINDS)[number];

export interface PlanOperation {
  readonly id: string;
  readonly kind: OperationKind;
  readonly features: readonly string[];
  /** The end a face or a centre is at. */
  readonly end?: End | undefined;
}

/** One holding of the piece, with what is done in it in order. */
export interface Holding {
  readonly id: string;
  readonly by: HoldingBy;
  /** What the jaws cover on the part's own z; below 0 or past its length where stock is left to hold by; null where none do. */
  readonly grips: { readonly from: number; readonly to: number } | null;
  /** The end of the part, as drawn, that faces the tailstock. */
  readonly toward: End;
  /** A tailstock centre supports it. */
  readonly centre: boolean;
  /** What is clocked to find the axis again, and how true, mm of needle swing. */
  readonly trueTo?: { readonly feature: string; readonly limit: number } | undefined;
  readonly operations: readonly PlanOperation[];
}

export const FINDING_CODES = [
  'under-the-jaws',
  'behind-the-jaws',
  'wrong-end',
  'centre-in-the-way',
  'needs-centres',
  'no-centre-hole',
  'no-room-for-carrier',
  'centre-lost',
  'not-its-kind',
  'not-of-the-part',
  'done-already',
  'hole-spoiled',
  'no-hole',
  'no-blank',
  'no-counterbore',
  'no-staircase',
  'runs-into-stock',
  'not-faced',
  'compound-swung',
  'tailstock-over',
  'bar-engaged',
  'off-axis',
  'parted-already',
  'nothing-to-part',
  'hard-already',
  'edges-broken',
  'measured-already',
  'jaws-on-finished',
  'jaws-on-nothing',
  'jaws-too-wide',
  'spindle-too-small',
  'chuck-too-small',
  'short-grip',
  'not-round',
  'stands-out',
  'slender',
  'twists-off',
  'thin-wall',
  'not-clocked',
  'not-held',
  'no-drawbar',
  'axis-lost',
  'bar-in-the-way',
  'unfinished',
  'end-not-faced',
  'no-way',
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];
export type Level = 'impossible' | 'risk' | 'note';

/** What an order does wrong, before it is known where. */
export interface Wrong {
  readonly code: FindingCode;
  readonly level: Level;
  readonly said: Phrase;
}

/** What an order of work does wrong, and where. */
export interface Finding {
  readonly code: FindingCode;
  readonly level: Level;
  readonly holding: string;
  readonly operation: string | null;
  readonly sentence: string;
  /** The same with its figures left as figures. */
  readonly phrase: Phrase;
}

export const impossible = (code: FindingCode, said: Phrase): Wrong => ({ code, level: 'impossible', said });
export const risk = (code: FindingCode, said: Phrase): Wrong => ({ code, level: 'risk', said });

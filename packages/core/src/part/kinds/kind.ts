import type { Phrase } from '../../figure/phrase';
import type { Base, Side } from './base';
import type { DetailBase, Ground, Lie } from './detail';
import type { Outline } from './outline';

/** A figure a drawing gives a feature: which one, what it is called, and what it is. */
export interface FeatureFigure {
  readonly key: string;
  readonly label: string;
  readonly dimension?: 'length' | 'angle' | 'taper' | 'number';
}

interface Known<F extends { readonly kind: string }> {
  readonly kind: F['kind'];
  /** What it is called on screen. */
  readonly name: string;
  /** Where it can lie, the usual one first. */
  readonly sides: readonly [Side, ...Side[]];
  /** Its figures in the order a drawing gives them. */
  readonly figures: readonly FeatureFigure[];
  /** How much it is what a part is about, most first; nothing for what only stands beside. */
  readonly chief?: number;
  /** What jaws that close on it finished do: mark it, or centre nothing by it. Where it is not said they may. */
  readonly inJaws?: 'marked' | 'off-centre';
  /** Its tool runs on past its end: into a groove, where there is one. */
  readonly runsOut?: true;
  /** Round the part's own axis all along: a needle is run on it, and inside a mandrel holds in it, in a tapped hole a screwed one. */
  readonly runsTrue?: true;
  /** The jaws of a chuck hold by it when it is finished. */
  readonly heldBy?: true;
  /** What an inspection measures of it; nothing of what has a gauge or a proof of its own. */
  readonly measured?: 'diameter' | 'across';
  /** What it wants before a job about it can be worked out, in a sentence. */
  readonly needs?: string;
}

/** A kind of feature that takes its length of the axis: they follow one another along it. */
export interface LengthKind<F extends { readonly kind: string }> extends Known<F> {
  readonly detail?: undefined;
  /** What a new one has besides a name and a side. */
  readonly begins: Omit<F, keyof Base | 'kind'>;
  /** The drawn shape. Errors: underdetermined, impossible, inconsistent, at the feature's field. */
  outline(feature: F): Outline;
}

/** A kind of feature that lies on what the others leave: a corner, a face, a length of one of them. */
export interface DetailKind<F extends { readonly kind: string }> extends Known<F> {
  readonly detail: {
    /** It lies on one other feature, which it names. */
    readonly onFeature: boolean;
    /** What its end is called where it is chosen. */
    readonly end: string;
    /** How it is drawn on the part. */
    readonly drawn: 'flat' | 'corner' | 'centre' | 'hole';
  };
  readonly begins: Omit<F, keyof DetailBase | 'kind'>;
  /** Where it lies on the part as laid. Errors: as outline; not-found for what it is to lie on. */
  lies(feature: F, ground: Ground): Lie;
  /** Its size in a few characters; empty while a figure is missing. */
  summary(feature: F): Phrase;
}

/** A kind of feature, with all there is to know of it: a family, one file each. */
export type KindOfFeature<F extends { readonly kind: string }> = LengthKind<F> | DetailKind<F>;

export const DIAMETER: FeatureFigure = { key: 'diameter', label: 'Diameter' };
export const LENGTH: FeatureFigure = { key: 'length', label: 'Length' };

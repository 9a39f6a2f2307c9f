import type { SuspectFigure } from '../suspect';
import type { Base, Side } from './base';
import type { Outline } from './outline';

/** A figure a drawing gives a feature: which one, what it is called, and what it is. */
export interface FeatureFigure {
  readonly key: string;
  readonly label: string;
  readonly dimension?: 'length' | 'angle' | 'taper';
}

/** A kind of feature, with all there is to know of it: a family, one file each. */
export interface KindOfFeature<F extends { readonly kind: string }> {
  readonly kind: F['kind'];
  /** What it is called on screen. */
  readonly name: string;
  /** Where it can lie, the usual one first. */
  readonly sides: readonly [Side, ...Side[]];
  /** Its figures in the order a drawing gives them. */
  readonly figures: readonly FeatureFigure[];
  /** What a new one has besides a name and a side. */
  readonly begins: Omit<F, keyof Base | 'kind'>;
  /** How much it is what a part is about, most first; nothing for what only stands beside. */
  readonly chief?: number;
  /** What it wants before a job about it can be worked out, in a sentence. */
  readonly needs?: string;
  /** The drawn shape. Errors: underdetermined, impossible, inconsistent, at the feature's field. */
  outline(feature: F): Outline;
  /** What looks like a slip among its figures; nothing while they do not settle it. */
  mixUps?(feature: F): SuspectFigure[];
}

export const DIAMETER: FeatureFigure = { key: 'diameter', label: 'Diameter' };
export const LENGTH: FeatureFigure = { key: 'length', label: 'Length' };

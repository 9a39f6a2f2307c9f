import type { Behaviour, Tool } from './behaviours/behaviour';
import type { Standing } from './follow';

/** A tool with where things stand under it now, and its share among the tools of its behaviour. */
export interface Belief {
  readonly tool: Tool;
  readonly at: Standing;
  readonly weight: number;
}

/** What the passes say of one behaviour. */
export interface Learned {
  readonly behaviour: Behaviour;
  readonly beliefs: readonly Belief[];
  /** How much it is believed; with `misfit` they add to one. */
  readonly weight: number;
  /** How well it foretold the passes against the behaviour that did best, 0 to 1. */
  readonly standing: number;
}

export interface Knowledge {
  readonly behaviours: readonly Learned[];
  /** How much it is believed that none of them is what happened. */
  readonly misfit: number;
  /** Chances of going past that the passes so far took, added up. */
  readonly spent: number;
  readonly passes: number;
}

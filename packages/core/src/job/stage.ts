import type { Phrase } from '../figure/phrase';

/** The stages a piece goes through, whatever kind of job it is. */
export const STAGES = ['part', 'way', 'set', 'cut', 'prove', 'record'] as const;
export type Stage = (typeof STAGES)[number];

export interface StageState {
  readonly stage: Stage;
  readonly state: 'done' | 'now' | 'ahead';
  /** Why a change upstream has made this stage stale. */
  readonly stale: Phrase | null;
}

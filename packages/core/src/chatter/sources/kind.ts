import type { Phrase } from '../../figure/phrase';
import type { ChatterSetup } from '../setup';

/** A pitch that something here would make, and what to do about it. */
export interface Candidate {
  readonly id: string;
  /** What it would be, as a sentence begins. */
  readonly what: string;
  /** Where it would sound, Hz: from, and up to. */
  readonly from: number;
  readonly to: number;
  /** It follows the turns; what does not swings at a pitch of its own. */
  readonly driven: boolean;
  /** What would move it, and what each is worth, the one that is worth most first. */
  readonly todo: readonly Phrase[];
}

/** One source of sound: the pitches it would make here, none where it is not here. */
export type Source = (setup: ChatterSetup) => readonly Candidate[];

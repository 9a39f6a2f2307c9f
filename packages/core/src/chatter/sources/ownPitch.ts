import type { Phrase } from '../../figure/phrase';
import { beamFrequency, type Beam } from '../beam';
import { REAL_HOLDER } from '../usual';
import type { Candidate } from './kind';

/** What swings at a pitch of its own: from what a soft holder leaves of the ideal, to a little above it. */
export function ownPitch(id: string, what: string, beam: Beam, todo: readonly Phrase[]): Candidate {
  const hz = beamFrequency(beam);
  return { id, what, from: hz * REAL_HOLDER.from, to: hz * REAL_HOLDER.to, driven: false, todo };
}

import { count } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { beamStiffness, type Beam } from '../beam';
import type { Source } from './kind';
import { ownPitch } from './ownPitch';

/** The piece at its own pitch, as it stands out of what holds it. */
export const work: Source = ({ work: beam }) =>
  beam ? [ownPitch('work', 'The work’s own pitch', beam, moves(beam))] : [];

function moves(beam: Beam): Phrase[] {
  const propped = beamStiffness({ ...beam, held: 'one end and a centre' }) / beamStiffness(beam);
  const shorter = beamStiffness({ ...beam, length: 0.8 * beam.length }) / beamStiffness(beam);
  const found: Phrase[] = [];
  if (beam.held === 'one end') found.push(['A centre at its end: ', count(propped, 1), ' times as stiff']);
  else found.push(['A steady in the middle, or the gib of the tailstock’s barrel nipped']);
  found.push(
    ['A fifth shorter out of what holds it: ', count(shorter, 0.1), ' times as stiff'],
    ['A smaller nose, more lead on the edge, slower'],
  );
  return found;
}

import type { Phrase } from '../../figure/phrase';
import { PLATE } from '../usual';
import type { Candidate } from './kind';

/** What comes so many times in a turn, as well as the plate's speed is known. */
export function follows(
  {
    id,
    what,
    times,
    turns,
  }: { readonly id: string; readonly what: string; readonly times: number; readonly turns: number },
  todo: readonly Phrase[],
): Candidate {
  const hz = (times * turns) / 60;
  return { id, what, from: hz * (1 - PLATE), to: hz * (1 + PLATE), driven: true, todo };
}

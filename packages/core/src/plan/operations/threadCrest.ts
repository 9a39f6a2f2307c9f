import { PROFILES } from '../../thread/form';
import { threadLimits, usualClass } from '../../thread/limits';
import type { Placed } from '../piece/laid';
import { veeOf } from './sizes';
import { CREST_SHORT } from '../piece/usual';

/** What the crest of a thread may be, which is what its blank is turned or bored to: by its usual class where it has one. mm. */
export function threadCrest(section: Placed): { readonly least: number; readonly most: number } {
  const thread = veeOf(section);
  const usual = usualClass(thread.form, section.side);
  if (usual) return threadLimits(thread, usual).crest;
  const short = CREST_SHORT * thread.pitch;
  if (section.side === 'external') return { least: thread.diameter - short, most: thread.diameter };
  const inside = thread.diameter - 2 * PROFILES[thread.form].overlap * thread.pitch;
  return { least: inside, most: inside + short };
}

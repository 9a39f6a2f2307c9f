import { PROFILES } from '../../thread/form';
import type { End } from '../../taper/task';
import type { Laid, Placed } from '../piece/laid';
import { SAME } from '../piece/usual';
import { veeOf } from './sizes';

/** What stands on the spindle's side of a section, on its own side of the metal; nothing where it is the bare end or solid. */
const behindIt = ({ sections }: Laid, s: Placed, free: End): Placed | undefined =>
  sections.find(
    (one) => one.side === s.side && Math.abs(free === 'tailstock' ? one.z1 - s.z0 : one.z0 - s.z1) <= SAME,
  );

/** Whether the tool comes out of a thread where it ends, as it is fed to the spindle: into something below its root. */
export function comesOut(laid: Laid, s: Placed, free: End): boolean {
  const { form, pitch } = veeOf(s);
  const behind = behindIt(laid, s, free);
  const root = s.largest - PROFILES[form].depth * pitch;
  if (s.side === 'external') return behind !== undefined && behind.smallest <= root + SAME;
  return behind !== undefined && behind.smallest >= s.largest - SAME;
}

import type { Thread } from '../../part/kinds/thread';
import type { Placed } from '../piece/laid';

/** A thread as it is called, where it has a designation. */
export const threadName = (section: Placed): string | null =>
  (section.feature as Thread).designation.trim() || null;

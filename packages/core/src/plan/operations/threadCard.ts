import type { Placed } from '../piece/laid';
import type { ThreadCard } from './card';
import { threadName } from './threadName';
import { veeOf } from './sizes';

/** What a thread is cut or tapped by. */
export const threadCard = (section: Placed): ThreadCard => ({
  kind: 'thread',
  thread: veeOf(section),
  title: threadName(section) ?? section.feature.name,
  side: section.side,
  along: section.z1 - section.z0,
});

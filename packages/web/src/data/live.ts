import type { Here, LiveEvent } from '@anello/contract';
import { tryOnScopeDispose, useEventBus, useWebSocket } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref, watch } from 'vue';
import { useJob } from './stores/job';
import { useOutbox } from './stores/outbox';
import { usePreferences } from './stores/preferences';

/** Tried again so often while the server is away, ms. */
const AGAIN = 2000;
/** A burst of changes is asked for once, ms: well within the second in which it is to be seen. */
const TOGETHER = 150;

const bus = useEventBus<LiveEvent>('anello-live');

/** Calls back on what other screens have kept, of the kinds that are asked for; several at once are one call. */
export function useChanges(kinds: readonly LiveEvent['is'][], changed: () => void): void {
  let timer: ReturnType<typeof setTimeout> | null = null;
  const stop = bus.on((event) => {
    if (!kinds.includes(event.is)) return;
    timer ??= setTimeout(() => {
      timer = null;
      changed();
    }, TOGETHER);
  });
  tryOnScopeDispose(() => {
    stop();
    if (timer) clearTimeout(timer);
  });
}

/** The line to the server on which it tells what other screens have kept, and who else has this job open. */
export const useLive = defineStore('live', () => {
  const job = useJob();
  const outbox = useOutbox();
  const preferences = usePreferences();
  /** Who else has the job open that is on this screen, a screen each. */
  const others = ref<readonly string[]>([]);
  /** The job whose place is on this screen; none on the rack and elsewhere. */
  const at = ref<string | null>(null);
  /** Something may have been kept since this screen last listened. */
  let missed = false;

  const line = useWebSocket(`${location.origin.replace(/^http/, 'ws')}/api/live`, {
    immediate: false,
    autoReconnect: { delay: AGAIN },
    onConnected() {
      sayHere();
      // What was told meanwhile was told to nobody here; and what waits can go.
      if (missed || job.state === 'ready') take({ is: 'all' });
      missed = false;
      void outbox.flush();
    },
    onDisconnected() {
      missed = true;
      others.value = [];
    },
    onMessage(_socket, { data }) {
      take(JSON.parse(String(data)) as LiveEvent);
    },
  });

  function sayHere(): void {
    if (line.status.value !== 'OPEN') return;
    const here: Here = { is: 'here', job: at.value, who: preferences.operator };
    line.send(JSON.stringify(here));
  }
  watch([at, () => preferences.operator], () => {
    others.value = [];
    sayHere();
  });

  function take(event: LiveEvent): void {
    if (event.is === 'present') others.value = event.job === at.value ? event.others : [];
    else if (event.is === 'record') job.hear(event.record as Parameters<typeof job.hear>[0]);
    else if (event.is === 'all' || (event.is === 'job' && event.id === job.id))
      void job.refresh(event.is === 'job' ? event.version : null);
    bus.emit(event);
  }

  return { at, others, open: line.open, close: line.close, status: line.status };
});

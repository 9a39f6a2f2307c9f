import type { CoordinateTable, ErrorData } from '@anello/core';
import { onUnmounted, ref, watch, type Ref } from 'vue';
import { plain } from '../lib/db';
import type { TableAnswer, TableJob } from '../workers/curveTable.worker';

export interface CurveTable {
  readonly table: Ref<CoordinateTable | null>;
  readonly error: Ref<ErrorData | null>;
  readonly busy: Ref<boolean>;
}

/** A table of steps kept up to date by a worker; a newer question ends the older one. */
export function useCurveTable(request: () => TableJob | null): CurveTable {
  const table = ref<CoordinateTable | null>(null);
  const error = ref<ErrorData | null>(null);
  const busy = ref(false);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    busy.value = false;
  }
  watch(
    request,
    (job) => {
      stop();
      error.value = null;
      if (!job) {
        table.value = null;
        return;
      }
      busy.value = true;
      worker = new Worker(new URL('../workers/curveTable.worker.ts', import.meta.url), { type: 'module' });
      worker.onmessage = ({ data }: MessageEvent<TableAnswer>): void => {
        table.value = data.table;
        error.value = data.error;
        stop();
      };
      worker.onerror = (event): void => {
        stop();
        table.value = null;
        throw new Error(`The table could not be worked out: ${event.message}`);
      };
      worker.postMessage(plain(job));
    },
    { immediate: true },
  );
  onUnmounted(stop);
  return { table, error, busy };
}

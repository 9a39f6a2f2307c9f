import type { CoordinateTable } from '@anello/core/curve';
import type { TableJob } from './curveTable.worker';
import { useWorkerTask, type WorkerTask } from '../../data/worker/useWorkerTask';

/** A table of steps kept up to date by a worker. */
export const useCurveTable = (question: () => TableJob | null): WorkerTask<CoordinateTable> =>
  useWorkerTask(
    () => new Worker(new URL('./curveTable.worker.ts', import.meta.url), { type: 'module' }),
    question,
  );

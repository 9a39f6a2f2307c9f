import type { OffsetPath } from '@anello/core/curve';
import type { PathJob } from './nosePath.worker';
import { useWorkerTask, type WorkerTask } from '../../data/worker/useWorkerTask';

/** The path of a nose along a curve kept up to date by a worker. */
export const useNosePath = (question: () => PathJob | null): WorkerTask<OffsetPath> =>
  useWorkerTask(
    () => new Worker(new URL('./nosePath.worker.ts', import.meta.url), { type: 'module' }),
    question,
  );

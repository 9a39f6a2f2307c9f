import { AnelloError } from '@anello/core/basics';
import { onUnmounted, ref, type Ref } from 'vue';
import { newest } from '../../data/newest';
import { askWorker, type Asked } from '../../data/worker/askWorker';
import type { DxfRequest } from './readDxf';
import type { ReadProfile } from './readProfile';
import type { FileJob } from './profileFile.worker';

/** Larger than any drawing of one profile: a photograph, or a whole machine. */
const LARGEST_MB = 20;

export interface ProfileFile {
  /** How much of the file has been read, 0 to 1; null while none is being read. */
  readonly part: Ref<number | null>;
  /** The profile in a file; null when it was called off. Errors: unreadable, out-of-range. */
  read(file: File, how: DxfRequest): Promise<ReadProfile | null>;
  stop(): void;
}

/** Profiles read from files by a worker. */
export function useProfileFile(): ProfileFile {
  const part = ref<number | null>(null);
  let asked: Asked<ReadProfile> | null = null;
  const question = newest();

  function stop(): void {
    question.drop();
    asked?.stop();
    asked = null;
    part.value = null;
  }
  async function read(file: File, how: DxfRequest): Promise<ReadProfile | null> {
    stop();
    const counts = question();
    if (file.size > LARGEST_MB * 1e6)
      throw new AnelloError(
        'out-of-range',
        'file',
        `That file is over ${LARGEST_MB} MB: no drawing of a profile is.`,
      );
    part.value = 0;
    try {
      const job = await jobOf(file, how);
      if (!counts()) return null;
      const worker = new Worker(new URL('./profileFile.worker.ts', import.meta.url), {
        type: 'module',
      });
      asked = askWorker<ReadProfile>(worker, job, (done) => (part.value = done));
      const answer = await asked.answer;
      if (!answer) return null;
      if (answer.error) throw new AnelloError(answer.error.code, answer.error.field, answer.error.phrase);
      return answer.found;
    } finally {
      if (counts()) part.value = null;
    }
  }
  onUnmounted(stop);
  return { part, read, stop };
}

async function jobOf(file: File, how: DxfRequest): Promise<FileJob> {
  const text = await file.text();
  if (/\.svg$/i.test(file.name)) {
    const { svgShapes } = await import('./svgShapes');
    return { format: 'svg', drawing: svgShapes(text), how };
  }
  return { format: /\.csv$/i.test(file.name) ? 'csv' : 'dxf', text, how };
}

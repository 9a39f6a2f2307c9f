import { plain } from '../db';
import type { Answer, Told } from './answer';

export interface Asked<Found> {
  /** What it found or what to say of the question; null once it was stopped. Fails when the worker itself did. */
  readonly answer: Promise<Answer<Found> | null>;
  stop(): void;
}

/** One question to a worker of its own, which ends with its answer; how far it is may be told meanwhile, 0 to 1. */
export function askWorker<Found>(
  worker: Worker,
  question: object,
  onPart?: (part: number) => void,
): Asked<Found> {
  let stop = (): void => undefined;
  const answer = new Promise<Answer<Found> | null>((resolve, reject) => {
    stop = () => {
      worker.terminate();
      resolve(null);
    };
    worker.onmessage = ({ data }: MessageEvent<Told<Found>>): void => {
      if ('part' in data) return onPart?.(data.part);
      worker.terminate();
      resolve(data);
    };
    worker.onerror = (event): void => {
      worker.terminate();
      reject(new Error(`It could not be worked out: ${event.message}`));
    };
    worker.postMessage(plain(question));
  });
  return { answer, stop };
}

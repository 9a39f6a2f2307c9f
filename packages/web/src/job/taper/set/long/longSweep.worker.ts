import { answered } from '../../../../data/worker/answer';
import { judgedSweep, type LongQuestion } from './judgedSweep';

/** Reads and judges off the page's own thread. */
self.onmessage = ({ data }: MessageEvent<LongQuestion>): void =>
  self.postMessage(answered(() => judgedSweep(data, (part) => self.postMessage({ part }))));

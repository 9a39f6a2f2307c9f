import { answered } from '../../../../data/worker/answer';
import { readCone, type ConeQuestion } from './readCone';

/** Reads off the page's own thread. */
self.onmessage = ({ data }: MessageEvent<ConeQuestion>): void =>
  self.postMessage(answered(() => readCone(data, (part) => self.postMessage({ part }))));

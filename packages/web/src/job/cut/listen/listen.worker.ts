import { answered } from '../../../data/worker/answer';
import { heardSound, type SoundQuestion } from './heardSound';

/** Listens off the page's own thread. */
self.onmessage = ({ data }: MessageEvent<SoundQuestion>): void =>
  self.postMessage(answered(() => heardSound(data)));

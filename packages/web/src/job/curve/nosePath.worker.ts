import { offsetProfile } from '@anello/core/curve';
import { answered } from '../../data/worker/answer';

export type PathJob = Omit<Parameters<typeof offsetProfile>[0], 'cancelled'>;

/** Works the path of a nose out off the page's own thread; ending the worker calls it off. */
self.onmessage = ({ data }: MessageEvent<PathJob>): void =>
  self.postMessage(answered(() => offsetProfile(data)));

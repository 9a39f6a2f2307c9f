import { coordinateTable } from '@anello/core/curve';
import { answered } from '../../data/worker/answer';

export type TableJob = Parameters<typeof coordinateTable>[0];

/** Works a table of steps out off the page's own thread; ending the worker calls it off. */
self.onmessage = ({ data }: MessageEvent<TableJob>): void =>
  self.postMessage(answered(() => coordinateTable(data)));

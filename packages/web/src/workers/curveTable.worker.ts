import { AnelloError, coordinateTable, type CoordinateTable } from '@anello/core';

export type TableJob = Parameters<typeof coordinateTable>[0];
export type TableAnswer =
  | { readonly table: CoordinateTable; readonly error: null }
  | { readonly table: null; readonly error: ReturnType<AnelloError['toData']> };

/** Works a table of steps out off the page's own thread; ending the worker calls it off. */
self.onmessage = ({ data }: MessageEvent<TableJob>): void => {
  let answer: TableAnswer;
  try {
    answer = { table: coordinateTable(data), error: null };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    answer = { table: null, error: error.toData() };
  }
  self.postMessage(answer);
};

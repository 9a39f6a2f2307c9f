import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { bookFile } from '../db/files';

const THREAD = fileURLToPath(new URL('./copies/copying.js', import.meta.url));

/**
 * Copies a folder's book in a thread of its own: a thick one takes a while, and nobody at a lathe waits for it. A thread and
 * not a process: one that outlives a server killed in the middle would have the book open beside the next, and `npm run
 * torture` has seen the last thing kept before the kill gone by that.
 */
export function copyBeside(dataFolder: string, copy: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const thread = new Worker(THREAD, { workerData: { book: bookFile(dataFolder), copy } });
    thread.once('error', reject);
    thread.once('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`the copy’s thread ended with ${code}`)),
    );
  });
}

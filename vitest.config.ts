import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';

/** A machine that gives its processors to others may take five times as long as it does by itself. */
const TIMEOUT = 60_000;

/** Read as Node reads it and not as the runner rewrites it for mocks: twice as quick to read, and twice as quick to run. */
const READ_BY_NODE = /\/(packages\/(core|contract|server)\/src|proof|worked|bench|scripts)\/(?!.*\.test\.ts)/;
/** Tests drawn by chance leave much behind: with room for it, and no thread beside them to clear it away, they take a fifth less. */
const room = ['--min-semi-space-size=64', '--max-semi-space-size=128', '--single-threaded-gc'];
/** For coverage the runner must read all itself. */
const byNode = process.argv.includes('--coverage')
  ? {}
  : {
      pool: 'forks' as const,
      execArgv: ['--import', 'tsx', ...room],
      server: { deps: { external: [READ_BY_NODE] } },
    };

/** Figures come out the same every time or are wrong: no second try. They touch nothing of each other, so a file is read once for all tests. */
const figures = {
  ...byNode,
  name: 'figures',
  include: [
    'packages/core/**/*.test.ts',
    'packages/contract/**/*.test.ts',
    'scripts/**/*.test.ts',
    'proof/**/*.test.ts',
    'worked/**/*.test.ts',
    'packages/web/bundle/**/*.test.ts',
  ],
  testTimeout: TIMEOUT,
  isolate: false,
};

/** These open sockets, wait for timers and kill servers; a busy machine may fail one of them once, as with the journeys. */
const moving = { testTimeout: TIMEOUT, retry: 1 };

export default defineConfig({
  test: {
    // The runner leaves one processor free for a person at the keyboard; nobody is there.
    maxWorkers: availableParallelism(),
    projects: [
      { test: figures },
      // Each has a book of its own in a folder of its own; what a module holds, it holds of that book.
      {
        test: {
          ...moving,
          ...byNode,
          name: 'server',
          include: ['packages/server/**/*.test.ts'],
          isolate: false,
        },
      },
      {
        plugins: [vue()],
        // A page of its own for each file; what the screens are made of is read once for all of them. One environment for
        // all, or the runner begins a process anew wherever a file with another one comes next.
        test: {
          ...moving,
          name: 'web',
          environment: 'jsdom',
          include: ['packages/web/src/**/*.test.ts'],
          isolate: false,
          setupFiles: ['packages/web/src/testkit/eachFile.ts'],
        },
      },
    ],
  },
});

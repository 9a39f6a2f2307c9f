import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';

/** Figures come out the same every time or are wrong: no second try. */
const figures = [
  'packages/core/**/*.test.ts',
  'packages/contract/**/*.test.ts',
  'scripts/**/*.test.ts',
  'proof/**/*.test.ts',
];
/** These open sockets, wait for timers and kill servers; a busy machine may fail one of them once, as with the journeys. */
const moving = ['packages/web/**/*.test.ts', 'packages/server/**/*.test.ts'];

export default defineConfig({
  test: {
    // The runner leaves one processor free for a person at the keyboard; nobody is there.
    maxWorkers: availableParallelism(),
    projects: [
      // Pure figures touch nothing of each other: read once for all files.
      {
        plugins: [vue()],
        test: { name: 'figures', include: figures, testTimeout: 20_000, isolate: false },
      },
      { plugins: [vue()], test: { name: 'moving', include: moving, testTimeout: 20_000, retry: 1 } },
    ],
  },
});

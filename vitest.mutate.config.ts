import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

/** One project and no second tries: a change that is noticed once is noticed. */
export default defineConfig({
  plugins: [vue()],
  test: {
    include: ['packages/{core,contract,web}/src/**/*.test.ts', 'worked/**/*.test.ts'],
    // These look at all of the core at once and would make a minute's work of every change.
    exclude: ['**/publicFace.test.ts', '**/examples.test.ts', '**/onLathes.test.ts', '**/node_modules/**'],
    // These look at a file as it is written, and a changed one is written otherwise.
    testNamePattern: '^(?!the checked-in )',
    // One for all: a change is tried in one process, which would begin anew wherever the environment changes.
    environment: 'jsdom',
    setupFiles: ['packages/web/src/testkit/eachFile.ts'],
    isolate: false,
    testTimeout: 20_000,
  },
});

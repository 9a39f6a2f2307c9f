// What the screens are made of is read once for many files of tests: each begins in a browser that has kept nothing, with no
// store of the one before and nothing that one had put off.
import 'fake-indexeddb/auto';
import { afterAll, beforeAll, vi } from 'vitest';
import { emptyBench } from './emptyBench';
import { freshStores } from './freshStores';
import './looksSoon';

beforeAll(async () => {
  freshStores();
  await emptyBench();
});
afterAll(() => {
  vi.useRealTimers();
  // What was put off must not begin in the next file, before that has begun itself.
  freshStores();
  vi.unstubAllGlobals();
});

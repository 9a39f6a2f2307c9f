// npm run bench: the budgets, measured on this machine and printed as a table. Never part of a test.
import { ensureBuilt, ensureInstalled, run } from './lib.mjs';

ensureInstalled();
ensureBuilt();
run(process.execPath, ['--import', 'tsx', 'bench/bench.ts']);

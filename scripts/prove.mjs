// npm run prove [-- lathes [first seed [work …]]]: the advice and the trade's own way on the same hidden lathes, as a table.
import { ensureInstalled, run } from './lib.mjs';

ensureInstalled();
run(process.execPath, ['--import', 'tsx', 'proof/prove.ts', ...process.argv.slice(2)]);

// npm start: installs if needed, builds if stale, then serves; the server migrates and loads the demo shop.
import { spawn } from 'node:child_process';
import { ensureBuilt, ensureInstalled, root } from './lib.mjs';

ensureInstalled();
ensureBuilt();
const server = spawn(
  process.execPath,
  ['--import', 'tsx', 'packages/server/src/main.ts', ...process.argv.slice(2)],
  { cwd: root, stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 1));

// npm start: installs if needed, builds if stale, then serves; the server migrates and loads the demo shop.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { setInterval } from 'node:timers';
import { ensureBuilt, ensureInstalled, root, SERVER } from './lib.mjs';

/** The server's word that what went wrong goes with its process. */
const START_AGAIN = 75;
/** @type {import('node:child_process').ChildProcess | null} */
let server = null;
let stopping = false;

ensureInstalled();
ensureBuilt();
serve();

function serve() {
  // The channel closes when this process ends, however it ends, and the server with it.
  server = spawn(process.execPath, [SERVER, ...process.argv.slice(2)], {
    cwd: root,
    stdio: ['inherit', 'inherit', 'inherit', 'ipc'],
  });
  server.on('exit', (code) => {
    if (code === START_AGAIN && !stopping) setTimeout(serve, 1000);
    else process.exit(code ?? 1);
  });
}

function stop(signal) {
  stopping = true;
  server?.kill(signal);
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => stop(signal));

// npm itself may be killed without a word to its children: they are then given another parent.
const above = ancestors();
setInterval(() => {
  if (!stopping && ancestors().join() !== above.join()) stop('SIGTERM');
}, 1000).unref();

/** This process's parent and, where the system tells, that one's parent: npm starts a shell, the shell starts this. */
function ancestors() {
  const parent = process.ppid;
  if (!process.env.npm_lifecycle_event) return [parent];
  try {
    const stat = readFileSync(`/proc/${parent}/stat`, 'utf8');
    return [parent, Number(stat.slice(stat.lastIndexOf(')') + 4).split(' ')[0])];
  } catch {
    return [parent];
  }
}

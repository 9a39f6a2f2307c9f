// A command that takes what others leave of the processors: for what is asked of the sources and not of the running app.
import { Buffer } from 'node:buffer';
import { spawn } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { constants, setPriority } from 'node:os';
import { root } from './lib.mjs';

const LAST = constants.priority.PRIORITY_LOW;

/**
 * The last to be given a processor. Linux shares them out between sessions first and within each by priority, so the session
 * of the process is put last as well.
 * @param {number} pid of the first process of a session
 */
function putLast(pid) {
  try {
    setPriority(pid, LAST);
    writeFileSync(`/proc/${pid}/autogroup`, String(LAST));
  } catch {
    // It has ended, or this system shares otherwise: it is run as any other.
  }
}

// A signal that ends us without a word would leave what runs beside us behind.
for (const [signal, code] of /** @type {const} */ ([
  ['SIGINT', 130],
  ['SIGTERM', 143],
]))
  process.once(signal, () => process.exit(code));

/**
 * Runs a command to its end, in a session of its own that ends with ours; what it said is printed when it ends.
 * @param {string[]} command
 * @returns {Promise<boolean>} whether it went well
 */
export const ranLast = ([command = 'npm', ...args]) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, detached: true, stdio: ['ignore', 'pipe', 'pipe'] });
    const { pid } = child;
    const end = () => {
      try {
        if (pid) process.kill(-pid);
      } catch {
        // All of it has ended by itself.
      }
    };
    if (pid) putLast(pid);
    process.once('exit', end);
    /** @type {Buffer[]} */
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => said.push(part));
    /** @param {boolean} well */
    const ended = (well) => {
      process.off('exit', end);
      process.stdout.write(Buffer.concat(said));
      resolve(well);
    };
    child.once('error', () => ended(false));
    child.once('close', (code) => ended(code === 0));
  });

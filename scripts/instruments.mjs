// npm run instruments: the made-up instruments that ship with Anello, a process each, and a bridge that feeds them to it.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { ensureServerBuilt, ensureInstalled, root } from './lib.mjs';

const STAND_INS = ['indicator', 'readout', 'micrometer'];
const at = (/** @type {string} */ name) => `packages/server/dist/cli/${name}.js`;

ensureInstalled();
ensureServerBuilt();
const children = [];
const places = [];
for (const name of STAND_INS) {
  const child = begin(at('standIn'), ['--plays', name], 'pipe');
  const [said] = await once(child.stdout ?? child, 'data');
  process.stdout.write(String(said));
  places.push('--tcp', String(said).trim().split(' ').at(-1) ?? '');
}
begin(at('bridge'), [...places, ...process.argv.slice(2)], 'inherit');
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop);

/** @param {string} file @param {string[]} args @param {'pipe' | 'inherit'} out */
function begin(file, args, out) {
  const child = spawn(process.execPath, [file, ...args], {
    cwd: root,
    stdio: ['ignore', out, 'inherit', 'ipc'],
  });
  child.on('exit', (code) => code && stop(code));
  children.push(child);
  return child;
}

/** @param {unknown} [code] */
function stop(code) {
  for (const child of children) child.kill();
  process.exit(typeof code === 'number' ? code : 0);
}

// npm run instruments: the made-up instruments that ship with Anello, a process each, and a bridge that feeds them to it.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { ensureServerBuilt, ensureInstalled, root } from './lib.mjs';

const OPTIONS = process.argv.slice(2);
/** The indicator runs along a master, or with --spindle lies on work that is turned by hand. */
const STAND_INS = {
  indicator: OPTIONS.includes('--spindle') ? 'spindle' : 'indicator',
  readout: 'readout',
  micrometer: 'micrometer',
};
const at = (/** @type {string} */ name) => `packages/server/dist/cli/${name}.js`;

ensureInstalled();
ensureServerBuilt();
const children = [];
const places = [];
for (const [name, plays] of Object.entries(STAND_INS)) {
  const child = begin(at('standIn'), ['--name', name, '--plays', plays], 'pipe');
  const [said] = await once(child.stdout ?? child, 'data');
  process.stdout.write(String(said));
  places.push('--tcp', String(said).trim().split(' ').at(-1) ?? '');
}
begin(at('bridge'), [...places, ...OPTIONS.filter((one) => one !== '--spindle')], 'inherit');
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

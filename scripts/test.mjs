// npm test: everything, on a fresh clone: install, browser, types, lint, build, unit tests, torture, browser journeys.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensureInstalled, root } from './lib.mjs';

ensureInstalled();
ensureChromium();
const results = join(root, '.anello');
mkdirSync(results, { recursive: true });
// What an earlier run counted is not this one's.
for (const file of ['unit.json', 'e2e.json']) rmSync(join(results, file), { force: true });
const totals = { passed: 0, failed: 0 };
/** @type {string | null} */
let broken = null;

/**
 * @param {string[]} command
 * @returns {Promise<boolean>} whether it went well
 */
const ran = ([command = 'npm', ...args]) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit' });
    child.once('error', () => resolve(false));
    child.once('exit', (code) => resolve(code === 0));
  });

/**
 * Commands two at a time, as many as there are processors: the longest first, or one is left to itself at the end.
 * @param {string} name
 * @param {string[][]} commands
 */
async function step(name, commands) {
  if (broken) return;
  console.log(`\n== ${name}`);
  const began = Date.now();
  const waiting = [...commands];
  const failed = [];
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift())
      if (!(await ran(next))) failed.push(next.join(' '));
  };
  await Promise.all([lane(), lane()]);
  if (failed.length > 0) broken = failed.join(' and ');
  console.log(`== ${name}: ${Math.round((Date.now() - began) / 1000)} s`);
}

const read = (file) => {
  try {
    return JSON.parse(readFileSync(join(results, file), 'utf8'));
  } catch {
    return null;
  }
};

await step('types, lint and build', [
  ['npm', 'run', '--silent', 'lint:code'],
  ['npm', 'run', '--silent', 'build'],
  ['npm', 'run', '--silent', 'typecheck'],
  ['npm', 'run', '--silent', 'lint:folders'],
]);
// npm run torture takes as long as it is given, and waits for most of it: the tests have the processors meanwhile.
await step('unit tests and torture', [
  [
    'npx',
    'vitest',
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${join(results, 'unit.json')}`,
  ],
  [process.execPath, 'scripts/torture.mjs', '10'],
]);
const unit = read('unit.json');
totals.passed += unit?.numPassedTests ?? 0;
totals.failed += unit?.numFailedTests ?? 0;
// What the journeys' runner writes its counts to.
process.env['ANELLO_E2E_JSON'] = join(results, 'e2e.json');
await step('journeys', [[process.execPath, 'scripts/e2e.mjs']]);
const stats = read('e2e.json')?.stats;
totals.passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0);
totals.failed += stats?.unexpected ?? 0;

if (broken) console.error(`\nStopped at ${broken}`);
console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exit(broken || totals.failed > 0 ? 1 : 0);

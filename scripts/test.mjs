// npm test: everything, on a fresh clone: install, browser, types, lint, unit tests, build, browser journeys.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensureInstalled, root, run } from './lib.mjs';

ensureInstalled();
ensureChromium();
const results = join(root, '.anello');
mkdirSync(results, { recursive: true });
const totals = { passed: 0, failed: 0 };
/** @type {string | null} */
let broken = null;

function step(name, work) {
  if (broken) return;
  console.log(`\n== ${name}`);
  const began = Date.now();
  try {
    work();
  } catch (error) {
    broken = `${name}: ${error instanceof Error ? error.message : String(error)}`;
  }
  console.log(`== ${name}: ${Math.round((Date.now() - began) / 1000)} s`);
}

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
async function stepBeside(name, commands) {
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

// npm run torture takes as long as it is given. It builds what it tortures.
await stepBeside('types, lint, build and torture', [
  [process.execPath, 'scripts/torture.mjs', '20'],
  ['npm', 'run', '--silent', 'typecheck'],
  ['npm', 'run', '--silent', 'lint:code'],
  ['npm', 'run', '--silent', 'lint:folders'],
]);
step('unit tests', () => {
  try {
    run('npx', [
      'vitest',
      'run',
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${join(results, 'unit.json')}`,
    ]);
  } finally {
    const unit = read('unit.json');
    totals.passed += unit?.numPassedTests ?? 0;
    totals.failed += unit?.numFailedTests ?? 0;
  }
});
step('journeys', () => {
  try {
    run('node', ['scripts/e2e.mjs'], { env: { ...process.env, ANELLO_E2E_JSON: join(results, 'e2e.json') } });
  } finally {
    const stats = read('e2e.json')?.stats;
    totals.passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0);
    totals.failed += stats?.unexpected ?? 0;
  }
});

if (broken) console.error(`\nStopped at ${broken}`);
console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exit(broken || totals.failed > 0 ? 1 : 0);

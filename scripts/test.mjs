// npm test: everything, on a fresh clone: install, browser, build, unit tests, torture, browser journeys; types and lint beside
// them, on what they leave of the processors.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, root } from './lib.mjs';
import { ranLast } from './ranLast.mjs';

const results = join(root, '.anello');
mkdirSync(results, { recursive: true });
// What an earlier run counted is not this one's.
for (const file of ['unit.json', 'e2e.json']) rmSync(join(results, file), { force: true });
const totals = { passed: 0, failed: 0 };
/** @type {string[]} */
const broken = [];
const began = Date.now();
/** @param {number} since */
const seconds = (since) => `${Math.round((Date.now() - since) / 1000)} s`;

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
  if (broken.length > 0) return;
  console.log(`\n== ${name}`);
  const from = Date.now();
  const waiting = [...commands];
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift())
      if (!(await ran(next))) broken.push(next.join(' '));
  };
  await Promise.all([lane(), lane()]);
  console.log(`== ${name}: ${seconds(from)}`);
}

/** @param {string[]} scripts asked of the sources, one after another, on what the steps leave of the processors */
async function beside(...scripts) {
  if (broken.length > 0) return;
  for (const script of scripts)
    if (!(await ranLast(['npm', 'run', '--silent', script]))) broken.push(`npm run ${script}`);
}

const read = (file) => {
  try {
    return JSON.parse(readFileSync(join(results, file), 'utf8'));
  } catch {
    return null;
  }
};

// Debian's packages come while npm's do: the browser is wanted last.
const browser = ran([process.execPath, 'scripts/chromium.mjs']);
ensureInstalled();
const linted = beside('lint:code');
await step('build', [
  ['npm', 'run', '--silent', 'build:web'],
  ['npm', 'run', '--silent', 'build:server'],
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
await browser;
// Tests of figures leave nothing of the processors, a browser that is waited for leaves much.
const typed = beside('typecheck', 'lint:folders');
await step('journeys', [[process.execPath, 'scripts/e2e.mjs']]);
const stats = read('e2e.json')?.stats;
totals.passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0);
totals.failed += stats?.unexpected ?? 0;

const left = Date.now();
await Promise.all([linted, typed]);
console.log(`== types and lint, beside them: ${seconds(left)} more`);

if (broken.length > 0) console.error(`\nWent wrong: ${broken.join(' and ')}`);
console.log(`== all of it: ${seconds(began)}`);
console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exit(broken.length > 0 || totals.failed > 0 ? 1 : 0);

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
 * One command after another, until one fails.
 * @param {string[][]} commands
 * @returns {Promise<string | null>} the one that failed
 */
async function lane(commands) {
  for (const [command, ...args] of commands) {
    const code = await new Promise((resolve) => {
      const child = spawn(command ?? 'npm', args, { cwd: root, stdio: 'inherit' });
      child.once('error', () => resolve(1));
      child.once('exit', resolve);
    });
    if (code !== 0) return args.join(' ');
  }
  return null;
}

/**
 * Lanes beside one another: each keeps one processor busy and no more.
 * @param {string} name
 * @param {string[][][]} lanes
 */
async function stepBeside(name, lanes) {
  console.log(`\n== ${name}`);
  const began = Date.now();
  const failed = (await Promise.all(lanes.map(lane))).filter((end) => end !== null);
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

// Torture waits for most of its time, so it goes beside what computes; npm run torture takes as long as it is given.
// It builds what it tortures.
await stepBeside('types and lint; build and torture', [
  [
    ['npm', 'run', '--silent', 'typecheck'],
    ['npm', 'run', '--silent', 'lint'],
  ],
  [[process.execPath, 'scripts/torture.mjs', '20']],
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

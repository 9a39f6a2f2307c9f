// npm test: everything, on a fresh clone: install, browser, types, lint, unit tests, build, browser journeys.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensureInstalled, root, run } from './lib.mjs';

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
  try {
    work();
  } catch (error) {
    broken = `${name}: ${error instanceof Error ? error.message : String(error)}`;
  }
}

/**
 * Several of npm's scripts at once: each keeps one processor busy and no more.
 * @param {string} name
 * @param {string[]} scripts
 */
async function stepBeside(name, scripts) {
  console.log(`\n== ${name}`);
  const ends = await Promise.all(
    scripts.map(
      (script) =>
        new Promise((resolve) => {
          const child = spawn('npm', ['run', '--silent', script], { cwd: root, stdio: 'inherit' });
          child.once('error', () => resolve(script));
          child.once('exit', (code) => resolve(code === 0 ? null : script));
        }),
    ),
  );
  const failed = ends.filter((end) => end !== null);
  if (failed.length > 0) broken = failed.join(' and ');
}

const read = (file) => {
  try {
    return JSON.parse(readFileSync(join(results, file), 'utf8'));
  } catch {
    return null;
  }
};

await stepBeside('types and lint', ['typecheck', 'lint']);
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
step('build', () => ensureBuilt());
// Two minutes of it, most of them waiting; npm run torture takes as long as it is given.
step('torture', () => run(process.execPath, ['scripts/torture.mjs', '60']));
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

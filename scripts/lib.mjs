// Shared by the scripts: run a command, know what is stale, find a browser.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const stamps = join(root, '.anello');

/**
 * Runs a command to its end, its output on ours; throws when it fails.
 * @param {string} command
 * @param {string[]} args
 * @param {import('node:child_process').SpawnSyncOptions} [options]
 */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) throw error;
  if (status !== 0) throw new Error(`${command} ${args.join(' ')} ended with ${status}`);
}

/** Installs exactly what the lock file names, when it is not what is installed already. */
export function ensureInstalled() {
  const lock = readFileSync(join(root, 'package-lock.json'), 'utf8');
  const stamp = join(stamps, 'installed');
  if (existsSync(join(root, 'node_modules')) && existsSync(stamp) && readFileSync(stamp, 'utf8') === lock)
    return;
  console.log('Installing packages…');
  run('npm', ['ci', '--no-audit', '--no-fund', '--include=dev']);
  mkdirSync(stamps, { recursive: true });
  writeFileSync(stamp, lock);
}

const SHARED = ['packages/core/src', 'packages/contract/src', 'package-lock.json'];

/** Builds the web side and the server where any source is newer than what was built. */
export function ensureBuilt() {
  if (isStale('packages/web/dist/index.html', ['packages/web', ...SHARED])) {
    console.log('Building the web side…');
    run('npm', ['run', '--silent', 'build:web']);
  }
  ensureServerBuilt();
}

/** Builds the server, and the programs beside it, where any source is newer than what was built. */
export function ensureServerBuilt() {
  if (isStale(SERVER, ['packages/server/src', 'scripts/buildServer.mjs', ...SHARED])) {
    console.log('Building the server…');
    run('npm', ['run', '--silent', 'build:server']);
  }
}

/** The server as it is started. */
export const SERVER = 'packages/server/dist/main.js';

/**
 * @param {string} built
 * @param {string[]} sources
 */
function isStale(built, sources) {
  const file = join(root, built);
  return (
    !existsSync(file) || statSync(file).mtimeMs <= Math.max(...sources.map((p) => newestIn(join(root, p))))
  );
}

/** @param {string} path @returns {number} */
function newestIn(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(
    0,
    ...readdirSync(path)
      .filter((n) => n !== 'dist' && n !== 'node_modules')
      .map((n) => newestIn(join(path, n))),
  );
}

/** The shell without windows first: the same engine for a quarter less work. */
const BROWSERS = [
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/**
 * Path of a Chromium; installs Debian's where it can, and otherwise says exactly what to install.
 * @returns {string}
 */
export function ensureChromium() {
  const found = () => [process.env.ANELLO_CHROMIUM, ...BROWSERS].find((path) => path && existsSync(path));
  const here = found();
  if (here) return here;
  console.log('Installing Chromium for the browser journeys…');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const install = (name) => ['install', '-y', '--no-install-recommends', name];
  for (const args of [['update'], install('chromium-headless-shell'), install('chromium')]) {
    if (found()) break;
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    spawnSync(command ?? 'apt-get', rest, {
      stdio: 'inherit',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  }
  const installed = found();
  if (!installed)
    throw new Error(
      'The browser journeys need Chromium: install the Debian package "chromium", or set ANELLO_CHROMIUM to its path.',
    );
  return installed;
}

/**
 * Starts the server on its own folder and port, and waits until it can serve.
 * @param {{ dataFolder: string, port: number, flags?: string[], env?: Record<string, string>, nodeFlags?: string[] }} options
 * @returns {Promise<import('node:child_process').ChildProcess>}
 */
export async function startServer({ dataFolder, port, flags = [], env = {}, nodeFlags = [] }) {
  const child = spawn(process.execPath, [...nodeFlags, SERVER, ...flags], {
    cwd: root,
    env: { ...process.env, ANELLO_DATA: dataFolder, PORT: String(port), HOST: '127.0.0.1', ...env },
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  // A cold start on a busy machine takes its time; a dead one is seen at once.
  for (let i = 0; i < 600; i++) {
    const ok = await fetch(`http://127.0.0.1:${port}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) return child;
    if (child.exitCode !== null) break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  child.kill('SIGKILL');
  throw new Error('The server did not start.');
}

export const CHROMIUM_FLAGS = [
  // Letters stand where they stand in a window, not at whole pixels.
  '--font-render-hinting=none',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  // Two browsers share two processors: what clears up beside the page takes from the other.
  '--js-flags=--single-threaded-gc',
];

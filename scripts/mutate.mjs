// npm run mutate: whether the tests would notice. Without arguments: the code changed since the last commit.
//   npm run mutate -- packages/core/src/taper          what lies there
//   npm run mutate -- --sample 120 packages/core/src   so many lines of it, drawn by lot (the same lot every day)
//   npm run mutate -- --sample 120 --lot 2 packages/core/src   another lot
import { readFileSync, readdirSync, statSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureInstalled, root, run } from './lib.mjs';
import { secondLook } from './secondLook.mjs';

ensureInstalled();
const given = process.argv.slice(2);
/** @param {string} name @param {number} usual @returns {number} what stands behind a name, which is taken out */
function option(name, usual) {
  const at = given.indexOf(name);
  return at < 0 ? usual : Number(given.splice(at, 2)[1]);
}
const sample = option('--sample', 0);
const lot = option('--lot', 1);

/** Tests, lists of names, tables out of books, what makes the trials of a simulated lathe. */
const NOT_WORK =
  /(\.test|\.testdata|\.d|\/index|\/usual|Id|catalogue|blockSets|latheKinds|material)\.ts$|\/testkit\/|\/series\//;

/** Code that a test can notice: no tests, no lists of names, nothing that only draws. */
const counts = (/** @type {string} */ file) => /\.ts$/.test(file) && !NOT_WORK.test(file);

/** @param {string} path @returns {string[]} */
const under = (path) =>
  statSync(join(root, path)).isDirectory()
    ? readdirSync(join(root, path)).flatMap((name) => under(`${path}/${name}`))
    : [path];

function changed() {
  const said = spawnSync('git', ['diff', '--name-only', 'HEAD~1'], { cwd: root, encoding: 'utf8' }).stdout;
  return said.split('\n').filter((file) => /^packages\/(core|contract|web)\/src\//.test(file));
}

/** So many of the lines that do something, drawn by lot with a fixed beginning. */
function drawn(/** @type {string[]} */ files) {
  const lines = files.flatMap((file) =>
    readFileSync(join(root, file), 'utf8')
      .split('\n')
      .flatMap((line, i) =>
        /[+*<>=&|!?-]/.test(line) && !/^\s*(\/?\*|\/\/|import|export (type|interface)|readonly)/.test(line)
          ? [`${file}:${i + 1}-${i + 1}`]
          : [],
      ),
  );
  let state = 20261125 + lot;
  const next = () => (state = (state * 48271) % 2147483647);
  return lines
    .map((line) => ({ line, lot: next() }))
    .sort((a, b) => a.lot - b.lot)
    .slice(0, sample)
    .map(({ line }) => line);
}

const files = (given.length > 0 ? given.flatMap(under) : changed()).filter(counts);
if (files.length === 0) console.log('Nothing has changed that a test could notice.');
else {
  run('npx', [
    'stryker',
    'run',
    '--mutate',
    (sample > 0 ? drawn(files) : files).join(','),
    '--concurrency',
    '2',
  ]);
  secondLook(join(root, '.anello/mutation.json'));
}

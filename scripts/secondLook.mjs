// What a mutation run left unnoticed, tried once more on the tests that it leaves out, and what that comes to in all.
import { readFileSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { root } from './lib.mjs';

/** These go through all of the core at once: too long for every change, not for the few that nothing else noticed. */
const LAST = ['examples', 'publicFace', 'onLathes', 'proof'];
const OF_FIGURES = /^packages\/(core|contract)\//;
/** How a program ends that was told to at the keyboard. */
const INTERRUPTED = 130;
const UNNOTICED = ['Survived', 'NoCoverage'];
const NOTICED = ['Killed', 'Timeout'];
/** Of two figures that are never exactly the same it is no matter which of these stands; of counts it is. */
const EDGE = /^(<|>)=?$/;

/**
 * @typedef {{ line: number, column: number }} Place
 * @typedef {{ id: string, status: string, mutatorName: string, replacement: string, location: { start: Place, end: Place } }} Mutant
 * @typedef {{ source: string, mutants: Mutant[] }} Mutated
 */

/** @param {string} source @param {Place} place @returns {number} how far into the source it is */
const at = (source, { line, column }) =>
  source
    .split('\n')
    .slice(0, line - 1)
    .reduce((sum, one) => sum + one.length + 1, column - 1);

/** @param {string} source @param {Mutant} mutant @returns {[from: number, to: number]} what it replaces */
const span = (source, { location }) => [at(source, location.start), at(source, location.end)];

/** @param {string} source @param {Mutant} mutant whether it only moves what is said of two figures that are the same */
function atAnEdge(source, mutant) {
  if (mutant.mutatorName !== 'EqualityOperator') return false;
  const words = source.slice(...span(source, mutant)).split(/\s+/);
  const others = mutant.replacement.split(/\s+/);
  return words.every((word, i) => word === others[i] || (EDGE.test(word) && others[i]?.[0] === word[0]));
}

/** @param {string} name @param {string} source @param {Mutant} mutant @returns {boolean} whether a test of the last ones notices it */
function noticedAtLast(name, source, mutant) {
  const file = join(root, name);
  if (!OF_FIGURES.test(name) || readFileSync(file, 'utf8') !== source) return false;
  const [from, to] = span(source, mutant);
  const asked = () =>
    spawnSync('npx', ['vitest', 'run', '--project', 'figures', '--bail', '1', ...LAST], {
      cwd: root,
      stdio: 'ignore',
    });
  let answer;
  try {
    writeFileSync(file, source.slice(0, from) + mutant.replacement + source.slice(to));
    answer = asked();
  } finally {
    writeFileSync(file, source);
  }
  if (answer.error) throw answer.error;
  if (answer.signal !== null || answer.status === INTERRUPTED) process.exit(INTERRUPTED);
  return answer.status !== 0;
}

/** @param {number} part @param {number} whole */
const share = (part, whole) =>
  `${part} of ${whole}${whole > 0 ? ` (${Math.round((100 * part) / whole)} %)` : ''}`;

/**
 * Says which changes no test notices, the last ones asked too, and how many that are: those that only move an edge by themselves.
 * @param {string} report where the run wrote what it found
 */
export function secondLook(report) {
  // Who interrupts ends the tests that run; the file that they were run on is put back first.
  process.on('SIGINT', () => undefined);
  const count = { edge: { all: 0, unnoticed: 0 }, rest: { all: 0, unnoticed: 0 } };
  /** @type {Record<string, Mutated>} */
  const files = JSON.parse(readFileSync(report, 'utf8')).files;
  for (const [name, { source, mutants }] of Object.entries(files))
    for (const mutant of mutants) {
      if (![...NOTICED, ...UNNOTICED].includes(mutant.status)) continue;
      const kind = count[atAnEdge(source, mutant) ? 'edge' : 'rest'];
      kind.all++;
      if (NOTICED.includes(mutant.status) || noticedAtLast(name, source, mutant)) continue;
      kind.unnoticed++;
      const was = source.slice(...span(source, mutant));
      console.log(`${name}:${mutant.location.start.line}  ${was}  →  ${mutant.replacement}`);
    }
  console.log(`\nNo test notices ${share(count.rest.unnoticed, count.rest.all)} of the changes,`);
  console.log(`and ${share(count.edge.unnoticed, count.edge.all)} of those that only move an edge.`);
}

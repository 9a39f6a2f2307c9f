// @vitest-environment node
// It reads files, also where all tests run as in a page.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { length } from '../figure/figure';
import { CATALOGUE, isErrorCode } from './catalogue';
import { AnelloError } from './error';

const sources = (folder: URL): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith('.ts') && !f.includes('.test'))
    .map((f) => readFileSync(new URL(f, folder), 'utf8'));

it('travels as data with its figures still figures, in either unit system', () => {
  const error = new AnelloError('impossible', 'length', ['Runs out after ', length(25.4, 0.01), '.']);
  const data = error.toData();
  expect(data).toMatchObject({
    code: 'impossible',
    field: 'length',
    sentence: 'Runs out after 25.40\u00a0mm.',
  });
  expect(plainText(data.phrase, 'inch')).toBe('Runs out after 1.0000\u00a0in.');
  expect(error.status).toBe(422);
});

it('every code in the catalogue is thrown somewhere in core or server', () => {
  const text = [
    ...sources(new URL('../', import.meta.url)),
    ...sources(new URL('../../../server/src/', import.meta.url)),
    ...sources(new URL('../../../contract/src/', import.meta.url)),
  ].join('\n');
  const unused = Object.keys(CATALOGUE).filter(
    (code) => text.split(`'${code}'`).length - 1 < (code.includes('-') ? 2 : 1),
  );
  expect(unused).toEqual([]);
  expect(isErrorCode('stale-version')).toBe(true);
  expect(isErrorCode('toString')).toBe(false);
});

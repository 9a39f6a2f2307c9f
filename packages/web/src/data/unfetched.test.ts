import { expect, it } from 'vitest';
import { isUnfetched } from './unfetched';

it.each([
  ['Failed to fetch dynamically imported module: http://x/assets/a.js', true],
  ['error loading dynamically imported module: http://x/assets/a.js', true],
  ['Importing a module script failed.', true],
  ['Unable to preload CSS for http://x/assets/a.css', true],
  ['Cannot read properties of null (reading ‘length’)', false],
])('%s', (message, unfetched) => expect(isUnfetched(new TypeError(message))).toBe(unfetched));
it('what is no error is none of these', () => {
  expect(isUnfetched('dynamically imported module')).toBe(false);
});

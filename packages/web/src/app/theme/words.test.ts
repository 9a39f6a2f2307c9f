import { describe, expect, it } from 'vitest';
import { words } from './words';

describe('what the component library says by itself', () => {
  it.each([
    ['$vuetify.open', [], 'Open'],
    ['$vuetify.input.clear', ['Diameter'], 'Clear Diameter'],
    ['$vuetify.input.clear', [], 'Clear'],
    ['Said by whoever uses it: {0}', [3], 'Said by whoever uses it: 3'],
  ] as const)('%s', (key, given, said) => {
    expect(words.t(key, ...given)).toBe(said);
  });
  it('a key it has no word for is shown, not swallowed', () => {
    expect(words.t('$vuetify.nothing.like.it')).toBe('$vuetify.nothing.like.it');
  });
});

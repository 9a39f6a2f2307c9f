import { afterEach, describe, expect, it } from 'vitest';
import { sayTrouble, storeTrouble } from './trouble';

afterEach(() => {
  storeTrouble.value = null;
});

describe('what is the matter with the browser’s store', () => {
  it.each([
    [new DOMException('', 'QuotaExceededError'), 'is full'],
    [new DOMException('', 'VersionError'), 'left by a newer Anello'],
    [new DOMException('', 'SecurityError'), 'keeps nothing'],
    [new SyntaxError('Unexpected end'), 'torn'],
    ['no error at all', 'keeps nothing'],
  ])('%s is said in words', (error, words) => {
    sayTrouble(error);
    expect(storeTrouble.value).toContain(words);
  });
  it('that it takes nothing is not hidden by something torn in it', () => {
    sayTrouble(new DOMException('', 'QuotaExceededError'));
    sayTrouble(new SyntaxError('Unexpected end'));
    expect(storeTrouble.value).toContain('is full');
  });
});

import { describe, expect, it } from 'vitest';
import { figureText } from './figureText';
import { shownBy } from './shown';

describe('a figure as it is taken', () => {
  it.each([
    [1.9, false, 'mm', '1.900 mm'],
    [1.89312, false, 'mm', '1.8931 mm'],
    [-0.00001, false, 'mm', '0.000 mm'],
    [25.4, false, 'inch', '1.0000 in'],
    [7.25, true, 'mm', '7.250°'],
  ] as const)('%s is %s', (value, angle, units, text) => expect(figureText(value, angle, units)).toBe(text));
});

describe('a figure as it is shown', () => {
  it.each([
    [1.9, false, 'mm', '1.900\u00a0mm'],
    [25.4, false, 'inch', '1.00000\u00a0in'],
    [7.256, true, 'mm', '7.26°'],
  ] as const)('%s is %s', (value, angle, units, text) => expect(shownBy({ angle }, value, units)).toBe(text));
});

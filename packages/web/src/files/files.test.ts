import { describe, expect, it } from 'vitest';
import { csvOf } from './csv';
import { fileName } from './saveFile';

describe('a table as CSV', () => {
  it('cuts figures to what an instrument sees, and quotes what needs it', async () => {
    expect(await csvOf(['along, mm', 'across'], [[1 / 3, -0.00001]])).toBe('"along, mm",across\n0.3333,0\n');
  });
});

describe('a file’s name', () => {
  it.each([
    ['No. 3 Morse plug gauge', 'no.-3-morse-plug-gauge.svg'],
    ['Größe/½', 'gro-e-1-2.svg'],
    ['   ', 'anello.svg'],
  ])('%s', (title, name) => expect(fileName(title, 'svg')).toBe(name));
});

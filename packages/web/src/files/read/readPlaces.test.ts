import { describe, expect, it } from 'vitest';
import { readPlaces } from './readPlaces';

describe('places of a curve', () => {
  it.each([
    [
      '0, 18\n8, 16.04',
      [
        [0, 18],
        [8, 16.04],
      ],
    ],
    [
      '0;18,5\n8;16,04',
      [
        [0, 18.5],
        [8, 16.04],
      ],
    ],
    ['along\tdiameter\n0\t18\n', [[0, 18]]],
    [
      '0,18,worn\n\n2,17',
      [
        [0, 18],
        [2, 17],
      ],
    ],
    ['1/4 in, 1-5/16 in', [[6.35, 33.3375]]],
    [
      '0 18\n1 1/2 in  1-5/16 in',
      [
        [0, 18],
        [38.1, 33.3375],
      ],
    ],
    [
      '0: 18,5\n8: 16,04',
      [
        [0, 18.5],
        [8, 16.04],
      ],
    ],
  ])('%j is read', (text, wanted) => {
    const { places, unread } = readPlaces(text, 'mm');
    expect(unread).toEqual([]);
    expect(places.map((p) => [p.z, p.diameter])).toEqual(
      wanted.map((row) => row.map((value) => expect.closeTo(value, 9))),
    );
  });
  it('a bare number is in the units given', () => {
    expect(readPlaces('1,2', 'in').places).toEqual([{ z: 25.4, diameter: 50.8 }]);
  });
  it('every line that cannot be read is named with what is wrong, the others stand', () => {
    const { places, unread } = readPlaces('0,18\nsixteen,14\n5\n9,12', 'mm');
    expect(places).toHaveLength(2);
    expect(unread.map((u) => u.line)).toEqual([2, 3]);
    expect(unread[1]!.said).toContain('comma between');
  });
  it('nothing is nothing', () => {
    expect(readPlaces('  \n', 'mm')).toEqual({ places: [], unread: [] });
  });
});

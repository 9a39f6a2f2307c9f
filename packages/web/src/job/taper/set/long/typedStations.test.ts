import { describe, expect, it } from 'vitest';
import { readSweep } from '../../../../files/read/readSweep';
import { nextStation, stationsOf, textOf, wrongWith } from './typedStations';

describe('stations as they are typed', () => {
  const stations = [
    { at: '0', seen: '0' },
    { at: '12,5', seen: '0,315' },
    { at: '1 in', seen: '.64 mm' },
  ];
  it('are the same text, whichever figures stand in them, and read as a sweep', () => {
    expect(stationsOf(textOf(stations))).toEqual(stations);
    const { travel, reading, left } = readSweep(textOf(stations), 'mm');
    expect(left).toBe(0);
    expect(travel).toEqual([0, 12.5, 25.4]);
    expect(reading).toEqual([0, 0.315, 0.64]);
  });
  it('are none in a text of any other form, or in one that is too long to look through', () => {
    expect(stationsOf('')).toEqual([]);
    expect(stationsOf('0, 0\n5, 0.126')).toBeNull();
    expect(stationsOf('0; 0\n5; ')).toBeNull();
    const long = Array.from({ length: 201 }, (_, i) => ({ at: `${i}`, seen: '0' }));
    expect(stationsOf(textOf(long))).toBeNull();
    expect(stationsOf(textOf(long.slice(1)))).toHaveLength(200);
  });
  it('go on evenly, where two of them are plain figures', () => {
    const to = (...places: string[]) => nextStation(places.map((at) => ({ at, seen: '0' })));
    expect(to('0', '12,5')).toBe('25');
    expect(to('0.1', '0.3')).toBe('0.5');
    expect(to('40', '30')).toBe('20');
    expect(to('10')).toBe('');
    expect(to('0', '1 in')).toBe('');
  });
  it('are refused with what is wrong with them', () => {
    expect(wrongWith('-0,02', 'mm')).toBeNull();
    expect(wrongWith('1/16', 'in')).toBeNull();
    expect(wrongWith('none', 'mm')).toMatch(/none/);
    expect(wrongWith('', 'mm')).not.toBeNull();
  });
});

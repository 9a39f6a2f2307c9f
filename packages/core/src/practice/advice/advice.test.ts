import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { jaw } from '../knobs';
import { packing } from './packing';
import { toSize } from './toSize';
import type { Taken } from './taken';

const taken = (reading: number, more: Partial<Taken> = {}): Taken => ({
  reading,
  cross: 0,
  spindle: 0,
  carriage: 60,
  bar: 0,
  ...more,
});
const said = (advice: typeof toSize, ...all: Taken[]): string =>
  plainText(advice(all)).replaceAll('\u00a0', ' ');

describe('to a size', () => {
  it('begins with a first cut and its measure', () => {
    expect(said(toSize)).toMatch(/^Feed in until it just cuts/);
  });
  it('is done inside its limits, the limits themselves with them, and gone below', () => {
    for (const at of [27.97, 27.985, 28]) expect(said(toSize, taken(at))).toMatch(/^It is inside its limits/);
    expect(said(toSize, taken(27.969))).toBe('It has gone under its limits.');
  });
  const dial = (...all: Taken[]): number =>
    Number(/^Feed the dial to ([\d.]+) mm, run along it, and measure\.$/.exec(said(toSize, ...all))?.[1]);
  it('feeds no deeper than a bite, from where the dial stood, which shows diameter', () => {
    expect(dial(taken(60))).toBe(1.5);
    expect(dial(taken(60, { cross: 2 }))).toBe(3.5);
  });
  it('feeds less than would make it too small, and surer of a tool that has shown what it takes', () => {
    const first = dial(taken(30));
    expect(first).toBeGreaterThan(0.5);
    expect(first).toBeLessThan(2.015);
    const next = dial(taken(30), taken(29, { cross: 1 }));
    expect(next).toBeGreaterThan(1.2);
    expect(next).toBeLessThan(2.015);
    // Of a tool that springs, taking 0.9 of what is fed, it asks for more on the dial.
    expect(dial(taken(30), taken(29.1, { cross: 1 }))).toBeGreaterThan(next);
  });
});

describe('packing under a jaw', () => {
  const at = (reading: number, spindle: number, thick = 4.5): Taken =>
    taken(reading, { spindle, packing: thick });
  it('begins with what the throw asks for', () => {
    expect(said(packing)).toMatch(/^Make packing of 4\.\d\d mm for jaw 1, and hold the bar on it\.$/);
    expect(said(packing, taken(1, { packing: 0 }))).toMatch(/^Make packing of/);
  });
  it('wants two readings half a turn apart on this packing', () => {
    const wanted = /^Take the needle with jaw 1 under it/;
    expect(said(packing, at(0, 0))).toMatch(wanted);
    expect(said(packing, at(0, 0), at(6, 2))).toMatch(wanted);
    expect(said(packing, at(0, 0, 4), at(6, Math.PI, 4.5))).toMatch(wanted);
    expect(said(packing, at(0, 0.1), at(6, Math.PI + 0.2))).not.toMatch(wanted);
    expect(said(packing, at(0, Math.PI / 2), at(6, -Math.PI / 2))).not.toMatch(wanted);
  });
  it('leaves it where the swing is twice the throw, and else corrects by half as much again', () => {
    expect(said(packing, at(0, 0), at(6, Math.PI))).toBe('It swings 6.00 mm, a throw of 3.00 mm: leave it.');
    expect(said(packing, at(1, 0), at(6.6, Math.PI))).toBe(
      'It swings 5.60 mm, a throw of 2.80 mm. Make the packing 0.30 mm thicker: 4.80 mm.',
    );
    expect(said(packing, at(6.4, Math.PI), at(0, 0))).toBe(
      'It swings 6.40 mm, a throw of 3.20 mm. Make the packing 0.30 mm thinner: 4.20 mm.',
    );
  });
});

it('a jaw’s key turns that jaw', () => {
  expect([jaw(3).id, jaw(3).title, jaw(3).turn(0.2)]).toEqual([
    'jaw-3',
    'Jaw 3',
    { do: 'jaw', jaw: 3, by: 0.2 },
  ]);
});

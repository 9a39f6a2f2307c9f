import { describe, expect, it } from 'vitest';
import type { Feature } from '../../part/kinds/registry';
import { inBar, round } from '../parts.testdata';
import { layOut, type Placed } from './laid';
import { behindJaws, needleReaches, underJaws } from './reach';

const hole: Feature = {
  id: 'hole',
  name: 'hole',
  kind: 'bore',
  side: 'internal',
  diameter: 10,
  length: 60,
  from: 'tailstock',
};
const laid = layOut(inBar(round('a', 40, 30), round('b', 30, 30), round('c', 20, 30), hole));
const of = (id: string): Placed => laid.byId.get(id)!;
const held = (from: number, to: number, more: object = {}) =>
  ({ grips: { from, to }, toward: 'tailstock', centre: false, ...more }) as const;

describe('what jaws on the middle leave free', () => {
  const middle = held(30, 60);
  it('they cover what lies in them, and no hole', () => {
    expect(['a', 'b', 'c', 'hole'].map((id) => underJaws(middle, of(id)))).toEqual([
      false,
      true,
      false,
      false,
    ]);
    expect(underJaws(held(59, 70), of('b'))).toBe(true);
    expect(underJaws({ ...middle, grips: null }, of('b'))).toBe(false);
  });
  it('what is on the spindle’s side of them no tool comes to', () => {
    expect(['a', 'b', 'c', 'hole'].map((id) => behindJaws(middle, of(id)))).toEqual([
      true,
      false,
      false,
      false,
    ]);
    expect(behindJaws(held(30, 60, { toward: 'headstock' }), of('c'))).toBe(true);
    expect(behindJaws(held(30, 60, { toward: 'headstock' }), of('a'))).toBe(false);
  });
  it('an indicator comes to what is not wholly in them, and into a hole at the free face', () => {
    expect(['a', 'b', 'c', 'hole'].map((id) => needleReaches(middle, of(id)))).toEqual([
      false,
      false,
      true,
      true,
    ]);
    // A part of it that stands out of the jaws is enough, on the side where there is room for a needle.
    expect(needleReaches(held(30, 59), of('b'))).toBe(true);
    expect(needleReaches(held(31, 60), of('b'))).toBe(false);
    expect(needleReaches(held(31, 60, { toward: 'headstock' }), of('b'))).toBe(true);
    expect(needleReaches(held(30, 60, { centre: true }), of('hole'))).toBe(false);
    expect(needleReaches(held(30, 60, { toward: 'headstock' }), of('hole'))).toBe(false);
  });
});

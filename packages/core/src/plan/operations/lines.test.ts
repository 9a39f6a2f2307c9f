import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import type { Feature } from '../../part/kinds/registry';
import { describePlan } from '../describe';
import { inBar, round } from '../parts.testdata';
import type { PlanPart } from '../piece/line';
import { goesOn } from './goesOn';
import { planPart } from '../propose/planPart';

const DEG = Math.PI / 180;
/** The line that stands for an operation of a part's line of work. */
const line = (part: PlanPart, id: string): string => {
  const said = describePlan(part, planPart(part).holdings).holdings.flatMap((one) => one.operations);
  const found = said.find((one) => one.operation.id === id)?.lines[0] ?? ['not there'];
  return plainText(found).replaceAll('\u00a0', ' ');
};

describe('the line of an eccentric', () => {
  const throwAt = (id: string, phase: number): Feature => ({
    id,
    name: id,
    kind: 'eccentric',
    side: 'external',
    diameter: 40,
    length: 12,
    throw: 1.5,
    phase,
  });
  const part = (second: number): PlanPart =>
    inBar(round('near', 20, 20), throwAt('first', DEG), throwAt('second', second), round('far', 20, 25));
  it('says how far round it lies from the first one', () => {
    expect(line(part(181 * DEG), 'eccentric-second')).toMatch(
      /^Set second over by 1.50 mm, its high side 180°00′00″ round from first’s, needle swing 3.00 mm/,
    );
    expect(line(part(-89 * DEG), 'eccentric-second')).toContain('its high side 270°00′00″ round');
    expect(line(part(181 * DEG), 'eccentric-first')).not.toContain('round from');
  });
  it('is set over in jaws that are closed anew for it: nothing goes on in them', () => {
    const both = part(181 * DEG);
    const held = describePlan(both, planPart(both).holdings).holdings;
    const thrown = held.filter((one) => one.operations.some((o) => o.operation.kind === 'eccentric'));
    expect(thrown).toHaveLength(2);
    for (const one of thrown) {
      expect(plainText(one.held)).not.toMatch(/^Still/);
      expect(one.caution).not.toMatch(/not opened/);
      expect(one.clocked).not.toBeNull();
    }
    const [first, second] = thrown.map((one) => one.holding);
    expect(goesOn(first!, { ...second!, by: first!.by, grips: first!.grips, toward: first!.toward })).toBe(
      false,
    );
    const plain = { ...first!, operations: [] };
    expect([goesOn(plain, first!), goesOn(first!, plain), goesOn(plain, plain)]).toEqual([
      false,
      false,
      true,
    ]);
  });
  it('says nothing of that where it is the same way', () => {
    expect(line(part(DEG), 'eccentric-second')).not.toContain('round from');
    expect(line(part(361 * DEG), 'eccentric-second')).not.toContain('round from');
  });
});

describe('the line of a taper by the bar', () => {
  const cone = (
    id: string,
    diameter: number,
    angle: number,
    largeEnd: 'headstock' | 'tailstock',
  ): Feature => ({
    id,
    name: id,
    kind: 'taper',
    side: 'external',
    largeDiameter: diameter,
    length: 20,
    halfAngle: angle * DEG,
    largeEnd,
  });
  const part = (second: Feature): PlanPart => ({
    ...inBar(round('body', 40, 20), cone('one', 38, 2, 'headstock'), round('land', 34, 10), second),
    ways: { one: 'attachment', [second.id]: 'attachment' },
  });
  it('leaves it set for one that is alike, and says which it is set anew for', () => {
    const stays = /; leave the bar set$/;
    expect(line(part(cone('two', 32, 2, 'headstock')), 'taper-one')).toMatch(stays);
    expect(line(part(cone('two', 32, 3, 'headstock')), 'taper-one')).toMatch(
      /; the bar is set anew for two$/,
    );
    expect(line(part(cone('two', 32, 2, 'tailstock')), 'taper-one')).toMatch(
      /; the bar is set anew for two$/,
    );
    expect(line(part(cone('two', 32, 3, 'headstock')), 'taper-two')).toMatch(stays);
  });
  it('or where the other is made another way', () => {
    const other = { ...part(cone('two', 32, 3, 'headstock')), ways: { one: 'attachment', two: 'compound' } };
    expect(line(other, 'taper-one')).toMatch(/; leave the bar set$/);
    expect(line(other, 'taper-two')).not.toMatch(/bar/);
  });
});

describe('the drill of a tapped hole', () => {
  const tapped = (diameter: number, pitch: number, drills: number[] = []): PlanPart => {
    const thread: Feature = {
      id: 't',
      name: 'Tapped',
      kind: 'thread',
      side: 'internal',
      designation: `M${diameter}x${pitch}`,
      diameter,
      pitch,
      length: 12,
      from: 'tailstock',
    };
    const part = inBar(round('body', 40, 60), thread);
    return { ...part, kit: { ...part.kit, drills } };
  };
  it.each([
    [10, 1.5, '8.50 mm'],
    [8, 1.25, '6.80 mm'],
    [12, 1.75, '10.30 mm'],
    [20, 1.5, '18.50 mm'],
    [3, 0.5, '2.50 mm'],
  ])('for M%d by %d is in tenths where nobody said which are owned: %s', (diameter, pitch, drill) => {
    expect(line(tapped(diameter, pitch), 'drill-t')).toMatch(new RegExp(`^Drill ${drill}`));
  });
  it('is the nearest owned where any of them does', () => {
    expect(line(tapped(10, 1.5, [8.4, 8.6]), 'drill-t')).toMatch(/^Drill 8.60 mm/);
    expect(line(tapped(10, 1.5, [5]), 'drill-t')).toMatch(/^Drill 8.50 mm/);
  });
});

import { describe, expect, it } from 'vitest';
import type { Feature } from '../part/kinds/registry';
import { balance } from './balance';
import { layoutPart } from '../part/layout';
import { carriageTable } from './carriageTable';
import { massesOf } from './masses';
import { eccentricsOf } from './part';
import { throwOf } from '../part/throwOf';

describe('the throw, however it is given', () => {
  it('throw, or travel, or both if they agree', () => {
    expect(throwOf({ throw: 4.75 })).toBe(4.75);
    expect(throwOf({ travel: 9.5 })).toBe(4.75);
    expect(throwOf({ throw: 4.75, travel: 9.5 })).toBe(4.75);
  });
  it.each([
    [{}, 'underdetermined', 'throw'],
    [{ throw: 4.75, travel: 9 }, 'inconsistent', 'travel'],
    [{ throw: 0 }, 'out-of-range', 'throw'],
    [{ travel: -3 }, 'out-of-range', 'travel'],
  ])('%j is %s', (given, code, field) => {
    expect(() => throwOf(given)).toThrow(expect.objectContaining({ code, field }));
  });
});

describe('a part with the eccentric between other things', () => {
  const features: Feature[] = [
    { id: 'h', name: 'Hub', kind: 'cylinder', side: 'external', diameter: 34, length: 16 },
    {
      id: 'e',
      name: 'Eccentric',
      kind: 'eccentric',
      side: 'external',
      diameter: 54,
      length: 18,
      throw: 4.75,
      phase: 1,
      grooves: [
        { width: 4, depth: 3 },
        { width: 0, depth: 1 },
      ],
    },
    { id: 's', name: 'Spigot', kind: 'cylinder', side: 'external', diameter: 24, length: 10 },
    { id: 'b', name: 'Bore', kind: 'bore', side: 'internal', diameter: 20, length: 44 },
  ];
  const [found] = eccentricsOf(features);
  const tools = { grooveTool: 4, partTool: 2.5, leastLand: 1 };
  it('knows what lies between it and the face the carriage is zeroed on', () => {
    expect([found!.beyond, found!.partLength, found!.width]).toEqual([10, 44, 18]);
    const [groove, off] = carriageTable(found!, tools);
    expect(groove!.stands).toEqual([10 + 7 + 4]);
    expect(off!.stands).toEqual([46.5]);
  });
  it('weighs everything on it, holes taken away, each on its own axis', () => {
    const { mass } = balance({ masses: found!.masses, spindle: { x: 0, y: 0 }, density: 7.2 });
    const disc = (d: number, l: number): number => (Math.PI / 4) * d * d * l * 7.2e-6;
    expect(mass).toBeCloseTo(disc(34, 16) + disc(54, 18) + disc(24, 10) - disc(20, 44), 9);
    const alone = eccentricsOf(features.slice(0, 3))[0]!;
    const heavy = balance({ masses: alone.masses, spindle: { x: 0, y: 0 }, density: 7.2 });
    expect(heavy.heavy).toBeCloseTo(1, 9);
    expect(heavy.unbalance).toBeCloseTo(disc(54, 18) * 4.75, 9);
  });
  it('a cone weighs what its volume does', () => {
    const cone: Feature = {
      id: 'c',
      name: 'Cone',
      kind: 'taper',
      side: 'external',
      largeEnd: 'headstock',
      largeDiameter: 30,
      smallDiameter: 20,
      length: 40,
    };
    const { sections } = layoutPart([cone]);
    const [mass] = massesOf([cone], sections);
    expect((Math.PI / 4) * mass!.diameter ** 2 * 40).toBeCloseTo((Math.PI * 40 * (225 + 150 + 100)) / 3, 6);
  });
});

describe('parts that are not complete', () => {
  it('give no eccentric to work with, and never break', () => {
    const bare: Feature = { id: 'e', name: 'E', kind: 'eccentric', side: 'external' };
    expect(eccentricsOf([bare])).toEqual([]);
    expect(eccentricsOf([{ ...bare, diameter: 20, length: 5 }])).toEqual([]);
    // Figures that disagree, or cannot be, settle nothing: they are said where they stand.
    for (const figures of [
      { throw: 2, travel: 5 },
      { throw: 0 },
      { throw: 12 },
      { throw: -1 },
      { travel: 0 },
    ])
      expect(eccentricsOf([{ ...bare, diameter: 20, length: 5, ...figures }])).toEqual([]);
    expect(eccentricsOf([{ ...bare, diameter: 0, length: 5, throw: 1 }])).toEqual([]);
  });
});

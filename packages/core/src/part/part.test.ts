import { describe, expect, it } from 'vitest';
import type { Feature } from './kinds/registry';
import { layoutPart, radiusAt } from './layout';
import { plainText } from '../figure/phrase';
import type { Section } from './section';
import { shankEnds } from './shankEnds';
import { shapePoints } from './shapePoints';
import { solveTaperFeature } from './solveTaperFeature';
import { taperOfPart } from './taperTask';

const DEG = Math.PI / 180;
const body: Feature = { id: 'b', name: 'Body', kind: 'cylinder', side: 'external', diameter: 40, length: 45 };
const taper: Feature = {
  id: 't',
  name: 'No. 3 Morse',
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  ratio: 1 / 19.922,
  gaugeDiameter: 23.825,
  beyondGauge: 5,
  length: 86,
};
const hole: Feature = {
  id: 'h',
  name: 'Tapping hole',
  kind: 'bore',
  side: 'internal',
  from: 'tailstock',
  diameter: 10.2,
  length: 32,
  pointAngle: 118 * DEG,
};

describe('a part laid along the axis', () => {
  it('places outside features in order and holes from their face', () => {
    const { sections, length, problems } = layoutPart([body, taper, hole]);
    expect(problems.size).toBe(0);
    expect(length).toBeCloseTo(131, 9);
    const [b, t, h] = sections;
    expect([b?.z0, b?.z1, t?.z0, t?.z1]).toEqual([0, 45, 45, 131]);
    expect(h?.z1).toBe(131);
    expect(h?.z0).toBeCloseTo(131 - 32 - 5.1 / Math.tan(59 * DEG), 9);
    expect(radiusAt(t!, 45)).toBeCloseTo((23.825 + 5 / 19.922) / 2, 9);
    expect(radiusAt(t!, 50)).toBeCloseTo(23.825 / 2, 9);
  });

  it('puts the large end where it is said to be', () => {
    const turned = layoutPart([{ ...taper, largeEnd: 'tailstock' } as Feature]).sections[0]!;
    expect(radiusAt(turned, 86)).toBeGreaterThan(radiusAt(turned, 0));
  });

  it('says which feature lacks what, and still draws a ghost of it', () => {
    const { sections, problems } = layoutPart([body, { ...taper, gaugeDiameter: undefined } as Feature]);
    expect(problems.get('t')).toMatchObject({ code: 'underdetermined', field: 'largeDiameter' });
    expect(sections[1]).toMatchObject({ ghost: true, z0: 45, z1: 131 });
  });

  it('sees a hole that breaks through the outside, and one that comes out of the far face', () => {
    expect(layoutPart([taper, { ...hole, diameter: 20 } as Feature]).problems.get('h')?.message).toContain(
      'breaks through',
    );
    expect(layoutPart([taper, { ...hole, length: 100 } as Feature]).problems.get('h')?.message).toContain(
      'far face',
    );
  });

  it.each(['headstock', 'tailstock'] as const)(
    'looks for what is broken through only as far as a hole goes: one beside the axis, from the %s',
    (from) => {
      const wide: Feature = { ...body, diameter: 60, length: 20 };
      const stub: Feature = { ...body, id: 's', diameter: 10, length: 20 };
      const seat: Feature = {
        ...hole,
        kind: 'eccentric',
        from,
        diameter: 20,
        length: 10,
        throw: 6,
      } as Feature;
      const outside = from === 'headstock' ? [wide, stub] : [stub, wide];
      expect(layoutPart([...outside, seat]).problems.size).toBe(0);
      expect(
        layoutPart([...outside, { ...seat, length: 25 } as Feature]).problems.get('h')?.message,
      ).toContain('breaks through');
    },
  );

  it('a taper of a gauge, a small end and a ratio is as long as they make it, past the gauge line too', () => {
    const given = { gaugeDiameter: 23.825, smallDiameter: 20, ratio: 1 / 19.922 };
    expect(solveTaperFeature({ ...given, beyondGauge: 5 }).length).toBeCloseTo(3.825 * 19.922 + 5, 9);
    expect(solveTaperFeature(given).largeDiameter).toBeCloseTo(23.825, 9);
  });

  it('refuses an eccentric whose throw leaves the axis outside, and shows the offset otherwise', () => {
    const eccentric: Feature = {
      id: 'e',
      name: 'Eccentric',
      kind: 'eccentric',
      side: 'external',
      diameter: 40,
      length: 10,
      throw: 4.75,
    };
    expect(layoutPart([eccentric]).sections[0]?.offset).toBeCloseTo(4.75, 12);
    expect(layoutPart([{ ...eccentric, throw: 21 } as Feature]).problems.get('e')?.field).toBe('throw');
  });

  it('an arc passes through the third point that is said of it, and wants both its figures', () => {
    const arc = (via: object) =>
      shapePoints({
        points: [
          { z: 0, diameter: 20 },
          { z: 10, diameter: 20, run: 'via', ...via },
        ],
      });
    expect(arc({ viaZ: 5, viaDiameter: 24 })[1]!.via).toEqual({ z: 5, r: 12 });
    expect(arc({ viaZ: 5 })[1]!.via).toBeUndefined();
    expect(arc({ viaDiameter: 24 })[1]!.via).toBeUndefined();
  });
  it('wants profile points in order', () => {
    const profile = (z: number): Feature => ({
      id: 'p',
      name: 'Ogee',
      kind: 'profile',
      side: 'external',
      points: [
        { z: 0, diameter: 20 },
        { z, diameter: 26 },
        { z: 30, diameter: 12 },
      ],
    });
    expect(layoutPart([profile(15)]).problems.size).toBe(0);
    expect(layoutPart([profile(31)]).problems.get('p')?.field).toBe('points.2.z');
  });
});

describe('the taper of a part', () => {
  it('carries the cone on past its gauge line', () => {
    const solved = solveTaperFeature(taper as never);
    expect(solved.largeDiameter).toBeCloseTo(24.07598, 5);
    expect(solved.smallDiameter).toBeCloseTo(19.75914, 5);
  });
  it('says when the large end disagrees with the gauge line', () => {
    expect(() => solveTaperFeature({ ...taper, largeDiameter: 24.1 } as never)).toThrow(
      expect.objectContaining({ code: 'inconsistent', field: 'largeDiameter' }),
    );
  });
  it('becomes a task with the whole part’s length and its tolerance', () => {
    const found = taperOfPart([body, taper, hole], { grade: 'AT6' });
    expect(found?.task).toMatchObject({ member: 'external', workLength: 131, largeEnd: 'headstock' });
    expect(found?.task.tolerance.overLength).toBeCloseTo(63e-6 * 1.6 ** 2 * 86, 9);
    expect(taperOfPart([body], { grade: 'AT6' })).toBeNull();
  });
});

describe('what must be clear beside a shank', () => {
  const features = (side: 'external' | 'internal') =>
    taperOfPart(
      [
        {
          id: 't',
          name: 'T',
          kind: 'taper',
          side,
          largeEnd: 'headstock',
          gaugeDiameter: 23.825,
          beyondGauge: 5,
          ratio: 1 / 19.922,
          length: 86,
        },
      ],
      { grade: 'AT6' },
    )!;
  it('undercut, shoulder and tang are said for a shank, nothing for a bore', () => {
    const { task, solved } = features('external');
    const ends = shankEnds(task, solved);
    expect(ends.map((e) => e.what)).toHaveLength(3);
    expect(plainText(ends[0]!.must)).toContain(`${(task.largeDiameter - 1).toFixed(1)}`);
    expect(plainText(ends[1]!.must)).toContain('5.0');
    const bore = features('internal');
    expect(shankEnds(bore.task, bore.solved)).toEqual([]);
  });
});

describe('a section with a step in it', () => {
  const section = {
    points: [
      { z: 0, r: 10 },
      { z: 20, r: 10 },
      { z: 20, r: 14 },
      { z: 30, r: 15 },
    ],
  } as unknown as Section;
  it('has two radii at its step, of which the one that is asked for is told', () => {
    expect([
      radiusAt(section, 20),
      radiusAt(section, 20, 'largest'),
      radiusAt(section, 20, 'smallest'),
    ]).toEqual([14, 14, 10]);
    expect([radiusAt(section, 19.9, 'largest'), radiusAt(section, 25, 'smallest')]).toEqual([10, 14.5]);
    expect([radiusAt(section, -1), radiusAt(section, 31)]).toEqual([0, 0]);
  });
});

import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure';
import type { Lathe } from '../../machine';
import { taperTolerance, type TaperTask } from '../../taper';
import { PRACTICE_LATHE } from '../../virtual-lathe';
import { tailstockSetOver } from '../../ways';
import { benchOf, PIECE_IDS, pieceFaults, pieceOf, whyNotTried, type WorkTried } from '..';

type Cone = Extract<WorkTried, { kind: 'cone' }>;
const shank = (way: Cone['way'], until: Cone['until'], over: Partial<TaperTask> = {}): Cone => ({
  kind: 'cone',
  way,
  until,
  standOff: 0.3,
  task: {
    member: 'external',
    largeDiameter: 24,
    smallDiameter: 24 - 80 / 20,
    length: 80,
    halfAngle: Math.atan(1 / 40),
    largeEnd: 'headstock',
    workLength: 120,
    tolerance: taperTolerance({ grade: 'AT8', length: 80 }),
    ...over,
  },
});
const bore = (until: Cone['until'], way: Cone['way'] = 'compound'): Cone => ({
  ...shank(way, until, {
    member: 'internal',
    largeDiameter: 40,
    smallDiameter: 35,
    length: 40,
    halfAngle: Math.atan(1 / 16),
    largeEnd: 'tailstock',
  }),
  standOff: 0.4,
});

/** Every way a cone is set, its large end at either end. */
const EVERY_WAY = [
  ['attachment', shank('attachment', 'set')],
  ['compound', shank('compound', 'set')],
  ['tailstock', shank('tailstock', 'set')],
  ['compound', bore('set')],
  ['attachment', bore('set', 'attachment')],
  ['attachment', shank('attachment', 'set', { largeEnd: 'tailstock' })],
  ['compound', shank('compound', 'set', { largeEnd: 'tailstock' })],
  ['tailstock', shank('tailstock', 'set', { largeEnd: 'tailstock' })],
] as const;

describe('a sound lathe set by its scale', () => {
  it.each(EVERY_WAY)('stands right by the %s', (way, work) => {
    const bench = benchOf(work);
    const lathe = bench.begin(5, 0);
    expect(bench.judge(lathe).right).toBe(false);
    const { workLength, halfAngle } = work.task;
    const to =
      bench.scale!.shows === 'angle' ? halfAngle : tailstockSetOver({ workLength, halfAngle }).setOver;
    // What a scale is read to is more than a grade allows: the end is brought to it by an indicator.
    lathe.act(bench.scale!.set(to));
    const end = bench.knobs.find(({ id }) => id === 'bar')!;
    for (let i = 0; i < 40 && !bench.judge(lathe).right; i++) {
      const truth = lathe.reveal();
      const off =
        way === 'tailstock'
          ? to - Math.abs(truth.setOver)
          : halfAngle - Math.abs(way === 'compound' ? truth.compoundAngle : truth.attachmentAngle);
      lathe.act(end.turn(way === 'tailstock' ? off : 150 * off));
    }
    expect(bench.judge(lathe).right).toBe(true);
  });
  it('a master is still under the needle where the bar stands at its angle, and climbs where it does not', () => {
    const work = shank('attachment', 'set');
    const bench = benchOf(work);
    const lathe = bench.begin(8, 0);
    const climbs = (): number => {
      lathe.act({ do: 'turn', handle: 'carriage', by: 120 - lathe.dial('carriage') });
      lathe.act({ do: 'engage', on: true });
      lathe.act({ do: 'turn', handle: 'carriage', by: -30 });
      const from = lathe.watch('master');
      lathe.act({ do: 'turn', handle: 'carriage', by: -60 });
      return lathe.watch('master') - from;
    };
    expect(Math.abs(climbs() - 60 * Math.tan(work.task.halfAngle))).toBeLessThan(0.002);
    lathe.act({
      do: 'nudge',
      device: 'attachment',
      by: 180 * Math.tan(work.task.halfAngle),
      pivotLength: 180,
    });
    expect(Math.abs(climbs())).toBeLessThan(0.06);
  });
});

describe('an indicator beside a job', () => {
  it.each(EVERY_WAY)(
    'reads more as the %s climbs, by the cone’s own slope; plus where it is too steep for a master',
    (_, work) => {
      const bench = benchOf(work);
      const lathe = bench.begin(8, 0);
      const { halfAngle, workLength } = work.task;
      const wanted =
        work.way === 'tailstock' ? tailstockSetOver({ workLength, halfAngle }).setOver : halfAngle;
      lathe.act(bench.scale!.set(wanted));
      const slide = work.way === 'compound' ? 'compound' : 'carriage';
      const run = (by: number): void =>
        void lathe.act({ do: 'turn', handle: slide, by: slide === 'compound' ? by : -by });
      run(-20);
      if (bench.couples) lathe.act({ do: 'engage', on: true });
      run(20);
      const climbs = (on: 'test-bar' | 'master'): number => {
        const from = lathe.watch(on);
        run(30);
        const climbed = bench.sense(on) * (lathe.watch(on) - from);
        run(-34);
        run(4);
        return climbed;
      };
      const along = work.way === 'compound' ? Math.sin(halfAngle) : Math.tan(halfAngle);
      // By the scale alone it stands some minutes of arc off.
      expect(Math.abs(climbs('test-bar') - 30 * along)).toBeLessThan(0.15);
      const flat = climbs('master');
      expect(Math.abs(flat)).toBeLessThan(0.15);
      const end = bench.knobs.find(({ id }) => id === 'bar')!;
      lathe.act(end.turn(1));
      expect(climbs('master') - flat).toBeGreaterThan(0.1);
    },
  );
});

describe('what was found of a scale', () => {
  it.each([
    ['barAngle', shank('attachment', 'set')],
    ['compoundAngle', shank('compound', 'set')],
    ['compoundAngle', bore('set')],
  ] as const)('is its %s, by what it was set to and where it was found to stand', (fault, work) => {
    const bench = benchOf(work);
    const lathe = bench.begin(4, 0, { [fault]: 0.003 });
    const set = bench.scale!.set(work.task.halfAngle);
    lathe.act(set);
    const { attachmentAngle, compoundAngle } = lathe.reveal();
    const stood = work.way === 'compound' ? Math.abs(compoundAngle) : attachmentAngle;
    // What a scale is read to is in it as well.
    const found = bench.found((set as { to: number }).to, stood)[fault]!;
    expect(Math.abs(found - 0.003)).toBeLessThan(0.0075);
    expect(found).toBeCloseTo(
      work.way === 'compound' ? compoundAngle - (set as { to: number }).to : stood - work.task.halfAngle,
      9,
    );
  });
  it('is nothing of a tailstock', () => {
    expect(benchOf(shank('tailstock', 'set')).found(3, 0.025)).toEqual({});
  });
});

describe('a tailstock', () => {
  it('is read on its barrel as it goes across, wherever the tool stands', () => {
    const bench = benchOf(shank('tailstock', 'set'));
    expect(bench.needleOn[0]).toBe('barrel');
    const lathe = bench.begin(9, 0);
    lathe.act({ do: 'zero', of: 'needle', on: 'barrel' });
    lathe.act({ do: 'nudge', device: 'tailstock', by: 1.5 });
    const seen = lathe.act({ do: 'indicate', on: 'barrel' }).reading!;
    expect(seen).toBeCloseTo(1.5, 2);
    lathe.act({ do: 'turn', handle: 'carriage', by: -30 });
    lathe.act({ do: 'turn', handle: 'cross', by: 3 });
    expect(lathe.act({ do: 'indicate', on: 'barrel' }).reading).toBeCloseTo(seen, 2);
  });
});

describe('a piece', () => {
  it('of a shank, cut to its line at its angle, is right; a pass more and it is past', () => {
    const work = shank('attachment', 'made');
    const bench = benchOf(work);
    const lathe = bench.begin(3, 0);
    const { z } = bench.cone!.line;
    lathe.act({ do: 'nudge', device: 'attachment', by: 180 / 40, pivotLength: 180 });
    const to = (at: number): void =>
      void lathe.act({ do: 'turn', handle: 'carriage', by: at - 60 - lathe.dial('carriage') });
    to(bench.out + 14);
    lathe.act({ do: 'engage', on: true });
    to(bench.out - 2);
    lathe.act({ do: 'spindle', turns: 400 });
    lathe.act({ do: 'touch' });
    const stands = 2 * lathe.reveal().outline('outside', bench.out - 2);
    const wanted = work.task.smallDiameter + 2 * 2 * Math.tan(work.task.halfAngle);
    const pass = (dial: number): void => {
      lathe.act({ do: 'turn', handle: 'cross', by: -8 - lathe.dial('cross') });
      to(bench.out + 14);
      lathe.act({ do: 'turn', handle: 'cross', by: dial - lathe.dial('cross') });
      to(z - 3);
    };
    for (const part of [0.25, 0.5, 0.75, 0.95, 1, 1]) pass(part * (stands - wanted));
    const { right, lines } = bench.judge(lathe);
    expect(lines.map(({ inside }) => inside)).toEqual([true, true]);
    expect(right).toBe(true);
    pass(stands - wanted + 0.2);
    pass(stands - wanted + 0.2);
    expect(bench.judge(lathe).lines.map(({ inside }) => inside)).toEqual([true, false]);
  });
  it('of a bore by the attachment, cut to its line at its angle, is right', () => {
    const work = bore('made', 'attachment');
    const bench = benchOf(work);
    const lathe = bench.begin(3, 0);
    const { halfAngle, largeDiameter } = work.task;
    // It stands the other way from a shank's; steeper is further that way.
    const by = 180 * (Math.tan(halfAngle) + Math.tan(lathe.reveal().attachmentAngle));
    lathe.act({ do: 'nudge', device: 'attachment', by, pivotLength: 180 });
    expect(lathe.reveal().attachmentAngle).toBeCloseTo(-halfAngle, 4);
    const to = (at: number): void =>
      void lathe.act({ do: 'turn', handle: 'carriage', by: at - 60 - lathe.dial('carriage') });
    to(bench.out + 14);
    lathe.act({ do: 'engage', on: true });
    to(bench.out - 2);
    lathe.act({ do: 'spindle', turns: 400 });
    lathe.act({ do: 'touch' });
    const stands = 2 * lathe.reveal().outline('inside', bench.out - 2);
    const wanted = largeDiameter - 2 * 2 * Math.tan(halfAngle);
    const clear = lathe.dial('cross') + 4;
    // The last of them at the same figure, until the bar springs no more.
    for (let k = 1; k <= 26; k++) {
      lathe.act({ do: 'turn', handle: 'cross', by: clear - lathe.dial('cross') });
      to(bench.out + 14);
      const part = Math.min(1, k / 20);
      lathe.act({ do: 'turn', handle: 'cross', by: -part * (wanted - stands) - lathe.dial('cross') });
      to(bench.out - work.task.length - 3);
    }
    const { lines } = bench.judge(lathe);
    expect(lines.map(({ inside }) => inside)).toEqual([true, true]);
  });
  it('of a shank with its large end at the tailstock is judged by a true gauge, though none goes on in the chuck', () => {
    const work = shank('attachment', 'made', { largeEnd: 'tailstock' });
    const bench = benchOf(work);
    expect([bench.gauged, benchOf(shank('attachment', 'made')).gauged]).toEqual([false, true]);
    const lathe = bench.begin(3, 0);
    const { halfAngle, largeDiameter, length: long } = work.task;
    const by = 180 * (Math.tan(halfAngle) + Math.tan(lathe.reveal().attachmentAngle));
    lathe.act({ do: 'nudge', device: 'attachment', by, pivotLength: 180 });
    const to = (at: number): void =>
      void lathe.act({ do: 'turn', handle: 'carriage', by: at - 60 - lathe.dial('carriage') });
    to(bench.out + 14);
    lathe.act({ do: 'engage', on: true });
    to(bench.out - 2);
    lathe.act({ do: 'spindle', turns: 400 });
    lathe.act({ do: 'touch' });
    const stands = 2 * lathe.reveal().outline('outside', bench.out - 2);
    const wanted = largeDiameter - 2 * 2 * Math.tan(halfAngle);
    const pass = (dial: number): void => {
      lathe.act({ do: 'turn', handle: 'cross', by: -12 - lathe.dial('cross') });
      to(bench.out + 14);
      lathe.act({ do: 'turn', handle: 'cross', by: dial - lathe.dial('cross') });
      to(bench.out - long - 3);
    };
    for (let k = 1; k <= 26; k++) pass(Math.min(1, k / 20) * (stands - wanted));
    const { lines } = bench.judge(lathe);
    expect(lines.map(({ inside }) => inside)).toEqual([true, true]);
    expect(plainText([lines[1]!.is!])).toMatch(/^[+−]0\.\d\d\u00a0mm$/);
    expect(plainText(lines[1]!.wanted)).toBe('at most 0.30\u00a0mm');
    expect(bench.gone(lathe)).toBe(false);
    for (let k = 0; k < 3; k++) pass(stands - wanted + 0.2);
    expect(bench.judge(lathe).lines.map(({ inside }) => inside)).toEqual([true, false]);
    expect(bench.gone(lathe)).toBe(true);
    expect(benchOf({ ...work, until: 'set' }).gone(lathe), 'where no piece is asked for').toBe(false);
  });
  it('of a bore that was not cut yet is not right, whatever its angle', () => {
    const bench = benchOf(bore('made'));
    const outcome = bench.judge(bench.begin(4, 3));
    expect(outcome.right).toBe(false);
    expect(outcome.lines[1]!.inside).toBe(false);
  });
  it('stands clear of the tool when the lathe is handed over', () => {
    for (const work of [
      shank('attachment', 'made'),
      shank('tailstock', 'made'),
      shank('compound', 'made'),
      bore('made'),
      bore('made', 'attachment'),
    ]) {
      const bench = benchOf(work);
      const lathe = bench.begin(6, 5);
      lathe.act({ do: 'spindle', turns: 400 });
      const before = lathe.reveal().outline(bench.side, bench.out - 3);
      const seen = lathe.act({ do: 'turn', handle: 'carriage', by: bench.side === 'outside' ? -40 : -10 });
      expect(seen.chips?.seen, work.way).toBe('none');
      expect(lathe.reveal().outline(bench.side, bench.out - 3)).toBe(before);
    }
  });
});

describe('a curve by both handles', () => {
  const curve = (
    points: readonly { z: number; r: number }[],
    limit = 0.05,
  ): Extract<WorkTried, { kind: 'curve' }> => ({
    kind: 'curve',
    points,
    nose: 0.8,
    limit,
  });
  const LEAN = [
    { z: 0, r: 12 },
    { z: 15, r: 11.5 },
    { z: 30, r: 10 },
  ];
  it('lies at the free end of the bar, and is right where it was followed step by step', () => {
    const bench = benchOf(curve(LEAN));
    expect(bench.line!.at(-1)).toEqual({ z: bench.out, r: 10 });
    const lathe = bench.begin(5, 0);
    expect(bench.judge(lathe).right).toBe(false);
    lathe.act({ do: 'spindle', turns: 400 });
    const radiusOf = (z: number): number => {
      const s = z - bench.out + 30;
      return s <= 15 ? 12 - s / 30 : 11.5 - (s - 15) / 10;
    };
    // Straight in at places close together, drawn out between; twice, for what springs.
    for (let round = 0; round < 2; round++)
      for (let z = bench.out + 1; z >= bench.out - 29; z -= 0.2) {
        const { tool } = lathe.scene();
        lathe.act({ do: 'turn', handle: 'carriage', by: z - tool.z });
        lathe.act({ do: 'turn', handle: 'cross', by: 2 * (tool.x - radiusOf(z)) });
        lathe.act({ do: 'turn', handle: 'cross', by: -2 * 8 });
      }
    const { right, lines } = bench.judge(lathe);
    expect(lines.map(({ inside }) => inside)).toEqual([true, true]);
    expect([right, bench.gone(lathe)]).toEqual([true, false]);
    lathe.act({ do: 'turn', handle: 'cross', by: 2 * 9 });
    expect([bench.judge(lathe).right, bench.gone(lathe)]).toEqual([false, true]);
  });
  it.each([
    ['no length', [{ z: 0, r: 5 }]],
    [
      'longer than',
      [
        { z: 0, r: 5 },
        { z: 300, r: 6 },
      ],
    ],
    [
      'bend away',
      [
        { z: 0, r: 5 },
        { z: 30, r: 1 },
      ],
    ],
  ])('says %s', (said, points) => {
    expect(plainText(whyNotTried(curve(points))!)).toContain(said);
  });
});

describe('grooves by a form tool', () => {
  /** Two grooves of unlike depth and the land between. */
  const plunge: Extract<WorkTried, { kind: 'plunge' }> = {
    kind: 'plunge',
    points: [
      { z: 0, r: 12 },
      { z: 3, r: 12 },
      { z: 3, r: 15 },
      { z: 7, r: 15 },
      { z: 7, r: 11 },
      { z: 10, r: 11 },
    ],
    width: 10,
    grooves: [
      { name: 'Upper', at: 0, width: 3, bottom: 24 },
      { name: 'Lower', at: 7, width: 3, bottom: 22 },
    ],
    band: 0.05,
  };
  /** Fed straight in until the deeper bottom is so thick. */
  function plunged(formDepth: number, to: number) {
    const bench = benchOf(plunge);
    const lathe = bench.begin(4, 0, { formDepth });
    lathe.act({ do: 'spindle', turns: 400 });
    const x = lathe.scene().tool.x;
    lathe.act({ do: 'turn', handle: 'cross', by: 2 * (x - to / 2) });
    for (let i = 0; i < 8; i++) lathe.act({ do: 'turn', handle: 'cross', by: 1e-6 });
    return { bench, lathe };
  }
  it('are right where the edge is ground right and fed to the deeper one', () => {
    const { bench, lathe } = plunged(1, 22);
    expect(bench.judge(lathe).lines.map(({ what, inside }) => [what, inside])).toEqual([
      ['Upper, at its bottom', true],
      ['Lower, at its bottom', true],
    ]);
    expect(bench.gone(lathe)).toBe(false);
    expect(bench.judge(bench.begin(4, 0)).right).toBe(false);
    expect(plunged(1, 21.8).bench.gone(plunged(1, 21.8).lathe)).toBe(true);
  });
  it('come out unlike where the form is cut shallower than it is ground', () => {
    const { bench, lathe } = plunged(0.93, 22);
    // The upper one lies a millimetre over the lower; cut at 0.93 of that it is 0.14 too deep on diameter.
    expect(bench.judge(lathe).lines.map(({ inside }) => inside)).toEqual([false, true]);
    expect(bench.gone(lathe)).toBe(true);
  });
  it.each([
    ['wider than', { ...plunge, grooves: [{ name: 'Wide', at: 0, width: 17, bottom: 20 }] }],
    ['clear of the axis', { ...plunge, points: [{ z: 0, r: 0 }] }],
  ])('says %s', (said, work) => {
    expect(plainText(whyNotTried(work)!)).toContain(said);
  });
});

describe('what cannot be tried', () => {
  const plain: Lathe = { ...PRACTICE_LATHE, attachment: null };
  it.each<[string, WorkTried, Lathe]>([
    ['nothing to make it by', shank('attachment', 'made'), plain],
    [
      'mouth at the tailstock',
      { ...bore('made'), task: { ...bore('made').task, largeEnd: 'headstock' } },
      PRACTICE_LATHE,
    ],
    ['setting the tailstock over', bore('made', 'tailstock'), PRACTICE_LATHE],
    ['too small', { ...bore('made'), task: { ...bore('made').task, smallDiameter: 9 } }, PRACTICE_LATHE],
  ])('says %s', (said, work, lathe) => {
    expect(plainText(whyNotTried(work, lathe)!)).toContain(said);
    expect(() => benchOf(work, lathe)).toThrow(
      expect.objectContaining({ code: 'out-of-range', field: 'work' }),
    );
  });
});

describe('an exercise that is a job', () => {
  it.each(PIECE_IDS)('%s has what it finds on every lathe, one way or the other', (id) => {
    const { finds } = pieceOf(id);
    const sizes = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => (finds ? pieceFaults(id, seed)[finds]! : 0));
    if (!finds) return expect(sizes.every((size) => size === 0)).toBe(true);
    expect(Math.min(...sizes.map(Math.abs))).toBeGreaterThan(0);
    expect(new Set(sizes.map(Math.sign)).size).toBe(2);
    expect(pieceFaults(id, 3)).toEqual(pieceFaults(id, 3));
  });
});

describe('a throw tried in the four-jaw', () => {
  const work: Extract<WorkTried, { kind: 'throw' }> = {
    kind: 'throw',
    throw: 4,
    limit: 0.05,
    diameter: 40,
    length: 60,
  };
  it('has the jaws’ keys, the slides and the spindle, and what may be wrong with them', () => {
    const bench = benchOf(work, PRACTICE_LATHE);
    expect(bench.knobs.map(({ id }) => id)).toEqual([
      'spindle',
      'jaw-1',
      'jaw-2',
      'jaw-3',
      'jaw-4',
      'carriage',
      'cross',
    ]);
    expect([bench.out, bench.about]).toEqual([70, ['jawLash', 'oval', 'lever']]);
  });
  it('is right when it is moved over by the throw, and not before', () => {
    const bench = benchOf(work, PRACTICE_LATHE);
    const made = bench.begin(3, 0);
    const stands = (): number => Math.hypot(made.reveal().offset.x, made.reveal().offset.y);
    expect([bench.gone(made), bench.judge(made).right]).toEqual([false, false]);
    // Loosened on one side and tightened on the other, a little at a time, until it stands there.
    for (let turn = 0; turn < 400 && stands() < work.throw - work.limit / 4; turn++) {
      made.act({ do: 'jaw', jaw: 3, by: -0.02 });
      made.act({ do: 'jaw', jaw: 1, by: 0.02 });
    }
    expect(stands()).toBeCloseTo(work.throw, 1);
    expect(bench.judge(made).right).toBe(true);
    // Half the swing is the throw: so much further it is out of what it may be.
    for (let turn = 0; turn < 4; turn++) {
      made.act({ do: 'jaw', jaw: 3, by: -0.02 });
      made.act({ do: 'jaw', jaw: 1, by: 0.02 });
    }
    expect(bench.judge(made).right).toBe(false);
  });
});

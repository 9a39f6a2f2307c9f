import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import type { Feature } from '../../part/kinds/registry';
import { checkPlan } from '../check/checkPlan';
import { describePlan } from '../describe';
import { inBar, round } from '../parts.testdata';
import type { PlanPart } from '../piece/line';
import { goesOn } from './goesOn';
import { operationsAlike } from '../inHand';
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

const CROSS_HOLE: Feature = {
  id: 'across',
  name: 'Across',
  kind: 'cross-hole',
  side: 'external',
  at: 'headstock',
  diameter: 6.35,
  place: 20,
};

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
  it('has its mark where it is an inch drill, and the operation is found again by its size', () => {
    // R, the nearest of the letter drills.
    const by = tapped(10, 1.5, [8.6106]);
    expect(line(by, 'drill-t')).toMatch(/^Drill 8\.611 mm \(R\), /);
    const { holdings } = planPart(by);
    expect(operationsAlike(by, holdings)['drill-t']).toBe('drill 8.611');
    const tools = describePlan(by, holdings).holdings.flatMap((h) => h.tools.map((t) => plainText(t)));
    expect(tools.map((t) => t.replaceAll('\u00a0', ' '))).toContain('Drill 8.6 mm (R)');
    const across = { ...inBar(round('body', 40, 60), CROSS_HOLE), kit: by.kit };
    const alike = operationsAlike(across, planPart(across).holdings)['cross-drill-across'];
    expect(alike?.replaceAll('\u00a0', ' ')).toBe('cross-drill Centre punch, vee block, clamp, Drill 6.3 mm');
  });
});

describe('a diameter with limits', () => {
  const hole = (more: Partial<Feature>): Feature =>
    ({ ...round('hole', 25, 30), kind: 'bore', side: 'internal', from: 'tailstock', ...more }) as Feature;
  const part = (more: Partial<Feature>, kit: Partial<PlanPart['kit']> = {}): PlanPart => {
    const whole = inBar(round('body', 40, 30), hole(more));
    return { ...whole, kit: { ...whole.kit, ...kit } };
  };
  const reamers = { reamers: [25] };

  it('says its fit and between what it lies; by the general rule nothing', () => {
    expect(line(part({ fit: 'P7' }), 'bore-hole')).toMatch(
      /^Bore ⌀25\.00 mm P7 \(24\.965 to 24\.986 mm\), 30\.0 mm deep/,
    );
    expect(line(part({ plus: 0.03, minus: 0.01 }), 'bore-hole')).toMatch(
      /^Bore ⌀25\.00 mm \(24\.990 to 25\.030 mm\), /,
    );
    expect(line(part({ plus: 0.1 }, { drills: [24] }), 'bore-hole')).toMatch(
      /^Bore ⌀25\.00 mm \(25\.00 to 25\.10 mm\), /,
    );
    const shaft = inBar(round('body', 40, 30), { ...round('seat', 20, 15), fit: 'k6' } as Feature);
    expect(line(shaft, 'turn-seat')).toMatch(/^Turn ⌀20\.00 mm k6 \(20\.002 to 20\.015 mm\) over 15\.0 mm/);
    expect(line(shaft, 'turn-body')).toMatch(/^Turn ⌀40\.00 mm over /);
  });

  it.each(['H6', 'H7', 'H8', 'G7'] as const)('is reamed to %s with the reamer of its size', (fit) =>
    expect(line(part({ fit }, reamers), 'ream-hole')).toMatch(`Ream ⌀25.00 mm ${fit}`),
  );
  it.each(['F7', 'F8', 'JS7', 'K7', 'N7', 'P7'] as const)(
    'is bored to %s: a reamer would spoil it',
    (fit) => {
      expect(line(part({ fit }, reamers), 'ream-hole')).toBe('not there');
      expect(line(part({ fit }, reamers), 'bore-hole')).toMatch(`Bore ⌀25.00 mm ${fit}`);
    },
  );
  it('is reamed to a drawing’s limits where those take what a reamer makes', () => {
    expect(line(part({ plus: 0.02, minus: 0 }, reamers), 'ream-hole')).toMatch(/^Ream/);
    expect(line(part({ plus: 0, minus: 0.02 }, reamers), 'ream-hole')).toBe('not there');
  });
  it('is drilled to size where the drawing takes what a drill cuts over, and bored after it where not', () => {
    const drills = { drills: [24.5, 25] };
    for (const limits of [{}, { plus: 0.1 }, { plus: 0.2, minus: 0.05 }])
      expect([line(part(limits, drills), 'drill-hole'), line(part(limits, drills), 'bore-hole')]).toEqual([
        expect.stringMatching(/^Drill 25\.00 mm/),
        'not there',
      ]);
    for (const limits of [{ plus: 0.05 }, { minus: 0.2 }])
      expect([line(part(limits, drills), 'drill-hole'), line(part(limits, drills), 'bore-hole')]).toEqual([
        expect.stringMatching(/^Drill 24\.50 mm/),
        expect.stringMatching(/^Bore ⌀25\.00 mm \(/),
      ]);
  });
});

it('a thread says its pitch as its gearbox does', () => {
  const thread = (designation: string, diameter: number, pitch: number): PlanPart =>
    inBar(round('body', 40, 40), {
      ...round('t', diameter, 15),
      kind: 'thread',
      designation,
      pitch,
    } as Feature);
  expect(line(thread('M20x1.5', 20, 1.5), 'thread-t')).toBe('Thread M20x1.5, 15.0 mm long, pitch 1.50 mm');
  expect(line(thread('1/2-13', 12.7, 25.4 / 13), 'thread-t')).toBe(
    'Thread 1/2-13, 15.0 mm long, 13 to the inch',
  );
  expect(line(thread('2 BSW', 30, 25.4 / 4.5), 'thread-t')).toMatch(/, 4\.5 to the inch$/);
});

it('work shorter than a carrier is not driven by one', () => {
  const washer = (length: number): PlanPart => ({
    ...inBar(round('rim', 40, length)),
    stock: { shape: 'round', across: 42, length: 100 },
  });
  for (const length of [3, 15])
    expect(planPart(washer(length)).holdings.map((one) => one.by)).not.toContain('between-centres');
  const centred = checkPlan(washer(3), [
    { id: 'h1', by: 'between-centres', grips: null, toward: 'tailstock', centre: true, operations: [] },
  ]);
  expect(centred.map(({ code }) => code)).toContain('no-room-for-carrier');
  const long = checkPlan(washer(15.1), [
    { id: 'h1', by: 'between-centres', grips: null, toward: 'tailstock', centre: true, operations: [] },
  ]);
  expect(long.map(({ code }) => code)).not.toContain('no-room-for-carrier');
});

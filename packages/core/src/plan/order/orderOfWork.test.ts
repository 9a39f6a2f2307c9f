import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Feature } from '../../part/kinds/registry';
import { taperOfPart } from '../../part/taperTask';
import { plainText } from '../../figure/phrase';
import { WAY_IDS } from '../../taper/wayId';
import { endangeredBy, inOrder, orderOfWork } from './orderOfWork';

const shank: Feature[] = [
  { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', diameter: 40, length: 42 },
  { id: 'relief', name: 'Relief', kind: 'groove', side: 'external', diameter: 22, length: 3 },
  {
    id: 'cone',
    name: 'Cone',
    kind: 'taper',
    side: 'external',
    largeEnd: 'headstock',
    largeDiameter: 24,
    ratio: 0.05,
    length: 80,
  },
  {
    id: 'bar',
    name: 'Drawbar',
    kind: 'thread',
    side: 'internal',
    from: 'tailstock',
    designation: 'M12',
    diameter: 12,
    pitch: 1.75,
    length: 24,
  },
  { id: 'hole', name: 'Hole', kind: 'bore', side: 'internal', from: 'tailstock', diameter: 10, length: 30 },
];
const task = taperOfPart(shank, { grade: 'AT5' })!.task;
const plan = (more = {}) => orderOfWork({ features: shank, task, way: 'compound', allowance: 0.16, ...more });
const ids = (list: readonly { id: string }[]): string[] => list.map((o) => o.id);

describe('the order of work', () => {
  it('is in no danger as it is first given, whatever the part and the way', () => {
    const parts: Feature[][] = [
      shank,
      shank.slice(0, 3),
      [
        { id: 'e', name: 'E', kind: 'eccentric', side: 'external', diameter: 54, length: 18, throw: 4 },
        shank[4]!,
      ],
      [{ id: 'p', name: 'P', kind: 'profile', side: 'external', points: [] }],
    ];
    for (const features of parts)
      for (const way of [...WAY_IDS, null]) {
        const usual = orderOfWork({
          features,
          task: features.includes(shank[2]!) ? task : null,
          way,
          allowance: 0.1,
        });
        expect(endangeredBy(usual)).toEqual([]);
        for (const { title, why } of usual)
          expect(Math.min(plainText(title).length, plainText(why).length)).toBeGreaterThan(10);
      }
  });
  it('a shank drilled and tapped before the compound is swung, then held by its own taper', () => {
    const order = ids(plan());
    expect(order.indexOf('drawbar')).toBeLessThan(order.indexOf('set'));
    expect(order.indexOf('grooves')).toBeLessThan(order.indexOf('taper'));
    expect(order.indexOf('own-taper')).toBeGreaterThan(order.indexOf('try'));
    expect(order.at(-2)).toBe('part-off');
  });
  it('says what a new order endangers, and nothing once it is put back', () => {
    const swapped = inOrder(plan(), ['face', 'set', 'drawbar']);
    const dangers = endangeredBy(swapped);
    expect(dangers.find((d) => d.id === 'set' && d.before === 'drawbar')!.danger).toContain('compound');
    expect(endangeredBy(inOrder(plan(), ids(plan())))).toEqual([]);
  });
  it('parting off early endangers everything after it', () => {
    const order = inOrder(plan(), [
      'face',
      'part-off',
      ...ids(plan()).filter((id) => id !== 'face' && id !== 'part-off'),
    ]);
    expect(endangeredBy(order).filter((d) => d.id === 'part-off').length).toBeGreaterThan(5);
  });
  it('any order keeps every operation once, in the order wanted', () => {
    const usual = plan();
    fc.assert(
      fc.property(fc.shuffledSubarray(ids(usual)), (wanted) => {
        const placed = ids(inOrder(usual, wanted));
        expect([...placed].sort()).toEqual(ids(usual).sort());
        expect(placed.filter((id) => wanted.includes(id))).toEqual(wanted);
      }),
      { seed: 2 },
    );
  });
  it('an order kept for another part leaves out what this one has not', () => {
    expect(ids(inOrder(plan({ features: [shank[2]!] }), ['drawbar', 'taper', 'face']))).not.toContain(
      'drawbar',
    );
  });
  it.each(['tailstock', 'attachment'] as const)('an outside thread waits until the %s is home', (way) => {
    const features: Feature[] = [
      ...shank,
      {
        id: 'nut',
        name: 'Nut',
        kind: 'thread',
        side: 'external',
        designation: 'M30',
        diameter: 30,
        pitch: 3.5,
        length: 20,
      },
    ];
    const order = plan({ features, way });
    expect(ids(order).indexOf('thread')).toBeGreaterThan(ids(order).indexOf('home'));
    const early = inOrder(order, [
      'face',
      'thread',
      ...ids(order).filter((id) => id !== 'face' && id !== 'thread'),
    ]);
    expect(endangeredBy(early)).toContainEqual(expect.objectContaining({ id: 'thread', before: 'home' }));
  });
  it('between centres both ends are faced at the start and nothing is parted off; otherwise the second is faced last', () => {
    const between = plan({ way: 'tailstock' });
    expect(plainText(between[0]!.title)).toContain('both ends');
    expect(ids(between)).not.toContain('part-off');
    const chucked = plan({ way: 'compound' });
    expect(plainText(chucked[0]!.title)).not.toContain('both ends');
    expect(plainText(chucked.find((o) => o.id === 'part-off')!.title)).toContain('face that end to length');
  });
  it('a tailstock set over is brought back before it is used again', () => {
    const order = ids(plan({ way: 'tailstock' }));
    expect(order).toContain('home');
    expect(order.indexOf('home')).toBeGreaterThan(order.indexOf('try'));
  });
});

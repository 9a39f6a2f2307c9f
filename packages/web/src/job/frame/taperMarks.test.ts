import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import type { PartTaper } from '@anello/core/part';
import { CONTACT_BANDS } from '../../drawing/contactBands';
import { placeOn } from '../../drawing/outlinePath';
import { usePreferences } from '../../data/stores/preferences';
import type { StripMarks } from '../../data/stores/screen';
import { placesOf, plain, useMounted } from '../../testkit/mounted';
import TaperMarks from './TaperMarks.vue';

const { mount } = useMounted();
/** Ten pixels to the millimetre both ways, the axis at 200: figures can be read off. */
const PLACE = placeOn({ x0: 0, along: 10, across: 10 } as Parameters<typeof placeOn>[0], 200);
const SOLVED = { largeDiameter: 24, ratio: 0.1, beyondGauge: 2 } as PartTaper;
interface Cone {
  internal?: boolean;
  largeEnd?: 'headstock' | 'tailstock';
}
/** A cone of 1:10 from 10 to 50, 24 at its large end and so 20 at its small one. */
const show = (marks: StripMarks, { internal = false, largeEnd = 'headstock' }: Cone = {}): HTMLElement =>
  mount(TaperMarks, {
    taper: { z0: 10, z1: 50, solved: SOLVED, internal, largeEnd },
    marks,
    place: PLACE,
    centre: 200,
    tall: 300,
    along: 10,
  });
/** A path's places on the part: along, and how far from the axis on the operator's side. */
const onPart = (path: Element | null): number[][] =>
  placesOf(path).map(({ x, y }) => [x / 10, (200 - y) / 10]);
const at = (expected: number[][]) => expected.map((p) => p.map((n) => expect.closeTo(n, 6)));
const pathOf = (host: HTMLElement, name: string): Element | null => host.querySelector(`path.${name}`);

describe('stock still on the cone', () => {
  it.each([
    [
      'outside',
      {},
      [
        [10, 12.5],
        [50, 10.5],
      ],
    ],
    [
      'outside, large at the tailstock',
      { largeEnd: 'tailstock' },
      [
        [10, 10.5],
        [50, 12.5],
      ],
    ],
    [
      'in a bore',
      { internal: true, largeEnd: 'tailstock' },
      [
        [10, 9.5],
        [50, 11.5],
      ],
    ],
  ] as const)('%s lies on the metal’s side of it, as steep as the cone', (_name, cone, line) => {
    const places = onPart(pathOf(show({ stockOver: 1 }, cone), 'stock'));
    const below = line.map(([z, r]) => [z, -r]);
    expect(places).toEqual(at([...line.map((p) => [...p]), ...below]));
  });
  it.each([undefined, 0, -0.1])('of %s is none', (stockOver) => {
    const marks = stockOver === undefined ? {} : { stockOver };
    expect(pathOf(show(marks), 'stock')).toBeNull();
  });
});

describe('shoulders before the cone', () => {
  const stairs = [
    { diameter: 23, along: 30 },
    { diameter: 21, along: 12 },
  ];
  it.each([
    ['outside come in from the small end', {}],
    ['in a bore come in from the mouth, its large end', { internal: true, largeEnd: 'tailstock' }],
  ] as const)('%s', (_what, cone) => {
    const places = onPart(pathOf(show({ stairs }, cone), 'stairs'));
    expect(places.slice(0, 4)).toEqual(
      at([
        [20, 11.5],
        [38, 11.5],
        [38, 10.5],
        [50, 10.5],
      ]),
    );
  });
  it('of which there are none draw nothing', () => expect(pathOf(show({ stairs: [] }), 'stairs')).toBeNull());
});

describe('where it touches', () => {
  it.each(Object.entries(CONTACT_BANDS))('%s has its bands, from the large end', (contact, bands) => {
    const marks = { contact: contact as NonNullable<StripMarks['contact']> };
    const found = [...show(marks).querySelectorAll('path.contact')].map((path) => onPart(path));
    expect(found.map(([a, b]) => [a![0], b![0]])).toEqual(
      bands.map(([from, to]) => [expect.closeTo(10 + 40 * from, 6), expect.closeTo(10 + 40 * to, 6)]),
    );
    for (const [a] of found) expect(a![1]).toBeCloseTo(12 - (a![0]! - 10) / 20, 6);
    const turned = show(marks, { largeEnd: 'tailstock' });
    const first = onPart(turned.querySelector('path.contact'));
    expect(first[0]![0]).toBeCloseTo(50 - 40 * bands[0]![0], 6);
  });
});

describe('how far the mate stands off', () => {
  const lines = (off: number, cone: Cone = {}): number[] =>
    [...show({ standOff: off }, cone).querySelectorAll('g.off line')].map(
      (l) => Number(l.getAttribute('x1')) / 10,
    );
  it.each([
    ['a sleeve short of the line, toward the small end', 3, {}, [12, 15]],
    ['a sleeve past it', -1, {}, [12, 11]],
    ['a sleeve on a cone the other way round', 3, { largeEnd: 'tailstock' }, [48, 45]],
    ['a plug out of the mouth', 3, { internal: true, largeEnd: 'tailstock' }, [48, 51]],
  ] as const)('%s', (_name, off, cone, places) => {
    expect(lines(off, cone)).toEqual(places.map((x) => expect.closeTo(x, 6)));
  });
  it('is said, short of the line or past it, in the units of the screen', async () => {
    expect(plain(show({ standOff: 3 }).textContent)).toMatch(/3\.00 mm to the line/);
    const host = show({ standOff: -2.54 });
    expect(plain(host.textContent)).toMatch(/2\.54 mm past the line/);
    usePreferences().units = 'inch';
    await nextTick();
    expect(plain(host.textContent)).toMatch(/0\.1000? in past the line/);
  });
});

describe('places to read at', () => {
  const station = (z: number, state: 'read' | 'next' | 'ahead') => ({ z, travel: 50 - z, state });
  it('each have their figure where there is room, those read a tick', () => {
    const host = show({ stations: [station(45, 'read'), station(30, 'next'), station(15, 'ahead')] });
    expect([...host.querySelectorAll('.station text')].map((t) => plain(t.textContent))).toEqual([
      '5 ✓',
      '20',
      '35',
    ]);
    expect(host.querySelectorAll('.next-mark')).toHaveLength(1);
  });
  it('lying close, only the next has its figure', () => {
    const host = show({ stations: [station(45, 'read'), station(42, 'next'), station(39, 'ahead')] });
    expect([...host.querySelectorAll('.station text')].map((t) => plain(t.textContent))).toEqual(['8']);
    expect(host.querySelectorAll('.station line')).toHaveLength(3);
  });
});

import { layoutPart, type Feature } from '@anello/core/part';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dimensionsOf, drawn } from './dimensions';
import { assignLanes } from './lanes';
import { placeOn } from './outlinePath';
import { stripScale } from './scale';
import { spreadLabels } from './spread';

const room = { from: 190, to: 1000 };
const scaleFor = (length: number, radius: number, height = 118) =>
  stripScale({ length, radius, ...room, height });

describe('the strip’s scale', () => {
  it('is true where the part can be seen true', () => {
    expect(scaleFor(135, 20)).toMatchObject({ exaggeration: null });
    const { along, across } = scaleFor(135, 20);
    expect(along).toBe(across);
  });
  it('draws a 6 mm by 200 mm pin fatter and a 150 mm disc longer, by a round factor it states', () => {
    expect(scaleFor(200, 3).exaggeration).toEqual({ direction: 'across', factor: 3 });
    const disc = scaleFor(20, 75);
    expect(disc.exaggeration?.direction).toBe('along');
    expect(disc.across * 150).toBeLessThanOrEqual(118.001);
  });
  it('always stays inside its room', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 3000, noNaN: true }),
        fc.double({ min: 0.2, max: 500, noNaN: true }),
        fc.integer({ min: 100, max: 1000 }),
        (length, radius, width) => {
          const s = stripScale({ length, radius, from: 100, to: 100 + width, height: 118 });
          expect(s.x0).toBeGreaterThanOrEqual(100 - 1e-6);
          expect(s.x0 + s.along * length).toBeLessThanOrEqual(100 + width + 1e-6);
          expect(s.across * 2 * radius).toBeLessThanOrEqual(118 + 1e-6);
        },
      ),
    );
  });
});

describe('labels', () => {
  const label = fc.record({
    want: fc.double({ min: 0, max: 800, noNaN: true }),
    width: fc.double({ min: 10, max: 60, noNaN: true }),
  });
  it('never overlap while there is room, and keep inside', () => {
    fc.assert(
      fc.property(fc.array(label, { minLength: 1, maxLength: 9 }), (labels) => {
        const xs = spreadLabels(labels, 0, 800);
        const boxes = labels
          .map((l, i) => ({ from: xs[i]! - l.width / 2, to: xs[i]! + l.width / 2 }))
          .sort((a, b) => a.from - b.from);
        boxes.forEach((box, i) => {
          expect(box.from).toBeGreaterThanOrEqual(-1e-6);
          expect(box.to).toBeLessThanOrEqual(800 + 1e-6);
          if (i > 0) expect(box.from).toBeGreaterThanOrEqual(boxes[i - 1]!.to + 10 - 1e-6);
        });
      }),
    );
  });
  it('do not move when nothing is in the way', () => {
    expect(
      spreadLabels(
        [
          { want: 100, width: 40 },
          { want: 300, width: 40 },
        ],
        0,
        800,
      ),
    ).toEqual([100, 300]);
  });
});

describe('lanes', () => {
  it('keep extents in one lane apart', () => {
    const extent = fc
      .tuple(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 1, max: 200 }))
      .map(([from, w]) => ({ from, to: from + w }));
    fc.assert(
      fc.property(fc.array(extent, { maxLength: 12 }), (extents) => {
        const lanes = assignLanes(extents);
        extents.forEach((a, i) =>
          extents.forEach((b, j) => {
            if (i < j && lanes[i] === lanes[j]) expect(a.to + 6 <= b.from || b.to + 6 <= a.from).toBe(true);
          }),
        );
      }),
    );
  });
});

describe('dimensions of a part', () => {
  const features: Feature[] = [
    { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', diameter: 40, length: 42 },
    { id: 'shoulder', name: 'Shoulder', kind: 'cylinder', side: 'external', diameter: 34, length: 4 },
    { id: 'relief', name: 'Relief', kind: 'groove', side: 'external', diameter: 22.5, length: 3 },
    {
      id: 'cone',
      name: 'Cone',
      kind: 'taper',
      side: 'external',
      largeEnd: 'headstock',
      largeDiameter: 24.076,
      length: 86,
      ratio: 1 / 19.922,
    },
  ];
  it('shows every diameter, both ends of a cone, and no two texts on each other', () => {
    const layout = layoutPart(features);
    const place = placeOn(scaleFor(layout.length, layout.largestRadius), 100);
    const { diameters, lengths } = dimensionsOf(layout, place, 'mm', 'relief', room);
    expect(diameters.map((d) => d.text)).toEqual(['⌀40', '⌀34', '⌀22.5', '⌀24.076', '⌀19.759']);
    expect(lengths.map((l) => l.id)).toEqual(expect.arrayContaining(['relief', 'body', 'cone', 'whole']));
    const sorted = [...diameters].sort((a, b) => a.x - b.x);
    sorted.forEach((d, i) => {
      const before = sorted[i - 1];
      if (before)
        expect(d.x - before.x).toBeGreaterThanOrEqual(((d.text.length + before.text.length) / 2) * 7.9);
    });
  });
  it('writes dimensions as on paper, in either system', () => {
    expect([drawn(40, 'mm'), drawn(22.5, 'mm'), drawn(24.0759, 'mm'), drawn(25.4, 'inch')]).toEqual([
      '40',
      '22.5',
      '24.076',
      '1',
    ]);
  });
});

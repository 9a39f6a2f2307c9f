import { sampled, shapeCurve, type CurvePoint } from '@anello/core/curve';
import { beforeEach, describe, expect, it } from 'vitest';
import { h } from 'vue';
import { placesOf, useMounted } from '../testkit/mounted';
import CurveDrawing from './CurveDrawing.vue';
import DragHandles from './DragHandles.vue';

const { mount } = useMounted();
const curve = shapeCurve([
  { z: 0, r: 8 },
  { z: 20, r: 13, run: 'ogee' },
  { z: 34, r: 13 },
]);

describe('points to take hold of', () => {
  const points: CurvePoint[] = [
    { z: 0, r: 9 },
    { z: 16, r: 7 },
  ];
  let moves: [number, CurvePoint][] = [];
  const SCALE = 4;
  const handles = (): NodeListOf<SVGCircleElement> =>
    mount(
      {
        render: () =>
          h('svg', [
            h(DragHandles, {
              points,
              to: (p: CurvePoint) => ({ x: 10 + p.z * SCALE, y: 100 - p.r * SCALE }),
              from: (x: number, y: number) => ({ z: (x - 10) / SCALE, r: (100 - y) / SCALE }),
              onMove: (index: number, to: CurvePoint) => moves.push([index, to]),
            }),
          ]),
      },
      {},
    ).querySelectorAll('circle');
  beforeEach(() => (moves = []));

  it('stand where the drawing has them, and are named for those who cannot see them', () => {
    const [first, second] = handles();
    expect(first!.getAttribute('cx')).toBe('10');
    expect(second!.getAttribute('cy')).toBe('72');
    expect(second!.getAttribute('aria-label')).toMatch(/^Point 2/);
    expect(second!.getAttribute('tabindex')).toBe('0');
  });
  it('move by half millimetres with the arrow keys, never below nothing; other keys pass', () => {
    const [first, second] = handles();
    const press = (target: Element, key: string): KeyboardEvent => {
      const event = new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true });
      target.dispatchEvent(event);
      return event;
    };
    press(second!, 'ArrowUp');
    press(second!, 'ArrowLeft');
    press(first!, 'ArrowLeft');
    expect(moves).toEqual([
      [1, { z: 16, r: 7.5 }],
      [1, { z: 15.5, r: 7 }],
      [0, { z: 0, r: 9 }],
    ]);
    expect(press(second!, 'Tab').defaultPrevented).toBe(false);
    expect(moves).toHaveLength(3);
  });
  it('are dragged to the nearest half millimetre, and let go', () => {
    const [, second] = handles();
    // jsdom has neither screens nor matrices: a page at the drawing's own scale, shifted.
    const shift = { x: 200, y: 50 };
    Object.assign(second!.ownerSVGElement!, {
      getScreenCTM: () => ({ inverse: () => ({ shift }) }),
    });
    class Point {
      constructor(
        readonly x: number,
        readonly y: number,
      ) {}
      matrixTransform({ shift: s }: { shift: { x: number; y: number } }) {
        return { x: this.x - s.x, y: this.y - s.y };
      }
    }
    Object.assign(globalThis, { DOMPoint: Point });
    second!.setPointerCapture = () => undefined;
    const pointer = (kind: string, z: number, r: number): void => {
      const at = { clientX: shift.x + 10 + z * SCALE, clientY: shift.y + 100 - r * SCALE };
      second!.dispatchEvent(new MouseEvent(kind, { ...at, bubbles: true }));
    };
    pointer('pointermove', 18, 9);
    expect(moves).toEqual([]);
    pointer('pointerdown', 16, 7);
    pointer('pointermove', 17.2, 8.3);
    pointer('pointermove', 16.1, 7.1);
    pointer('pointermove', 18, -4);
    expect(moves).toEqual([
      [1, { z: 17, r: 8.5 }],
      [1, { z: 18, r: 0 }],
    ]);
    pointer('pointerup', 18, 9);
    pointer('pointermove', 2, 9);
    expect(moves).toHaveLength(2);
  });
});

describe('a curve drawn', () => {
  const draw = (more: object): HTMLElement =>
    mount(CurveDrawing, { pieces: curve, label: 'The curve', ...more });
  it('has its metal under it outside, and over it in a bore', () => {
    const edge = (host: HTMLElement) => placesOf(host.querySelector('.edge'));
    const body = (host: HTMLElement) => placesOf(host.querySelector('.body'));
    const outside = draw({});
    expect(Math.max(...body(outside).map((p) => p.y))).toBeGreaterThan(
      Math.max(...edge(outside).map((p) => p.y)),
    );
    const bore = draw({ member: 'internal' });
    expect(Math.min(...body(bore).map((p) => p.y))).toBeLessThan(Math.min(...edge(bore).map((p) => p.y)));
  });
  it('shows what was measured as needles, outward up and inward down', () => {
    const needles = [
      { at: { z: 5, r: 8.5 }, off: 0.02 },
      { at: { z: 25, r: 13 }, off: -0.01 },
    ];
    const lines = [...draw({ needles }).querySelectorAll('.needle')];
    const rise = lines.map((l) => Number(l.getAttribute('y1')) - Number(l.getAttribute('y2')));
    expect(rise[0]).toBeCloseTo(44, 6);
    expect(rise[1]).toBeCloseTo(-22, 6);
    expect(lines.map((l) => l.classList.contains('over'))).toEqual([true, false]);
  });
  it('marks the stretch that is missed and no other, and a path beside it', () => {
    const missed = [{ from: 18, to: 22, why: 'nose', left: 0.1, largestNose: 2 }];
    const host = draw({ missed, path: sampled(curve, 1).map((p) => ({ z: p.z, r: p.r + 2 })) });
    const edge = placesOf(host.querySelector('.edge'));
    const span = (list: { x: number }[]) =>
      Math.max(...list.map((p) => p.x)) - Math.min(...list.map((p) => p.x));
    const part = span(placesOf(host.querySelector('.missed'))) / span(edge);
    expect(part).toBeGreaterThan(3.5 / 34);
    expect(part).toBeLessThan(5 / 34);
    expect(placesOf(host.querySelector('.beside')).length).toBeGreaterThan(20);
  });
});

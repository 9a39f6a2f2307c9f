// @vitest-environment jsdom
import { pairJoint, sampled, shapeCurve, type CurvePoint } from '@anello/core/curve';
import { formTool, formToolOutline } from '@anello/core/form-tool';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { createApp, h, nextTick, type App, type Component } from 'vue';
import CurveDrawing from './CurveDrawing.vue';
import DragHandles from './DragHandles.vue';
import JointChart from './JointChart.vue';
import RidgeDrawing from './RidgeDrawing.vue';
import ToolDrawing from './ToolDrawing.vue';

let pinia: Pinia;
let app: App | null = null;
beforeEach(() => {
  pinia = createPinia();
  setActivePinia(pinia);
});
afterEach(() => {
  app?.unmount();
  document.body.innerHTML = '';
});
function mount(component: Component, props: Record<string, unknown> = {}): HTMLElement {
  const host = document.createElement('div');
  document.body.append(host);
  app = createApp({ render: () => h(component, props) }).use(pinia);
  app.mount(host);
  return host;
}
/** Places of a path, in the order drawn. */
const places = (path: Element | null): { x: number; y: number }[] =>
  [...(path?.getAttribute('d') ?? '').matchAll(/[ML](-?[\d.]+)[ ,](-?[\d.]+)/g)].map(([, x, y]) => ({
    x: Number(x),
    y: Number(y),
  }));

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
    const edge = (host: HTMLElement) => places(host.querySelector('.edge'));
    const body = (host: HTMLElement) => places(host.querySelector('.body'));
    const outside = draw({});
    expect(Math.max(...body(outside).map((p) => p.y))).toBeGreaterThan(
      Math.max(...edge(outside).map((p) => p.y)),
    );
    app?.unmount();
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
    const edge = places(host.querySelector('.edge'));
    const span = (list: { x: number }[]) =>
      Math.max(...list.map((p) => p.x)) - Math.min(...list.map((p) => p.x));
    const part = span(places(host.querySelector('.missed'))) / span(edge);
    expect(part).toBeGreaterThan(3.5 / 34);
    expect(part).toBeLessThan(5 / 34);
    expect(places(host.querySelector('.beside')).length).toBeGreaterThan(20);
  });
});

describe('a joint drawn', () => {
  const measured = sampled(curve, 2);
  const joint = pairJoint({
    pieces: curve,
    member: 'external',
    clearance: 0.2,
    plug: measured.map((p, i) => (i === 4 ? { z: p.z, r: p.r + 0.3 } : p)),
    socket: measured.map((p) => ({ z: p.z, r: p.r + 0.2 })),
  });
  it('rings the tightest place, and shades what is in the way', () => {
    const host = mount(JointChart, { joint, clearance: 0.2 });
    const gap = places(host.querySelector('.gap'));
    const ring = host.querySelector('.least')!;
    expect(Number(ring.getAttribute('cy'))).toBeCloseTo(Math.max(...gap.map((p) => p.y)), 1);
    expect(host.querySelector('.touching')).not.toBeNull();
    expect(host.querySelector('svg')!.getAttribute('aria-label')).toMatch(/from −0\.0\d+/);
  });
  it('shades nothing where it is clear everywhere', () => {
    const clear = { ...joint, least: { z: 3, gap: 0.12 }, most: { z: 9, gap: 0.24 } };
    expect(mount(JointChart, { joint: clear, clearance: 0.2 }).querySelector('.touching')).toBeNull();
  });
});

describe('a ridge drawn', () => {
  it.each(['external', 'internal'] as const)('%s: both noses rest on the curve, enlarged alike', (member) => {
    const side = member === 'external' ? 1 : -1;
    const flat = shapeCurve([
      { z: 0, r: 10 },
      { z: 40, r: 10 },
    ]);
    const host = mount(RidgeDrawing, {
      pieces: flat,
      member,
      nose: 0.8,
      here: { z: 20, r: 10 + side * 0.8 },
      before: { z: 20.4, r: 10 + side * 0.8 },
      ridge: 0.025,
    });
    const circles = [...host.querySelectorAll('circle')].map((c) => ({
      x: Number(c.getAttribute('cx')),
      bottom: Number(c.getAttribute('cy')) + Number(c.getAttribute('r')),
      r: Number(c.getAttribute('r')),
    }));
    const edge = places(host.querySelector('.edge'));
    for (const c of circles) expect(c.bottom).toBeCloseTo(edge[0]!.y, 1);
    expect(Math.abs(circles[0]!.x - circles[1]!.x) / circles[0]!.r).toBeCloseTo(0.4 / 0.8, 6);
    expect(host.textContent).toContain('ridge 0.025');
  });
});

describe('a form tool drawn', () => {
  const work = [
    { z: 0, r: 13 },
    { z: 3.2, r: 13 },
    { z: 3.2, r: 15 },
    { z: 12.8, r: 15 },
  ];
  it.each(['flat', 'circular'] as const)('%s: in proportion, and all of it inside', async (kind) => {
    const outline = formToolOutline(
      formTool({ kind, work, rake: 0.1, clearance: 0.14, toolRadius: 30 }),
      kind,
    );
    const host = mount(ToolDrawing, { outline, disc: kind === 'circular' });
    await nextTick();
    const edge = places(host.querySelector('.edge'));
    const [, , wide = 0, high = 0] = host
      .querySelector('svg')!
      .getAttribute('viewBox')!
      .split(' ')
      .map(Number);
    for (const p of places(host.querySelector('.metal'))) {
      expect(p.x >= 0 && p.x <= wide).toBe(true);
      expect(p.y >= 0 && p.y <= high + 1e-6).toBe(true);
    }
    const scale = (edge.at(-1)!.x - edge[0]!.x) / 12.8;
    expect((edge[1]!.x - edge[0]!.x) / scale).toBeCloseTo(3.2, 2);
    expect(edge[2]!.y).toBeGreaterThan(edge[1]!.y);
    expect(host.querySelectorAll('.axis')).toHaveLength(kind === 'circular' ? 1 : 0);
  });
});

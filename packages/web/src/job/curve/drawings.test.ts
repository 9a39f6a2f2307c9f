import { pairJoint, sampled, shapeCurve } from '@anello/core/curve';
import { formTool, formToolOutline } from '@anello/core/form-tool';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { placesOf, useMounted } from '../../testkit/mounted';
import JointChart from './JointChart.vue';
import RidgeDrawing from './RidgeDrawing.vue';
import ToolDrawing from './ToolDrawing.vue';

const { mount } = useMounted();
const curve = shapeCurve([
  { z: 0, r: 8 },
  { z: 20, r: 13, run: 'ogee' },
  { z: 34, r: 13 },
]);

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
    const gap = placesOf(host.querySelector('.gap'));
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
    const edge = placesOf(host.querySelector('.edge'));
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
    const edge = placesOf(host.querySelector('.edge'));
    const [, , wide = 0, high = 0] = host
      .querySelector('svg')!
      .getAttribute('viewBox')!
      .split(' ')
      .map(Number);
    for (const p of placesOf(host.querySelector('.metal'))) {
      expect(p.x >= 0 && p.x <= wide).toBe(true);
      expect(p.y >= 0 && p.y <= high + 1e-6).toBe(true);
    }
    const scale = (edge.at(-1)!.x - edge[0]!.x) / 12.8;
    expect((edge[1]!.x - edge[0]!.x) / scale).toBeCloseTo(3.2, 2);
    expect(edge[2]!.y).toBeGreaterThan(edge[1]!.y);
    expect(host.querySelectorAll('.axis')).toHaveLength(kind === 'circular' ? 1 : 0);
  });
});

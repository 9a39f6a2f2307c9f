import { layoutPart, type Feature } from '@anello/core/part';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { plain, useMounted } from '../../testkit/mounted';
import type { HeldAs } from '../model/heldAs';
import AxisStrip from './AxisStrip.vue';
import StageTabs from './StageTabs.vue';

const { mount } = useMounted();
const BODY: Feature = { id: 'b', name: 'Body', kind: 'cylinder', side: 'external', diameter: 30, length: 50 };
const CONE: Feature = {
  id: 't',
  name: 'Shank',
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  largeDiameter: 24,
  ratio: 0.05,
  length: 80,
};
const THREAD: Feature = {
  id: 'm',
  name: 'Drawbar thread',
  kind: 'thread',
  side: 'internal',
  designation: 'M8',
  diameter: 8,
  pitch: 1.25,
  length: 20,
  from: 'tailstock',
};
const show = (features: Feature[], more: object = {}): HTMLElement =>
  mount(AxisStrip, {
    layout: layoutPart(features),
    names: Object.fromEntries(features.map((f) => [f.id, f.name])),
    taper: null,
    betweenCentres: false,
    selected: null,
    marks: {},
    ...more,
  });
const sections = (host: HTMLElement): Element[] => [...host.querySelectorAll('g.section')];
const namesOf = (host: HTMLElement): (string | null)[] =>
  sections(host).map((g) => g.getAttribute('aria-label'));
/** Left and right end of a section's outline. */
const reach = (g: Element): [number, number] => {
  const xs = [
    ...g
      .querySelector('path')!
      .getAttribute('d')!
      .matchAll(/(-?[\d.]+) -?[\d.]+/g),
  ].map(([, x]) => Number(x));
  return [Math.min(...xs), Math.max(...xs)];
};
const HELD: HeldAs = {
  grips: { from: 5, to: 30 },
  turned: false,
  by: 'jaws',
  drawbar: null,
  centreFree: false,
  centreSpindle: false,
  said: '',
  look: [],
};

describe('the part on the spindle axis', () => {
  it('has every shape of it to be picked, by hand or by key, outside before inside', () => {
    const picked = vi.fn();
    const host = show([BODY, CONE, THREAD], { onPick: picked, selected: 't' });
    expect(namesOf(host)).toEqual(['Body', 'Shank', 'Drawbar thread']);
    expect(sections(host).map((g) => g.getAttribute('aria-pressed'))).toEqual(['false', 'true', 'false']);
    (sections(host)[0] as SVGElement).dispatchEvent(new MouseEvent('click', { bubbles: true }));
    for (const key of ['Enter', ' ', 'x'])
      sections(host)[2]!.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    expect(picked.mock.calls).toEqual([['b'], ['m'], ['m']]);
  });

  it('is drawn to one scale along: a shape as long as it is, the next where it ends', () => {
    const [body, cone] = sections(show([BODY, CONE])).map(reach);
    expect(cone![0]).toBeCloseTo(body![1], 1);
    expect((cone![1] - cone![0]) / (body![1] - body![0])).toBeCloseTo(80 / 50, 2);
  });

  it('turned end for end lies the other way round, as long as before', () => {
    const [straight, turned] = [
      show([BODY, CONE]),
      show([BODY, CONE], { heldAs: { ...HELD, turned: true } }),
    ];
    const [a, b] = [sections(straight).map(reach), sections(turned).map(reach)];
    expect(b[1]![1]).toBeCloseTo(b[0]![0], 1);
    expect(b[0]![1] - b[0]![0]).toBeCloseTo(a[0]![1] - a[0]![0], 1);
  });

  it('with a hole in it is drawn cut open, and a thread has its second line', () => {
    expect(show([BODY, CONE]).querySelector('.cut')).toBeNull();
    const bored = show([BODY, CONE, THREAD]);
    expect(bored.querySelectorAll('.cut')).toHaveLength(2);
    expect(sections(bored).map((g) => g.querySelector('.thin') !== null)).toEqual([false, false, true]);
  });

  it('marks the shape that has something missing or wrong', () => {
    const { length: _length, ...open } = CONE as typeof CONE & { length: number };
    const host = show([BODY, open as Feature]);
    expect(sections(host).map((g) => g.classList.contains('problem'))).toEqual([false, true]);
  });

  it('has its dimensions in the units of the screen; low, none', async () => {
    const host = show([BODY, CONE]);
    const said = (): string => plain(host.querySelector('svg')!.textContent);
    expect(said()).toContain('130');
    usePreferences().units = 'inch';
    await nextTick();
    expect(said()).toContain('5.118');
    expect(plain(show([BODY, CONE], { compact: true }).querySelector('svg')!.textContent)).not.toContain(
      '5.118',
    );
  });

  it('says by how much it is drawn thicker than it is long', () => {
    const thin: Feature = { ...BODY, diameter: 4, length: 400 } as Feature;
    expect(plain(show([thin]).querySelector('.factor')?.textContent ?? '')).toMatch(/×\d/);
  });
});

describe('the stages of the work', () => {
  const TABS = (['part', 'plan', 'set', 'cut'] as const).map((view) => ({ view, to: `/job/j/${view}` }));
  const tabs = (stages: object[], stage = 'set'): HTMLElement =>
    mount(StageTabs, { tabs: TABS, stage, stages });
  const said = (host: HTMLElement): string[] =>
    [...host.querySelectorAll('a')].map((a) => plain(a.textContent));
  it('are numbered, ticked once done, and say where the work is and which is on the screen', () => {
    const host = tabs([
      { stage: 'part', state: 'done', stale: null },
      { stage: 'set', state: 'now', stale: null },
      { stage: 'cut', state: 'ahead', stale: null },
    ]);
    expect(said(host)).toEqual(['✓Partdone', '2Plan', '3Setnow', '4Cut']);
    expect([...host.querySelectorAll('a')].map((a) => a.getAttribute('aria-current'))).toEqual([
      null,
      null,
      'page',
      null,
    ]);
    expect(host.querySelectorAll('a')[3]!.getAttribute('href')).toBe('/job/j/cut');
  });
  it('that something upstream has made stale say what, to who sees them and who hears them', () => {
    const host = tabs([{ stage: 'set', state: 'done', stale: ['The taper is not the one it was set for.'] }]);
    expect(said(host)[2]).toBe('↻Setcheck again: The taper is not the one it was set for.');
    expect(host.querySelectorAll('a')[2]!.getAttribute('title')).toBe(
      'The taper is not the one it was set for.',
    );
  });
});

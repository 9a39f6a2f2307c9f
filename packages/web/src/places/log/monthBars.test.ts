import { describe, expect, it } from 'vitest';
import { useMounted } from '../../testkit/mounted';
import MonthBars from './MonthBars.vue';

const { mount } = useMounted();
const MONTHS = [
  { month: '2026-09-01', scrapped: 2, reworked: 1 },
  { month: '2026-10-01', scrapped: 0, reworked: 0 },
  { month: '2026-11-01', scrapped: 0, reworked: 4 },
];
const bars = (host: HTMLElement, name: string) =>
  [...host.querySelectorAll(`rect.${name}`)].map((bar) => ({
    y: Number(bar.getAttribute('y')),
    height: Number(bar.getAttribute('height')),
  }));

describe('pieces lost month by month', () => {
  it('are as tall as they are many, what was sent back on top of what was scrapped', () => {
    const host = mount(MonthBars, { months: MONTHS });
    const [scrap, rework] = [bars(host, 'scrap'), bars(host, 'rework')];
    const one = scrap[0]!.height / 2;
    expect(scrap.map(({ height }) => height / one)).toEqual([2, 0, 0].map((n) => expect.closeTo(n, 9)));
    expect(rework.map(({ height }) => height / one)).toEqual([1, 0, 4].map((n) => expect.closeTo(n, 9)));
    expect(rework[0]!.y + rework[0]!.height).toBeCloseTo(scrap[0]!.y, 9);
  });
  it('are said to who cannot see them, months without any left out', () => {
    const label = mount(MonthBars, { months: MONTHS }).querySelector('svg')!.getAttribute('aria-label');
    expect(label).toMatch(/^Lost by month: Sept? 2 scrapped, 1 sent back; Nov 0 scrapped, 4 sent back$/);
  });
  it('have whole pieces at the side, each once', () => {
    const few = mount(MonthBars, { months: [{ month: '2026-11-01', scrapped: 1, reworked: 0 }] });
    const ticks = [...few.querySelectorAll('text')]
      .map((t) => t.textContent!.trim())
      .filter((t) => /^\d/.test(t));
    expect(ticks).toEqual([...new Set(ticks)]);
    expect(ticks.every((t) => Number.isInteger(Number(t)))).toBe(true);
  });
});

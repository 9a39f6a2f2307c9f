import { describe, expect, it } from 'vitest';
import { useMounted } from '../../../../testkit/mounted';
import SweepChart from './SweepChart.vue';

const { mount } = useMounted();
const COUNT = 101;
const WORD = 30;

/** A sweep over 100 mm that one term alone bends, drawn; where its name stands, and where a place of the travel is. */
function named(term: 'bow' | 'step' | 'sine', of: (at: number) => number) {
  const fitted = Array.from({ length: COUNT }, (_, at) => ({ at, seen: of(at) }));
  const host = mount(SweepChart, {
    readings: fitted,
    leftOut: [],
    fitted,
    slope: 0,
    below: -0.0001,
    above: 0.0001,
    spikes: [],
    follows: null,
    terms: [{ term, takes: fitted.map(({ seen }) => seen) }],
    before: null,
  });
  const text = host.querySelector('text.named')!;
  const zero = host.querySelector('line.zero')!;
  const [from, to] = [Number(zero.getAttribute('x1')), Number(zero.getAttribute('x2'))];
  return {
    word: text.textContent!.trim(),
    x: Number(text.getAttribute('x')),
    placeOf: (at: number): number => from + ((to - from) * at) / (COUNT - 1),
    above: [...host.querySelectorAll('path.fit, text.named')].at(-1) === text,
  };
}

describe('what bends a sweep is named on its drawing', () => {
  it('a step beside its edge, over the middle of what it lifts', () => {
    const { word, x, placeOf, above } = named('step', (at) => (at > 60 ? 0.03 : 0));
    expect(word).toBe('step');
    expect(x).toBeGreaterThan(placeOf(61) + WORD);
    expect(x).toBeCloseTo(placeOf(80), 6);
    expect(above, 'over the line').toBe(true);
  });
  it('a step down near the end, where there is little of it, and one from the beginning', () => {
    expect(named('step', (at) => (at > 97 ? -0.03 : 0)).x).toBeGreaterThan(named('step', () => 0.03).x);
    const { x, placeOf } = named('step', () => 0.03);
    expect(x).toBeCloseTo(placeOf(50), 6);
  });
  it('a bow in its middle, and the screw at a crest of it', () => {
    const bow = named('bow', (at) => (at * (100 - at)) / 1e5);
    expect([bow.word, Math.round(bow.x)]).toEqual(['bow', Math.round(bow.placeOf(50))]);
    const screw = named('sine', (at) => 0.01 * Math.sin((2 * Math.PI * at) / 20));
    expect([screw.word, Math.round(screw.x)]).toEqual(['screw', Math.round(screw.placeOf(5))]);
  });
});

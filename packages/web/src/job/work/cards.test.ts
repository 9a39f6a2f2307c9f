import { entry } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick } from 'vue';
import { plain } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import FeatureLimits from '../part/FeatureLimits.vue';
import FiguresCardView from './cards/FiguresCardView.vue';
import HoleCardView from './cards/HoleCardView.vue';
import PlaceCardView from './cards/PlaceCardView.vue';
import StairsCardView from './cards/StairsCardView.vue';
import { provideOperation } from './useOperation';

const screen = useOnScreen();
const document = shankJob('attachment');
const show = (view: unknown, card: object): HTMLElement =>
  screen.show(
    document,
    defineComponent(() => {
      provideOperation(() => 'face-tailstock');
      return () => h(view as never, { card, feature: null, line: ['The line of it'] });
    }),
  );
const said = (host: HTMLElement): string => plain(host.textContent);
const big = (host: HTMLElement): string => plain(host.querySelector('.big')?.textContent ?? '');

describe('the cards of plain operations', () => {
  it('a hole: what the barrel reads at its depth, and where it is drawn back', () => {
    const host = show(HoleCardView, {
      kind: 'hole',
      diameter: 10.3,
      depth: 32,
      point: 3.1,
      pilot: 6,
      pecks: [30.9, 32],
    });
    expect(big(host)).toBe('35.1 mm');
    expect(said(host)).toContain('drawn back at 34.0 mm');
    expect(said(host)).toContain('Pilot first⌀6.00 mm');
    expect(said(host)).not.toContain('ten diameters');
  });
  it('a hole more than ten diameters deep is warned of', () => {
    const deep = { kind: 'hole', diameter: 3, depth: 31, point: 1, pilot: null, pecks: [31] };
    expect(said(show(HoleCardView, deep))).toContain('ten diameters');
  });
  it('a groove: from its near side, with the tool’s width in the last plunge', () => {
    const groove = { kind: 'place', near: 20, far: 28, from: 30, bottom: 26, through: false, measures: [] };
    const host = show(PlaceCardView, groove);
    expect(big(host)).toBe('20.00 mm');
    expect(said(host)).toContain('Last plunge at25.00 mm');
    expect(said(host)).toContain('3 plunges');
  });
  it('a tool wider than the groove is said at its box', () => {
    const narrow = { kind: 'place', near: 20, far: 22, from: 30, bottom: 26, through: false, measures: [] };
    expect(said(show(PlaceCardView, narrow))).toContain('wider than the groove');
  });
  it('parting off has one place and no far side', () => {
    const off = { kind: 'place', near: 137, far: 140, from: 32, bottom: 0, through: true, measures: [] };
    const host = show(PlaceCardView, off);
    expect(said(host)).not.toContain('Last plunge');
    expect(said(host)).not.toContain('wider than');
  });
  it('shoulders are gone through one by one, and back', async () => {
    const steps = [
      { diameter: 28, along: 80, dial: 4 },
      { diameter: 26, along: 40, dial: 6 },
    ];
    const host = show(StairsCardView, { kind: 'stairs', steps, from: 32 });
    const press = async (name: string): Promise<void> => {
      [...host.querySelectorAll('button')].find((one) => plain(one.textContent) === name)!.click();
      await nextTick();
    };
    expect(said(host)).toContain('Shoulder 1 of 2');
    await press('Cut, the next');
    expect(said(host)).toContain('Shoulder 2 of 2');
    expect(said(host)).toContain('40.0 mm');
    await press('One back');
    expect(said(host)).toContain('Shoulder 1 of 2');
  });
  it('figures to go by: the first the largest', () => {
    const length = (value: number) => ({ quantity: 'length', value, resolution: 0.01 });
    const figures = [
      { label: 'Mouth', figure: length(12.5) },
      { label: 'Depth', figure: length(1.8) },
    ];
    const host = show(FiguresCardView, { kind: 'figures', figures, notes: [['Slowly.']], measures: [] });
    expect(big(host)).toBe('12.50 mm');
    expect(said(host)).toContain('Slowly.');
  });
});

describe('how good a feature is to be', () => {
  const body = { ...document.features[1]!, id: 'b' } as never as { id: string };
  const shown = (over: object, errors: Record<string, string> = {}) =>
    screen.show(document, FeatureLimits, { feature: { ...body, ...over }, errors });
  it('is said in a line, by what says so', () => {
    expect(said(shown({}))).toContain('medium general limits');
    expect(said(shown({ fit: 'h6' }))).toContain('May be 29.987 mm to 30.000 mm by its fit');
    expect(said(shown({ plus: entry('0.1 mm') }))).toContain('to 30.100 mm as drawn');
  });
  it('opens by itself where something is wrong with it', () => {
    expect(shown({}).querySelectorAll('input')).toHaveLength(0);
    expect(shown({ fit: 'H7' }, { fit: 'H7 is a hole’s fit.' }).querySelector('.grid')).not.toBeNull();
  });
});

import { entry, newWork, type FeatureDocument, type JobDocument } from '@anello/contract';
import { USUAL_CURVE } from '@anello/core/curve';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { useOnScreen } from '../../testkit/onScreen';
import { useCurve } from './useCurve';
import { useTemplateSide } from './useTemplateSide';

const screen = useOnScreen();
const OGEE = [
  { z: entry('0 mm'), diameter: entry('16 mm'), run: 'line' },
  { z: entry('30 mm'), diameter: entry('26 mm'), run: 'ogee' },
  { z: entry('40 mm'), diameter: entry('26 mm'), run: 'line' },
];
const profile = (more: object = {}): FeatureDocument =>
  ({ id: 'c', name: 'Handle', kind: 'profile', side: 'external', points: OGEE, ...more }) as FeatureDocument;
const BODY: FeatureDocument = {
  id: 'b',
  name: 'Body',
  kind: 'cylinder',
  side: 'external',
  diameter: entry('26 mm'),
  length: entry('25 mm'),
};
const part = (features: FeatureDocument[], work: object = {}): Partial<JobDocument> => ({
  features,
  work: { c: { ...newWork('curve'), ...work } },
  quantity: 1,
});
const onScreen = (features = [profile(), BODY], work: object = {}) =>
  screen.work(part(features, work), useCurve).desk;

describe('a curve on the screen', () => {
  it('is the shape in hand: its pieces, its side, and how far its end lies from the face', () => {
    const desk = onScreen();
    expect(desk.pieces.value!.length).toBeGreaterThan(1);
    expect([desk.name.value, desk.member.value, desk.beyond.value]).toEqual(['Handle', 'external', 25]);
  });
  it('whose points make no curve has no pieces, and nothing is out of reach', () => {
    const desk = onScreen([profile({ points: OGEE.slice(0, 1) }), BODY]);
    expect(desk.pieces.value).toBeNull();
    expect(desk.reach.value.found).toBeNull();
  });
  it('a part without one has neither', () => {
    const desk = onScreen([BODY]);
    expect([desk.pieces.value, desk.name.value, desk.plunge.value]).toEqual([null, '', null]);
  });
  it('lengths are as typed, or the usual', () => {
    const desk = onScreen(undefined, { nose: entry('3 mm') });
    expect([desk.length('nose'), desk.entryOf('nose')]).toEqual([3, entry('3 mm')]);
    expect(desk.length('limit')).toBe(USUAL_CURVE.limit);
    expect(desk.entryOf('limit')).toMatchObject({ value: USUAL_CURVE.limit });
    desk.change({ limit: entry('0.2 mm') });
    expect(desk.length('limit')).toBe(0.2);
  });
  it('a nose too large for a hollow is told where, and a small one reaches all of it', async () => {
    const hollow = [
      { z: entry('0 mm'), diameter: entry('30 mm'), run: 'line' },
      { z: entry('8 mm'), diameter: entry('20 mm'), run: 'line' },
      { z: entry('16 mm'), diameter: entry('30 mm'), run: 'line' },
    ];
    const desk = onScreen([profile({ points: hollow }), BODY], { nose: entry('6 mm') });
    expect(desk.reach.value.found!.length).toBeGreaterThan(0);
    desk.change({ nose: entry('0.01 mm') });
    await nextTick();
    expect(desk.reach.value.found!.every(({ left }) => left < 0.02)).toBe(true);
  });
  it('the way chosen is kept with the curve; another can be taken back, the first has nothing to go back to', async () => {
    const desk = onScreen();
    const way = () => (useJob().document!.work['c'] as { way?: string }).way;
    desk.choose('steps');
    await nextTick();
    expect([way(), useScreen().undoable]).toEqual(['steps', null]);
    desk.choose('steps');
    expect(useScreen().undoable).toBeNull();
    desk.choose('drawing');
    await nextTick();
    expect(way()).toBe('drawing');
    expect(useScreen().undoable!.text).toBe('Way changed.');
    useScreen().undoable!.run();
    await nextTick();
    expect(way()).toBe('steps');
  });
  it('cut, it is kept how, of the shape it is', async () => {
    await onScreen().keepShaped('steps', '250 steps');
    expect(screen.kept('shaped')).toEqual([{ kind: 'shaped', way: 'steps', said: '250 steps' }]);
    expect(useJob().records[0]).toMatchObject({ feature: 'c' });
  });
});

describe('how a drawing to follow lies on the lathe', () => {
  const side = (work: object = {}) =>
    screen.work(part([profile(), BODY], work), () => useTemplateSide(useCurve())).desk;
  it('outside it is never turned over; in a bore it is for the far wall', () => {
    expect(side({ wall: 'far' })('external').turnedOver).toBe(false);
    expect(side({ wall: 'far' })('internal').turnedOver).toBe(true);
    expect(side({ wall: 'near' })('internal')).toMatchObject({ member: 'internal', turnedOver: false });
  });
  it('a place of the tip is what this lathe’s dial reads there', () => {
    expect(side()('external').dial(10).replaceAll('\u00a0', ' ')).toMatch(/^20\.0\d* mm$/);
  });
});

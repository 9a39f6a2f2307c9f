import { entry, type FeatureDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { LATHE_ID, shankJob, useOnScreen } from '../../testkit/onScreen';
import { useCut } from '../cut/useCut';
import { useCurve } from '../curve/useCurve';
import { useEccentric } from '../eccentric/useEccentric';
import { useMounted } from '../../testkit/mounted';
import { useGo } from './useGo';
import { useWork } from './useWork';
import { provideJobModel, useJobModel } from './useJobModel';

const { mount } = useMounted();
const screen = useOnScreen();
const disc: FeatureDocument = {
  id: 'e',
  name: 'Eccentric',
  kind: 'eccentric',
  side: 'external',
  diameter: entry('54 mm'),
  length: entry('18 mm'),
  travel: entry('9.5 mm'),
};
const ogee: FeatureDocument = {
  id: 'p',
  name: 'Ogee',
  kind: 'profile',
  side: 'external',
  points: [
    { z: entry('0 mm'), diameter: entry('18 mm') },
    { z: entry('20 mm'), diameter: entry('26 mm'), run: 'ogee' },
  ],
};

describe('what is worked out of a job', () => {
  it('all of it follows from the document, the lathe and what was kept', () => {
    const { model } = screen.work(shankJob('attachment'), useJobModel);
    expect(model.taper.value?.task.length).toBeCloseTo(86, 9);
    expect(model.lathe.value?.name).toBe('Long lathe');
    expect(model.wayChosen.value?.device).toBe('attachment');
    expect(model.school.value?.id).toBe('indicator');
    expect(model.schools.value.map((s) => s.id)).toContain('master');
    expect(model.choice.value?.recommended).toBe('attachment');
    expect(model.steps.value.length).toBeGreaterThan(1);
    expect(model.progress.value?.now).toBe('set');
    expect([model.shape.value?.kind, model.eccentric.value]).toEqual(['taper', null]);
  });
  it('an unsettled taper has an error and no steps; the part is still laid out', async () => {
    const { model } = screen.work(shankJob('attachment'), useJobModel);
    useJob().edit((draft) => {
      const [cone] = draft.features;
      if (cone?.kind === 'taper') delete cone.gaugeDiameter;
    });
    await nextTick();
    expect(model.taperError.value?.code).toBe('underdetermined');
    expect([model.taper.value, model.context.value, model.choice.value]).toEqual([null, null, null]);
    expect([model.steps.value, model.schools.value]).toEqual([[], []]);
    expect(model.layout.value.sections).toHaveLength(2);
  });
  it('what the lathe is still set to comes into the choice; disturbed, it is gone', async () => {
    const { model } = screen.work(shankJob('compound'), useJobModel);
    const device = 'attachment' as const;
    const told = { machineId: LATHE_ID, device, workLength: null, jobId: null, jobNumber: null };
    const halfAngle = model.taper.value!.task.halfAngle;
    await useShop().keepSetting({ ...told, halfAngle, how: 'proved' });
    await nextTick();
    expect(model.stillSet.value.map((row) => row.device)).toEqual(['attachment']);
    expect(model.choice.value?.reason[0]).toContain('still stands');
    await useShop().keepSetting({ ...told, halfAngle: null, how: 'disturbed' });
    await nextTick();
    expect(model.stillSet.value).toEqual([]);
  });
  it('a lathe that is not there leaves everything without it', () => {
    const { model } = screen.work(shankJob('compound', { machineId: 'gone' }), useJobModel);
    expect([model.lathe.value, model.context.value, model.stillSet.value]).toEqual([null, null, []]);
    expect(model.taper.value).not.toBeNull();
  });
});

describe('a part of several shapes', () => {
  const seat: FeatureDocument = {
    id: 's',
    name: 'Seat',
    kind: 'taper',
    side: 'internal',
    from: 'headstock',
    largeEnd: 'headstock',
    largeDiameter: entry('22 mm'),
    halfAngle: entry('8 deg', 'angle'),
    length: entry('24 mm'),
  };
  const two = (() => {
    const job = shankJob('attachment');
    return { ...job, features: [...job.features, seat] };
  })();
  it('the one picked is in hand, with its own work, records and place in the browser', async () => {
    const { model, desk } = screen.work(two, () => useWork('taper'), 's');
    expect(model.shape.value?.feature).toBe('s');
    expect([model.way.value, model.key.value]).toEqual([null, 'j-1.s']);
    expect(model.taper.value?.task.halfAngle).toBeCloseTo((8 * Math.PI) / 180, 9);
    desk.edit((work) => void (work.mate = 'Collet'));
    await model.keep({ kind: 'pass', dialFrom: 0, dialTo: 1, planned: null, depth: 0.5, typed: '' });
    await nextTick();
    const { work } = useJob().document!;
    expect([work['s']?.mate, work['t']?.mate]).toEqual(['Collet', '']);
    expect(useJob().records[0]).toMatchObject({ feature: 's', piece: 1 });
    expect(model.records.value).toHaveLength(1);
  });
  it('what is held of one is changed there, whichever is in hand by then', async () => {
    const { model, desk } = screen.work(two, () => useWork('taper'));
    const first = desk.held();
    await model.keep({ kind: 'verdict', verdict: 'accepted', cause: '' });
    await nextTick();
    expect(model.shape.value?.feature).toBe('s');
    first.edit((work) => void (work.mate = 'Sleeve'));
    desk.lay({ mate: 'Collet' });
    first.lay({ mate: 'Another sleeve' });
    const { work } = useJob().document!;
    expect([work['t']?.mate, work['s']?.mate]).toEqual(['Another sleeve', 'Collet']);
  });
  it('none picked, it is the first that is not proved; what is not tagged is the first’s', async () => {
    const { model } = screen.work(two, useJobModel);
    expect(model.shape.value?.feature).toBe('t');
    await useJob().keep({ kind: 'felt', feel: 'firm' });
    await nextTick();
    expect(model.records.value).toHaveLength(1);
    await model.keep({ kind: 'verdict', verdict: 'accepted', cause: '' });
    await nextTick();
    expect(model.shape.value?.feature).toBe('s');
    expect(model.records.value).toHaveLength(0);
    expect(model.progress.value?.finished).toBe(false);
  });
  it('where its views are says which of them', () => {
    const { desk } = screen.work(two, useGo, 's');
    expect([desk.path('set'), desk.path('plan')]).toEqual(['/job/j-1/set/s', '/job/j-1/plan']);
    expect(screen.work(shankJob('attachment'), useGo).desk.path('set')).toBe('/job/j-1/set');
  });
});

describe('a desk', () => {
  it('is made by who asks first, and is the same for everything under it', () => {
    let under: unknown;
    const Under = defineComponent(() => {
      under = useCut();
      return () => null;
    });
    let above: unknown;
    mount(
      defineComponent(() => {
        provideJobModel();
        return () =>
          h(
            defineComponent(() => {
              above = useCut();
              return () => h(Under);
            }),
          );
      }),
    );
    expect(under).toBe(above);
  });
  it('of an eccentric: its ways here, its limit and what is made of it', async () => {
    const { desk } = screen.work({ features: [disc] }, useEccentric);
    expect(desk.part.value).toMatchObject({ throw: 4.75, diameter: 54 });
    expect(desk.ways.value?.recommended?.id).toBe('four-jaw');
    expect(desk.limit.value).toBe(0.05);
    desk.setLength('limit', entry('0.02 mm'));
    await nextTick();
    expect(desk.limit.value).toBe(0.02);
    desk.choose('four-jaw');
    desk.choose('packing');
    await nextTick();
    expect(useScreen().undoable?.text).toBe('Way changed.');
    useScreen().undoable!.run();
    await nextTick();
    expect(desk.choice.value.way).toBe('four-jaw');
    await desk.keepMade('throw');
    expect(screen.kept('made')[0]).toMatchObject({ what: 'throw', basis: { throw: 4.75, bore: null } });
    useScreen().undoable!.run();
    await nextTick();
    expect(screen.kept('withdrawn')).toHaveLength(1);
  });
  it('of a curve: its pieces, what the tool reaches, and the usual figures until others are given', async () => {
    const { desk, model } = screen.work({ features: [ogee] }, useCurve);
    expect(model.shape.value?.kind).toBe('curve');
    expect(desk.pieces.value!.length).toBeGreaterThan(0);
    expect(desk.reach.value).toMatchObject({ found: [], said: '' });
    expect(desk.length('nose')).toBe(0.8);
    expect(desk.entryOf('nose')).toEqual(entry('0.8 mm'));
    desk.change({ nose: entry('30 mm') });
    await nextTick();
    expect(desk.reach.value.found!.length).toBeGreaterThan(0);
    await desk.keepShaped('steps', '12 steps');
    expect(screen.kept('shaped')).toEqual([{ kind: 'shaped', way: 'steps', said: '12 steps' }]);
  });
});

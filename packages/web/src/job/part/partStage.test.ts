import { beforeAll, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { entry, type FeatureDocument } from '@anello/contract';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { BORE, DISC, HUB } from '../../testkit/disc';
import { fill, plain, press } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import PartStage from './PartStage.vue';

const screen = useOnScreen();
const TANG = { id: 'g', name: 'Tang', kind: 'tang', side: 'external', at: 'headstock' } as FeatureDocument;
const open = (more: FeatureDocument[] = []) => {
  const job = shankJob('attachment');
  return screen.show({ ...job, features: [...job.features, ...more] }, PartStage);
};
const text = (host: HTMLElement): string => plain(host.textContent);
const names = (): string[] => useJob().document!.features.map((one) => one.name);
const rows = (host: HTMLElement): string[] =>
  [...host.querySelectorAll('.list .row')].map((one) => plain(one.textContent));

describe('the features along the axis', () => {
  it('each says its size, what lies on others or inside is set in, and one that is not complete says so', () => {
    const host = open([TANG]);
    expect(rows(host)).toEqual([
      'Shanktaper⌀24.076 – 19.759 × 86',
      'Bodycylinder⌀30 × 50',
      'Tangtangfigures missing',
    ]);
    const set = [...host.querySelectorAll('.list li')].map((one) => one.classList.contains('inner'));
    expect(set.slice(0, 3)).toEqual([false, false, true]);
  });
  it('are moved along it, and one taken out comes back behind what it stood behind', async () => {
    const host = open([TANG]);
    press(host, 'Shank nearer the tailstock');
    await nextTick();
    expect(names()).toEqual(['Body', 'Shank', 'Tang']);
    press(host, /^Tang/);
    await nextTick();
    press(host, 'Tang nearer the headstock');
    await nextTick();
    expect(names()).toEqual(['Body', 'Tang', 'Shank']);
    press(host, 'Tang nearer the tailstock');
    press(host, /^Shank/);
    await nextTick();
    press(host, 'Take Shank out');
    await nextTick();
    expect(names()).toEqual(['Body', 'Tang']);
    const back = useScreen().undoable!;
    expect(back.text).toBe('Shank taken out of the list.');
    back.run();
    await vi.waitFor(() => expect(names()).toEqual(['Body', 'Shank', 'Tang']));
  });
  it('the one that is picked is edited: what is typed is laid in the part, what cannot be is refused at its box', async () => {
    const host = open();
    press(host, /^Body/);
    await nextTick();
    fill(host, 'Diameter', '32');
    await nextTick();
    expect(useJob().document!.features[1]).toMatchObject({ diameter: { value: 32 } });
    expect(rows(host)[1]).toContain('⌀32 × 50');
    fill(host, 'Diameter', '4o mm');
    await nextTick();
    expect(useJob().document!.features[1]).toMatchObject({ diameter: { value: 32 } });
    expect(host.querySelector('.v-input--error em')!.textContent).not.toBe('');
  });
});

describe('the figures of a taper', () => {
  it('follow what is typed: half angle, ends and zone', async () => {
    const host = open();
    expect(text(host)).toContain('1°26′16″');
    fill(host, 'Taper on diameter', '1:20');
    await nextTick();
    expect(text(host)).toContain('1°25′56″');
    expect(useJob().document!.features[0]).toMatchObject({ ratio: { value: 1 / 20 } });
  });
  it('that disagree are said at the box that makes them', async () => {
    const host = open();
    fill(host, 'Half angle', '2 deg');
    await nextTick();
    const wrong = [...host.querySelectorAll('.v-input--error')].map((one) => plain(one.textContent));
    expect(wrong.join()).toMatch(/Half angle.*Give one of the two/);
  });
  it('of a lathe nobody knows are there all the same', () => {
    const job = shankJob('attachment');
    const host = screen.show({ ...job, machineId: 'gone' }, PartStage);
    expect(text(host)).toContain('1°26′16″');
  });
});

describe('the figures of an eccentric', () => {
  const show = () => screen.show({ features: [HUB, DISC, BORE], quantity: 1 }, PartStage);
  it('are the travel, the circle it sweeps, and its wall on the low side and the high', async () => {
    const host = show();
    await vi.waitFor(() => expect(text(host)).toContain('Whole travel9.500 mm'));
    expect(text(host)).toContain('Sweeps a circle of69.50 mm');
    // 30 less 8 of the bore, and the throw off or on.
    expect(text(host)).toContain('Wall, low side and high17.25 mm, 26.75 mm');
    expect(text(host)).toContain('Bore H716.000 mm to 16.018 mm');
  });
  it('a travel that is not twice the throw is said, and stands alone where the throw is taken out', async () => {
    const host = show();
    fill(host, 'or the whole travel', '10');
    await nextTick();
    expect(useJob().document!.features[1]).toMatchObject({ travel: { value: 10 } });
    expect([...host.querySelectorAll('.v-input--error em')].map((one) => one.textContent).join()).not.toBe(
      '',
    );
    fill(host, 'Throw', '');
    await nextTick();
    expect(useJob().document!.features[1]).not.toHaveProperty('throw');
    expect(host.querySelector('.v-input--error')).toBeNull();
    await vi.waitFor(() => expect(text(host)).toContain('Whole travel10.000 mm'));
  });
});

describe('the points of a profile', () => {
  const point = (z: number, diameter: number) => ({
    ...{ z: entry(`${z} mm`), diameter: entry(`${diameter} mm`), run: 'line' },
  });
  const HANDLE = {
    ...{ id: 'c', name: 'Handle', kind: 'profile', side: 'external' },
    points: [point(0, 16), point(30, 26), point(40, 26)],
  } as unknown as FeatureDocument;
  // Fetched when it is first wanted, which takes its time here.
  beforeAll(() => import('./profile/ProfilePoints.vue'));
  const open = async () => {
    const host = screen.show({ features: [HANDLE], quantity: 1 }, PartStage);
    await vi.waitFor(() => expect(text(host)).toContain('Add a point'));
    return host;
  };
  const points = () =>
    (useJob().document!.features[0] as unknown as { points: ReturnType<typeof point>[] }).points;
  const zs = (): number[] => points().map((one) => one.z?.value);
  it('are taken out and come back, forth and back again', async () => {
    const host = await open();
    press(host, 'Take point 2 out');
    await nextTick();
    expect(zs()).toEqual([0, 40]);
    press(host, 'Undo');
    await nextTick();
    expect(zs()).toEqual([0, 30, 40]);
    press(host, 'Redo');
    await nextTick();
    expect(zs()).toEqual([0, 40]);
  });
  it('turned end for end it runs the other way', async () => {
    const host = await open();
    press(host, 'End for end');
    await nextTick();
    expect(points().map((one) => [one.z.value, one.diameter.value])).toEqual([
      [0, 26],
      [10, 26],
      [40, 16],
    ]);
  });
  it('one more is added at the end, to be filled', async () => {
    const host = await open();
    press(host, 'Add a point');
    await nextTick();
    expect(points()).toHaveLength(4);
    expect(
      [...host.querySelectorAll('label')].some((one) => plain(one.textContent).startsWith('4: along')),
    ).toBe(true);
  });
  it('a place typed is laid in it', async () => {
    const host = await open();
    fill(host, '2: along', '25');
    await nextTick();
    expect(zs()).toEqual([0, 25, 40]);
  });
});

import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import type { FeatureDocument } from '@anello/contract';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
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

import { length } from '@anello/core/figure';
import { describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useScreen } from '../../data/stores/screen';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useWayChoice, type WayCardFacts } from './useWayChoice';

const screen = useOnScreen();
const way = (id: string, blockers: WayCardFacts['blockers'] = []): WayCardFacts => ({
  id,
  title: `By ${id}`,
  blockers,
  setting: length(12, 0.01),
  settingLabel: 'Set over',
  notes: [],
});
function choosing(ways: readonly WayCardFacts[], best: string | null) {
  const [all, recommended, chosen] = [ref(ways), ref(best), ref<string | null>(null)];
  screen.work(shankJob('attachment'), () =>
    useWayChoice({
      ways: all as never,
      recommended: recommended as never,
      chosen: chosen as never,
      choose: (id) => void (chosen.value = id),
    }),
  );
  return { recommended, chosen, of: useScreen() };
}

describe('a way chosen by the reading bar', () => {
  it('is the recommended one; once chosen the bar leads on to Set', async () => {
    const { chosen, of } = choosing([way('a'), way('b')], 'b');
    expect(of.bar).toMatchObject({ label: 'Take the recommended way', empty: { label: 'Choose it' } });
    of.bar!.empty!.run();
    await nextTick();
    expect(chosen.value).toBe('b');
    expect(of.bar).toMatchObject({ label: 'The way is chosen', empty: { label: 'On to Set' } });
    of.bar!.empty!.run();
    expect(screen.went).toEqual(['/job/j-1/set']);
  });
  it('is asked for by nothing while none is recommended', () => {
    expect(choosing([way('a')], null).of.bar).toBeNull();
  });
  it('is shown across the shop with its figure: what is chosen, before what is recommended', async () => {
    const { chosen, of } = choosing([way('a'), way('b')], 'b');
    expect(of.across).toMatchObject({ step: ['By b'], label: 'Set over' });
    chosen.value = 'a';
    await nextTick();
    expect(of.across).toMatchObject({ step: ['By a'] });
  });
  it('that is ruled out has no figure to show', () => {
    expect(choosing([way('a', [['No attachment.']])], 'a').of.across).toBeNull();
  });
});

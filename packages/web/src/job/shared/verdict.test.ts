import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { fill, plain, press } from '../../testkit/mounted';
import { LATHE_ID, shankJob, useOnScreen } from '../../testkit/onScreen';
import VerdictPanel from './VerdictPanel.vue';

const screen = useOnScreen();
const FINE = { atLine: true, angleRight: true, past: false, hasTaper: true };
const open = (
  props: Partial<typeof FINE> = {},
  way: 'attachment' | 'tailstock' | 'form-tool' = 'attachment',
) => screen.show(shankJob(way), VerdictPanel, { ...FINE, ...props });
/** Until everything a verdict does has been done. */
const told = (text: string): Promise<void> => vi.waitFor(() => expect(useScreen().undoable?.text).toBe(text));
const keepSetting = (way: 'attachment' | 'tailstock' | 'form-tool') =>
  useJob().keep({ kind: 'setting-kept', way, machineId: LATHE_ID, halfAngle: 0.0251, workLength: 136 });
const settings = () => useShop().byId(LATHE_ID)!.settings;

describe('what is advised', () => {
  it.each([
    [{}, 'it can be accepted'],
    [{ angleRight: false }, 'Blue it once before accepting'],
    [{ atLine: false }, 'Not yet at its line.'],
    [{ atLine: false, past: true }, 'Past its line'],
    [{ hasTaper: false, atLine: false }, 'Measure what the drawing asks for'],
  ])('%j', (props, words) => expect(plain(open(props).textContent)).toContain(words));
});

describe('a verdict', () => {
  it('accepted proves what the lathe stands at, and says by which piece', async () => {
    const host = open();
    await keepSetting('attachment');
    press(host, 'Accept it');
    await told('Piece 1: accepted.');
    expect(screen.kept('verdict')).toEqual([{ kind: 'verdict', verdict: 'accepted', cause: '' }]);
    expect(settings()).toMatchObject([
      {
        device: 'attachment',
        halfAngle: 0.0251,
        workLength: null,
        how: 'piece 1 fitted its mate',
        jobNumber: 'J-1',
      },
    ]);
    await vi.waitFor(() => expect(screen.went).toEqual(['/job/j-1/record']));
    expect(useScreen().undoable?.text).toBe('Piece 1: accepted.');
    useScreen().undoable!.run();
    await vi.waitFor(() => expect(screen.kept('withdrawn')).toHaveLength(1));
  });
  it('the tailstock’s goes with the length of the work; a way that sets nothing proves nothing', async () => {
    const host = open({}, 'tailstock');
    await keepSetting('tailstock');
    press(host, 'Accept it');
    await told('Piece 1: accepted.');
    expect(settings()[0]).toMatchObject({ device: 'tailstock', workLength: 136 });
  });
  it('a setting kept for another way is not what made this piece', async () => {
    const host = open({}, 'tailstock');
    await keepSetting('attachment');
    press(host, 'Accept it');
    await told('Piece 1: accepted.');
    expect(settings()).toEqual([]);
  });
  it('scrap wants its cause, from the list or in one’s own words', async () => {
    const host = open({ past: true });
    press(host, 'Scrap');
    await nextTick();
    host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await nextTick();
    expect(screen.kept('verdict')).toEqual([]);
    expect(plain(host.textContent)).toContain('Say what caused it');
    press(host, 'Went past its line');
    await nextTick();
    host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await told('Piece 1: scrap.');
    expect(screen.kept('verdict')).toEqual([
      { kind: 'verdict', verdict: 'scrap', cause: 'Went past its line' },
    ]);
    expect(settings()).toEqual([]);
    await vi.waitFor(() => expect(screen.went).toEqual(['/job/j-1/record']));
  });
  it('rework keeps the piece at the lathe', async () => {
    const host = open({ atLine: false });
    press(host, 'Rework');
    await nextTick();
    fill(host, 'Cause, in your words', '  torn finish ');
    await nextTick();
    host.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));
    await told('Piece 1: rework.');
    expect(screen.kept('verdict')).toEqual([{ kind: 'verdict', verdict: 'rework', cause: 'torn finish' }]);
    expect(screen.went).toEqual([]);
    expect(plain(host.textContent)).toContain('Piece 1: rework');
  });
});

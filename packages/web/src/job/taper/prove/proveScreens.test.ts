import { entry, type TaperWork } from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useScreen, type BarRequest } from '../../../data/stores/screen';
import { fill, plain, press } from '../../../testkit/mounted';
import { shankJob, useOnScreen } from '../../../testkit/onScreen';
import ProveStage from './ProveStage.vue';

const screen = useOnScreen();
const RATIO = 1 / 19.922;
/** A shank turned from a bar of 24 mm, so that there is a dial to go on from. */
const open = () => {
  const job = shankJob('attachment');
  const work = job.work['t'] as TaperWork;
  const cut = { ...work.cut, stock: entry('24 mm') };
  return screen.show({ ...job, work: { t: { ...work, cut } } }, ProveStage);
};
const text = (host: HTMLElement): string => plain(host.textContent);
const question = () => useScreen().bar as Extract<BarRequest, { asks: 'figure' }>;
const answer = async (value: number): Promise<void> => {
  await question().keep({ value } as never, `${value}`);
  await nextTick();
};
const judged = (value: number) => {
  const { phrase, tone } = question().judge!(value)!;
  return [plainText(phrase).replaceAll('\u00a0', ' '), tone];
};

describe('how far it stands off', () => {
  it('is asked first, and judged by what is left on diameter as it is typed', () => {
    const host = open();
    expect(text(host)).toContain('Clean both, try it in the sleeve');
    expect(question()).toMatchObject({
      label: 'Stand-off now',
      hint: 'From the gauge line; minus when it has gone past.',
    });
    expect(judged(1.2)).toEqual([`${(1.2 * RATIO).toFixed(3)} mm left on diameter`, 'plain']);
    expect(judged(0.2)[1]).toBe('good');
    expect(judged(-0.4)).toEqual([`${(0.4 * RATIO).toFixed(3)} mm past on diameter`, 'bad']);
  });
  it('tells what to feed, which is kept as a pass by one press; then it is tried again before anything else', async () => {
    const host = open();
    await answer(4);
    expect(screen.kept('stand-off')).toMatchObject([{ seen: 4 }]);
    expect(text(host)).toMatch(/Feed this much more/);
    const dial = useScreen().across!.figure!.value;
    // Never so much that it goes past the line at once: 4 mm along are 0.2 on this diameter dial.
    expect(dial).toBeGreaterThan(0.04);
    expect(dial).toBeLessThan(4 * RATIO + 0.25 * RATIO);
    press(host, /^Fed \d+ divisions?/);
    await vi.waitFor(() => expect(screen.kept('pass').length).toBeGreaterThan(0));
    expect(screen.kept('pass').at(-1)!.dialTo).toBeCloseTo(screen.kept('pass')[0]!.dialFrom + dial, 9);
    expect(text(host)).toContain('Cut since it was tried');
    expect(useScreen().across).toBeNull();
    await answer(1);
    expect(text(host)).not.toContain('Cut since it was tried');
  });
  it('at its line, and past it, says so, and what can be saved', async () => {
    const host = open();
    await answer(0.1);
    expect(text(host)).toMatch(/It stands at its line/);
    await answer(-1);
    expect(text(host)).toContain('Gone past its line');
    expect(text(host)).toMatch(/fac/i);
  });
  it('by another way wants its own figure first, and is refused at its box while that makes no sense', async () => {
    const host = open();
    press(host, 'Depth from a face');
    await nextTick();
    expect(text(host)).toContain('measure between two faces');
    fill(host, 'Between the faces when it is right', '20');
    await nextTick();
    expect(question().label).toBe('Between the faces now');
    expect(judged(21)).toEqual([`${(1 * RATIO).toFixed(3)} mm left on diameter`, 'plain']);
    await answer(21);
    expect(screen.kept('stand-off').at(-1)!.seen).toBeCloseTo(1, 9);
    expect(() => judged(300)).toThrow(/further than the whole taper/);
  });
});

describe('what was seen and felt', () => {
  it('a mark is kept as it is pressed; a band at one end can be clocked, and the swing asked in the bar', async () => {
    const host = open();
    press(host, 'large end');
    await vi.waitFor(() => expect(screen.kept('contact')).toMatchObject([{ contact: 'large', swing: null }]));
    await vi.waitFor(() => expect(text(host)).toMatch(/steep/));
    press(host, 'Clock the swing at the loose end');
    await nextTick();
    expect(question().label).toBe('Swing at the loose end');
    await answer(-0.04);
    expect(screen.kept('contact').at(-1)).toMatchObject({ swing: 0.04, distance: 86 });
    expect(question().label).toBe('Stand-off now');
    expect(text(host)).toMatch(/0\.04/);
  });
  it('a feel is kept, shown as pressed, and can be taken back', async () => {
    const host = open();
    press(host, 'no shake');
    await vi.waitFor(() => expect(screen.kept('felt')).toEqual([{ kind: 'felt', feel: 'firm' }]));
    await nextTick();
    const pressed = () =>
      [...host.querySelectorAll('.feels [aria-pressed=true]')].map((one) => plain(one.textContent));
    expect(pressed()).toEqual(['no shake']);
    expect(useScreen().undoable?.text).toBe('Kept: no shake.');
    press(host, 'loose at both ends');
    await vi.waitFor(() => expect(pressed()).toEqual(['loose at both ends']));
    press(host, 'as cool as its gauge');
    await vi.waitFor(() => expect(pressed()).toEqual(['loose at both ends', 'as cool as its gauge']));
  });
  it('a cone measured at all weighs with them', async () => {
    const host = open();
    press(host, 'Measure the cone itself');
    await nextTick();
    expect(text(host)).toMatch(/sine bar|micrometer|Two diameters|rollers/i);
  });
});

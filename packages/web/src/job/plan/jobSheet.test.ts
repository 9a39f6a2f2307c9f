import { entry } from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { LONG_LATHE } from '../../../../contract/src/machine/machines.testdata';
import { usePreferences } from '../../data/stores/preferences';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useJobSheet } from './useJobSheet';

const screen = useOnScreen();
const BAR = { shape: 'round' as const, across: entry('38 mm'), length: entry('170 mm') };
const sheet = (more: Parameters<typeof shankJob>[1] = {}) =>
  screen.work(shankJob('attachment', { number: 'J-101', title: 'Arbor', stock: BAR, ...more }), useJobSheet)
    .desk;
const spaced = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');

describe('a job on paper', () => {
  it('has what it is, on which lathe, of what, how many, and from what bar', () => {
    const given = sheet({ material: 'EN24T', quantity: 4 })()!;
    expect([given.number, given.title]).toEqual(['J-101', 'Arbor']);
    expect(given.facts.map(spaced)).toEqual([
      `${LONG_LATHE.name} · EN24T · 4 pieces`,
      'From round bar 38.000 mm by 170.0 mm',
    ]);
  });
  it('says what is not said, to what it is hardened, when it is wanted and by whom', () => {
    const given = sheet({ material: '', harden: entry('58', 'number'), due: '2026-12-04', who: 'RK' })()!;
    expect(given.facts[0]).toBe(`${LONG_LATHE.name} · material not said, hardened to 58 HRC · one piece`);
    expect(given.facts.at(-1)).toBe('wanted 2026-12-04 · RK');
    expect(sheet({ material: '', due: '2026-12-04' })()!.facts.at(-1)).toBe('wanted 2026-12-04');
  });
  it('is in the units of the screen', async () => {
    const of = sheet();
    usePreferences().units = 'inch';
    await nextTick();
    expect(of()!.units).toBe('inch');
    expect(spaced(of()!.facts[1]!)).toMatch(/^From round bar 1\.496\d* in by 6\.69\d* in$/);
  });
  it('has each shape with its figures and its way, and every holding with what each operation’s square leads to', () => {
    const given = sheet()!()!;
    expect(given.shapes.map(({ name }) => name)).toEqual(['Shank']);
    const lines = given.shapes[0]!.lines.map((line) => spaced(plainText(line))).join(' ');
    expect(lines).toMatch(/1:19\.92/);
    expect(given.holdings.length).toBeGreaterThan(0);
    const [operation] = given.holdings[0]!.operations;
    expect(given.addressOf(operation!)).toMatch(/^http.*\/job\/j-1\/(work|set|cut|way)\b/);
    expect(given.address).toBe(`${location.origin}/job/j-1/plan`);
  });
  it('warns of what its line of work risks or leaves undone', () => {
    const whole = sheet()()!;
    expect(whole.findings).toEqual([]);
    // Only one end of it is faced by this.
    const little = sheet({
      plan: [
        {
          id: 'h1',
          by: 'three-jaw',
          grips: { from: 0, to: 30 },
          toward: 'tailstock',
          centre: false,
          operations: [{ id: 'face-tailstock', kind: 'face', features: [], end: 'tailstock' }],
        },
      ],
    } as Parameters<typeof shankJob>[1])()!;
    const said = little.findings.map((f) => spaced(plainText(f)));
    expect(said).toContain('The headstock end is not faced.');
    expect(said.some((f) => /Shank is not made/.test(f))).toBe(true);
  });
});

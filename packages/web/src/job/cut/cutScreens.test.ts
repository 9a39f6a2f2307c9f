import {
  entry,
  newKit,
  sizes,
  type FeatureDocument,
  type JobDocument,
  type TaperWork,
} from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describe, expect, it, vi } from 'vitest';
import { nextTick, type Component } from 'vue';
import { useKit } from '../../data/stores/kit';
import { useScreen, type BarRequest } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { fill, plain, press } from '../../testkit/mounted';
import { shankJob, shankWork, useOnScreen } from '../../testkit/onScreen';
import DrillFirst from './DrillFirst.vue';
import EndsPanel from './EndsPanel.vue';
import HoldPanel from './HoldPanel.vue';
import PacePanel from './PacePanel.vue';
import PassesView from './PassesView.vue';

const screen = useOnScreen();
const text = (host: HTMLElement): string => plain(host.textContent);
const bar = (): BarRequest => useScreen().bar!;
const question = () => bar() as Extract<BarRequest, { asks: 'figure' }>;
/** A shank from a bar of so much at its small end, 19.759 mm when it is finished. */
const fromStock = (stock: string | null): JobDocument => {
  const job = shankJob('compound');
  const work = job.work['t'] as TaperWork;
  const cut = { ...work.cut, ...(stock ? { stock: entry(stock) } : {}) };
  return { ...job, work: { t: { ...work, cut } } };
};
const show = (component: Component, document: Partial<JobDocument> = shankJob('compound')) =>
  screen.show(document, component);

describe('the passes', () => {
  it('want the stock first: without it the bar asks nothing', () => {
    const host = show(PassesView, fromStock(null));
    expect(text(host)).toContain('Give the stock’s diameter');
    expect(useScreen().bar).toBeNull();
  });
  it('are taken one by one as planned, each kept, and the last can be taken back', async () => {
    const host = show(PassesView, fromStock('24 mm'));
    const ahead = () => host.querySelectorAll('tbody tr:not(.taken)').length;
    const whole = ahead();
    expect(text(host)).toContain('Pass 1: feed the dial to');
    expect(text(host)).toContain('Now at the small end 24.00 mm');
    expect(bar()).toMatchObject({ label: 'Dial now', empty: { label: 'Cut it', turn: 1 } });
    await bar().empty!.run();
    await nextTick();
    expect(screen.kept('pass')).toHaveLength(1);
    expect(text(host)).toContain('Pass 2: feed the dial to');
    expect([host.querySelectorAll('tr.taken').length, ahead()]).toEqual([1, whole - 1]);
    press(host, 'Take back');
    await vi.waitFor(() => expect(screen.kept('withdrawn')).toHaveLength(1));
    expect(text(host)).toContain('Pass 1: feed the dial to');
    expect(useScreen().undoable?.text).toBe('Pass taken back.');
  });
  it('a dial past the planned one is said before it is kept, and one that comes back', () => {
    show(PassesView, fromStock('24 mm'));
    const judged = (value: number) => {
      const { phrase, tone } = question().judge!(value)!;
      return [plainText(phrase).replaceAll('\u00a0', ' '), tone];
    };
    expect(judged(0.5)).toEqual(['not past the planned pass', 'good']);
    expect(judged(5)[1]).toBe('warn');
    expect(judged(5)[0]).toMatch(/ past the planned pass$/);
    expect(judged(-1)).toEqual(['backed out by 1.00 mm', 'warn']);
  });
  it('what is measured is judged by what is still on, and kept', async () => {
    const host = show(PassesView, fromStock('24 mm'));
    press(host, 'I measured it');
    await nextTick();
    expect(bar().label).toBe('Diameter at the small end');
    const { phrase, tone } = question().judge!(20)!;
    expect([plainText(phrase).replaceAll('\u00a0', ' '), tone]).toEqual([
      '0.241 mm still on, on diameter',
      'good',
    ]);
    expect(question().judge!(19.7)!.tone).toBe('bad');
    await question().keep({ value: 22 } as never, '22');
    await nextTick();
    expect(screen.kept('measured')).toMatchObject([{ diameter: 22 }]);
    expect(bar().label).toBe('Dial now');
    expect(text(host)).toContain('Now at the small end 22.00 mm');
  });
  it('stop at the allowance: cut again at the same figure, then on to Prove', async () => {
    const host = show(PassesView, fromStock('20 mm'));
    for (let i = 0; i < 20 && bar().empty!.label === 'Cut it'; i++) {
      await bar().empty!.run();
      await nextTick();
    }
    expect(text(host)).toContain('cut again at the same figure, twice');
    for (let i = 0; i < 2; i++) {
      expect(bar().empty!.label).toBe('Cut again');
      await bar().empty!.run();
      await nextTick();
    }
    expect(text(host)).toContain('try it in its mate before another cut');
    bar().empty!.run();
    expect(screen.went.at(-1)).toMatch(/\/prove$/);
  });
  it.each([
    ['grinding', 0.27],
    ['polish', 0.01],
    ['a try', 0.08],
    ['reaming', 0.17],
  ])('what is left for %s is laid in the box', async (next, left) => {
    const host = show(PassesView, fromStock('24 mm'));
    press(host, next);
    await nextTick();
    expect(shankWork().cut.allowance.value).toBeCloseTo(left, 9);
  });
});

describe('drilled first', () => {
  const SOCKET = {
    ...{ id: 't', name: 'Socket', kind: 'taper', side: 'internal', from: 'tailstock', largeEnd: 'tailstock' },
    ...{ gaugeDiameter: entry('23.825 mm'), ratio: entry('1:19.922', 'taper'), length: entry('60 mm') },
  } as FeatureDocument;
  const open = (list: string) => {
    const document = { ...newKit('drills'), name: 'Drawer', sizes: sizes(list) };
    useKit().kit = [{ id: 'd', version: 1, document }];
    return show(DrillFirst, {
      ...shankJob('compound'),
      features: [SOCKET, shankJob('compound').features[1]!],
    });
  };
  it('the largest that clears goes through, a larger one as deep as the cone allows', () => {
    // Its small end is 23.825 - 60 / 19.922 = 20.813; a drill of 20 clears it by the 0.8 that is left.
    const said = text(open('12; 20; 23'));
    expect(said).toMatch(/⌀20.* mmthrough/);
    expect(said).not.toContain('⌀12');
  });
  it('says so where none is small enough, and nothing of an outside taper', () => {
    expect(text(open('21; 25'))).toContain('No drill owned is under 20.01 mm');
    expect(text(show(DrillFirst))).toBe('');
  });
});

describe('held true', () => {
  const open = () => show(HoldPanel);
  it('one jaw says nothing yet, four how far it swings and which to move; a try is kept', async () => {
    const host = open();
    fill(host, 'Jaw 1', '0.2');
    await nextTick();
    // One alone tells no swing: none is shown, and there is no try to keep.
    expect(text(host)).toContain('Read the opposite jaw');
    expect(text(host)).not.toMatch(/It swings|Keep this try/);
    for (const [jaw, seen] of [
      [2, '0.1'],
      [3, '0'],
      [4, '0.1'],
    ] as const)
      fill(host, `Jaw ${jaw}`, seen);
    await nextTick();
    expect(text(host)).toContain('It swings0.200 mm');
    press(host, 'Keep this try and read again');
    await vi.waitFor(() => expect(screen.kept('held')).toHaveLength(1));
    expect(screen.kept('held')[0]).toMatchObject({ readings: [0.2, 0.1, 0, 0.1], inside: false });
    expect(screen.kept('held')[0]!.swing).toBeCloseTo(0.2, 6);
    expect(text(host)).toContain('Tries so far: 0.200 mm');
  });
  it('what it may swing is the cone’s own zone, or as it is typed', async () => {
    const host = open();
    for (const jaw of [1, 2, 3, 4]) fill(host, `Jaw ${jaw}`, jaw === 1 ? '0.2' : '0.1');
    await nextTick();
    expect(text(host)).toContain('good enough at 0.009 mm');
    fill(host, 'Swing allowed', '0.3');
    await nextTick();
    expect(text(host)).toContain('good enough at 0.300 mm');
  });
  it('read near and far it tells offset from lean, once every box is filled, and is kept as a note', async () => {
    const host = open();
    press(host, 'Near and far');
    await nextTick();
    expect(text(host)).toContain('The answer appears when all of them are read');
    const near = ['0.1', '0', '-0.1', '0'];
    near.forEach((seen, i) => fill(host, `Near, jaw ${i + 1}`, seen));
    near.forEach((_seen, i) => fill(host, `Far, jaw ${i + 1}`, i === 0 ? '0.3' : i === 2 ? '-0.3' : '0'));
    fill(host, 'Apart', '150');
    await nextTick();
    expect(text(host)).toMatch(/Near the jaws it is off by 0\.100 mm toward jaw 1/);
    press(host, 'Keep as a note');
    await vi.waitFor(() => expect(screen.kept('note')).toHaveLength(1));
    expect(screen.kept('note')[0]!.text.replaceAll('\u00a0', ' ')).toMatch(
      /^Near and far: Near the jaws it is off by/,
    );
  });
});

describe('the pace of a handle', () => {
  const open = (screwLead?: string) => {
    const host = show(PacePanel);
    const [row] = useShop().machines;
    const compound = { ...row!.document.compound!, ...(screwLead ? { screwLead: entry(screwLead) } : {}) };
    useShop().machines = [{ ...row!, document: { ...row!.document, compound } }];
    return host;
  };
  it('is that of the wanted feed on this lathe’s screw, slower and faster by tens', async () => {
    const host = open('4 mm');
    await nextTick();
    // 300 a minute at 0.1 mm a turn are 30 mm a minute: 7.5 turns of 4 mm.
    expect(text(host)).toContain('7.5 turns a minute');
    expect(text(host)).toContain('one turn in 8.0 s');
    press(host, 'Faster');
    await nextTick();
    expect(text(host)).toContain('7.8 turns a minute');
    const box = host.querySelector('input')!;
    box.value = '12';
    box.dispatchEvent(new Event('input', { bubbles: true }));
    await nextTick();
    press(host, 'Slower');
    await nextTick();
    expect(box.value).toBe('10');
    box.value = 'fast';
    box.dispatchEvent(new Event('input', { bubbles: true }));
    await nextTick();
    expect(text(host)).toContain('Give the spindle’s speed as a number');
  });
  it('is not there where nobody knows the screw, or the slide is not fed', async () => {
    expect(text(open())).toBe('');
    expect(text(show(PacePanel, shankJob('attachment')))).toBe('');
  });
});

describe('ends and threads', () => {
  const DRAWBAR = {
    ...{ id: 's', name: 'Drawbar', kind: 'thread', side: 'internal', from: 'tailstock', designation: 'M12' },
    ...{ length: entry('24 mm') },
  } as FeatureDocument;
  const open = (thread: FeatureDocument) =>
    show(EndsPanel, { ...shankJob('compound'), features: [...shankJob('compound').features, thread] });
  it('a thread of the part says its hole: the drill, how deep, and its counterbore', async () => {
    const host = open(DRAWBAR);
    expect(text(host)).toContain('Drawbar, M12');
    // M12 x 1.75 at 0.9 of the full overlap; four turns of lead under 24 mm.
    expect(text(host)).toMatch(/exactly 10\.30 mm for 90 %/);
    expect(text(host)).toContain('Drill, full diameter, to31.0 mm');
    fill(host, 'Engagement wanted, %', '120');
    await nextTick();
    expect(text(host)).toContain('More than nothing, and no more than 100.');
  });
  it('another is asked for by name, inside and out; a name that is none says so at its box', async () => {
    const host = open(DRAWBAR);
    fill(host, 'Another thread', 'M20');
    await nextTick();
    expect(text(host)).toContain('M20 × 2.5, tapped');
    expect(text(host)).toContain('M20 × 2.5, cut outside');
    fill(host, 'Another thread', 'hose');
    await nextTick();
    expect(text(host)).not.toContain('cut outside');
    expect(host.querySelector('.v-input--error em')?.textContent).not.toBe('');
  });
  it('one of no known name is a metric form of its own figures, and says so', () => {
    const own = { ...DRAWBAR, designation: 'Ours', diameter: entry('15 mm'), pitch: entry('1.3 mm') };
    expect(text(open(own as FeatureDocument))).toContain('Drawbar, Ours: no known thread by that name');
  });
});

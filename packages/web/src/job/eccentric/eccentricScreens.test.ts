import { eccentricOfJob, entry, type FeatureDocument, type JobDocument } from '@anello/contract';
import { packingPlan, throwFromPacking, type EccentricPart } from '@anello/core/eccentric';
import { plainText } from '@anello/core/figure';
import { JAWS } from '@anello/core/holding';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen, type BarRequest } from '../../data/stores/screen';
import { BORE, DISC, HUB, THROW } from '../../testkit/disc';
import { fill, plain, press } from '../../testkit/mounted';
import { useOnScreen } from '../../testkit/onScreen';
import EccentricCut from './EccentricCut.vue';
import EccentricProve from './EccentricProve.vue';
import EccentricSet from './EccentricSet.vue';
import EccentricWay from './EccentricWay.vue';

const screen = useOnScreen();
const job = (way: string, more: object = {}): Partial<JobDocument> => ({
  features: [HUB, DISC, BORE],
  work: { e: { kind: 'eccentric', mate: '', way, ...more } } as never,
  quantity: 1,
});
const part = (): EccentricPart => eccentricOfJob(job('four-jaw') as JobDocument, 'e')!;
const bar = (): BarRequest => useScreen().bar!;
const question = () => bar() as Extract<BarRequest, { asks: 'figure' }>;
const answer = async (mm: number): Promise<void> => {
  await question().keep({ value: mm } as never, `${mm} mm`);
  await nextTick();
};
const text = (host: HTMLElement): string => plain(host.textContent);
/** What the needle shows with each jaw up where the axis stands off by so much toward jaw 1. */
const needle = (off: number, jaw: number): number => {
  const [along, across] = [off * Math.cos(JAWS[jaw - 1]!), off * Math.sin(JAWS[jaw - 1]!)];
  return along + Math.sqrt(900 - across * across) - 30;
};

describe('the travel proved', () => {
  const open = () => screen.show(job('four-jaw'), EccentricProve, { part: part() });
  it('is asked at the near station and at the far one, judged as it is typed, and right when both are', async () => {
    const host = open();
    expect(question()).toMatchObject({ label: 'Whole swing, near station', asks: 'figure' });
    const judged = question().judge!(9.7)!;
    expect([plainText(judged.phrase).replaceAll('\u00a0', ' '), judged.tone]).toEqual([
      '0.200 mm over the travel wanted',
      'bad',
    ]);
    expect(question().judge!(9.46)!.tone).toBe('good');
    await answer(9.51);
    expect(question().label).toBe('Whole swing, far station');
    expect(text(host)).not.toContain('The travel is right');
    await answer(9.5);
    expect(screen.kept('travel').map(({ station, seen, wanted }) => [station, seen, wanted])).toEqual([
      ['near', 9.51, 9.5],
      ['far', 9.5, 9.5],
    ]);
    expect(text(host)).toContain('The travel is right');
    expect(text(host)).toContain('Both stations agree');
    expect(text(host)).toContain('Bore for its shaft: 16.000 mm to 16.018 mm');
  });
  it('that differs from end to end leans, by half of what they differ over its width; one is read again by itself', async () => {
    const host = open();
    await answer(9.5);
    await answer(9.6);
    // 0.05 mm over 20: 8 minutes and 36 seconds.
    expect(text(host)).toContain('It leans 8′36″ over its width');
    press(host, 'read again');
    await nextTick();
    expect(question().label).toBe('Whole swing, near station');
  });
  it('what is made already is held against a drawing that was changed since', async () => {
    const host = open();
    expect(text(host)).toContain('Nothing is made yet');
    const set = { eccentric: 'e', wanted: THROW, now: THROW, x: null, y: null, inside: true };
    await useJob().keep({ kind: 'thrown', ...set });
    await nextTick();
    expect(text(host)).toContain('agrees with the drawing as it is');
    useJob().document = { ...useJob().document!, ...job('four-jaw') };
    useJob().document!.features = [HUB, { ...DISC, throw: entry('5 mm') } as FeatureDocument, BORE];
    await nextTick();
    expect(text(host)).not.toContain('agrees with the drawing as it is');
  });
});

describe('a throw dialled in', () => {
  const open = async () => {
    const host = screen.show(job('four-jaw'), EccentricSet, { part: part() });
    await vi.waitFor(() => expect(text(host)).toContain('The needle is to swing'));
    return host;
  };
  it('asks jaw after jaw in the bar, says which to move, and keeps the try', async () => {
    const host = await open();
    expect(text(host)).toContain('9.500 mm ±0.050 mm');
    expect(question().label).toBe('Jaw 1 up');
    for (let i = 0; i < 4 && bar().asks === 'figure'; i++) {
      const jaw = Number(/\d/.exec(question().label)![0]);
      await answer(needle(4.6, jaw));
    }
    expect(text(host)).toContain('Move the jaws');
    expect(text(host)).toMatch(/Needle swings now9\.200 mm/);
    expect(bar()).toMatchObject({ label: 'Move the jaws, then', empty: { label: 'Keep this try' } });
    press(host, 'Keep this try and read again');
    await vi.waitFor(() => expect(screen.kept('thrown')).toHaveLength(1));
    expect(screen.kept('thrown')[0]).toMatchObject({ eccentric: 'e', wanted: THROW, inside: false });
    expect(screen.kept('thrown')[0]!.now).toBeCloseTo(4.6, 3);
  });
  it('that is right leads on to the cut once its boxes are clear', async () => {
    const host = await open();
    for (let i = 0; i < 4 && bar().asks === 'figure'; i++)
      await answer(needle(THROW, Number(/\d/.exec(question().label)![0])));
    expect(text(host)).toContain('The throw is right');
    press(host, 'Keep this try and read again');
    await vi.waitFor(() => expect(bar().label).toBe('The throw is right'));
    bar().empty!.run();
    expect(screen.went.at(-1)).toMatch(/\/cut$/);
  });
});

describe('a jaw packed', () => {
  const open = async (more: object = {}) => {
    const host = screen.show(job('packing', more), EccentricSet, { part: part() });
    await vi.waitFor(() => expect(text(host)).toContain('Pack one jaw'));
    return host;
  };
  const plan = (jaws: 'narrow' | 'wide') => packingPlan({ diameter: 60, throw: THROW, jaws, step: 0.01 });
  it('by the jaws it bears on, to what packing can be measured to', async () => {
    expect(text(await open())).toContain(`${plan('narrow').made.toFixed(2)} mm`);
    const wide = await open({ jaws: 'wide' });
    expect(text(wide)).toContain(`${plan('wide').made.toFixed(2)} mm`);
    expect(plan('wide').made).not.toBe(plan('narrow').made);
  });
  it('after a first reading says the next, and keeps what it throws now', async () => {
    const host = await open();
    fill(host, 'Whole swing read', '9.3');
    await nextTick();
    const { made } = plan('narrow');
    expect(throwFromPacking({ diameter: 60, packing: made, jaws: 'narrow' })).toBeCloseTo(THROW, 2);
    press(host, /Keep/);
    await vi.waitFor(() => expect(screen.kept('thrown')).toHaveLength(1));
    expect(screen.kept('thrown')[0]).toMatchObject({ now: 4.65, wanted: THROW, inside: false });
  });
});

describe('turned where it is thrown', () => {
  const open = (more: object = {}) => screen.show(job('four-jaw', more), EccentricCut, { part: part() });
  it('says what its high side clears, and where each cut lies along the bed', () => {
    const host = open();
    expect(text(host)).toContain('out to 34.8 mm');
    // Parted off past its own face by the tool's width, 3 mm where nobody said.
    expect(text(host)).toContain('45.00 mm + 3.00 mm48.00 mm');
    expect(text(open({ partTool: entry('2 mm') }))).toContain('45.00 mm + 2.00 mm47.00 mm');
  });
  it('keeps what was made at that setting', async () => {
    const host = open();
    press(host, 'It is bored');
    await vi.waitFor(() => expect(screen.kept('made')).toHaveLength(1));
    expect(screen.kept('made')[0]).toMatchObject({ what: 'bore', eccentric: 'e' });
  });
  it('a set-screw is drilled as it is tapped anywhere, and its wall says whether it holds', () => {
    const host = open({ screw: 'M6' });
    // 7 mm of wall from the hub of 30 to the bore of 16, at 1 mm a turn.
    expect(text(host)).toMatch(/Drill ⌀5\.0\d mm; the wall of 7\.00 mm gives 7\.0 turns\./);
    expect(text(host)).toContain('move 20.00 mm');
    expect(text(open({ screw: 'M30' }))).toContain('too few, it will strip');
    expect(text(open({ screw: 'M6 by eye' }))).not.toContain('Drill ⌀5');
  });
});

describe('the ways of throwing it', () => {
  it('are weighed on this lathe, and the one that is pressed is kept with it', async () => {
    const host = screen.show(job('four-jaw'), EccentricWay);
    expect(text(host)).toMatch(/Four-jaw, dialled inrecommended/);
    expect(text(host)).toContain('No three-jaw chuck is on this lathe’s record');
    press(host, 'Choose it');
    await nextTick();
    expect(useJob().document!.work['e']).toMatchObject({ way: 'fixture' });
  });
});

describe('the other views of a throw', () => {
  const open = async (view: string, said: string) => {
    const host = screen.show(job('four-jaw'), EccentricSet, { part: part() });
    press(host, view);
    await vi.waitFor(() => expect(text(host)).toContain(said));
    return host;
  };
  it('laid off on the face it is run past, by twice a worn lash, and come back to', async () => {
    const host = await open('Mark it out', 'Lay the throw off');
    // 9.50 on this diameter dial; twice 0.25 on radius are 1.00 of it.
    expect(text(host)).toContain('Run out to 10.50 mm');
    expect(text(host)).toContain('Dial, reads diameter9.50 mm');
    expect(useScreen().across).toMatchObject({ label: 'on the cross-slide dial' });
  });
  it('between centres every centre has its place, and every pair its distance', async () => {
    const host = await open('Offset centres', 'Centres on both ends');
    const [, second] = [...host.querySelectorAll('tbody tr')].map((one) => plain(one.textContent));
    expect(second).toBe('Eccentric4.75 mm0.0°4.75 mm0.00 mm');
    expect(text(host)).toContain('Shaft to Eccentric: 4.75 mm');
  });
  it('of a valve it stands ahead of the crank by what lap and lead ask', async () => {
    const host = await open('Valve motion', 'Key the eccentric');
    const advance = (lap: number, lead: number): string => {
      const seconds = Math.round((Math.asin((lap + lead) / THROW) * 180 * 3600) / Math.PI);
      const two = (n: number): string => String(n).padStart(2, '0');
      return `${Math.floor(seconds / 3600)}°${two(Math.floor(seconds / 60) % 60)}′${two(seconds % 60)}″`;
    };
    expect(text(host)).toContain(`angle of advance ${advance(2, 0.3)}`);
    fill(host, 'Lap', '1');
    await nextTick();
    expect(text(host)).toContain(`angle of advance ${advance(1, 0.3)}`);
    fill(host, 'Lap', '5');
    await nextTick();
    expect(text(host)).not.toContain('angle of advance');
  });
});

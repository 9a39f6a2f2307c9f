import { entry, type JobDocument } from '@anello/contract';
import { beamFrequency, HELD_BY } from '@anello/core/chatter';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { shank } from '../../../../../contract/src/job/jobs.testdata';
import { useKit } from '../../../data/stores/kit';
import { barRow, materialRow } from '../../../testkit/kitRows';
import { fill, plain, press, useMounted } from '../../../testkit/mounted';
import { shankJob, useOnScreen } from '../../../testkit/onScreen';
import { workerAtOnce } from '../../../testkit/workerAtOnce';
import { heardSound } from './heardSound';
import ListenPanel from './ListenPanel.vue';
import { RATE, standInSound } from './standInSound';
import { useChatterSetup } from './useChatterSetup';
import { loudest, useEar } from './useEar';

const screen = useOnScreen();
const { within } = useMounted();

describe('the made-up sound', () => {
  it('has the pitch it is told, its octave and a gear', () => {
    const { lines, heard } = heardSound({
      samples: Array.from(standInSound(1090)),
      rate: RATE,
      setup: { turns: 294, jaws: 3, teeth: [40] },
    });
    expect(lines.map(({ hz }) => Math.round(hz))).toEqual([1090, 2180, 196]);
    expect(heard[2]!.heard.fits[0]!.id).toBe('gear-40');
    expect(standInSound(700)).toEqual(standInSound(700));
  });
  it('of a long recording the loudest stretch is taken', () => {
    const all = new Float32Array(20 * RATE);
    all.fill(0.5, 11 * RATE, 13 * RATE);
    const part = loudest(all);
    expect(part).toHaveLength(4 * RATE);
    expect(part.filter((s) => s > 0)).toHaveLength(2 * RATE);
    expect(loudest(all.subarray(0, 99))).toHaveLength(99);
  });
});

describe('what is running', () => {
  it('is the job’s, and what is typed goes before it', () => {
    const { desk } = screen.work(shankJob('attachment'), useChatterSetup);
    const { setup, usual, kept, jaws, teeth } = desk;
    expect(setup.value.bar).toBeUndefined();
    expect(setup.value.work).toMatchObject({ diameter: usual.value.workDiameter, stuff: 'steel' });
    kept.set('turns', { typed: '500', value: 500 });
    kept.set('workLength', { typed: '60 mm', value: 60 });
    kept.set('barDiameter', { typed: '12 mm', value: 12 });
    kept.set('barOut', { typed: '48 mm', value: 48 });
    jaws.value = 0;
    teeth.value = '40, 56 and 3';
    expect(setup.value).toMatchObject({
      turns: 500,
      jaws: null,
      teeth: [40, 56],
      bar: { diameter: 12, length: 48, stuff: 'steel' },
      work: { length: 60 },
    });
  });

  const bored = (): JobDocument => {
    const job = shankJob('compound');
    return { ...job, features: [shank({ side: 'internal', largeEnd: 'tailstock' }), job.features[1]!] };
  };
  it('in a bore is a bar that goes into it, as far out as the bore is deep', () => {
    useKit().kit = [barRow('thin', 8, 100), barRow('thick', 60, 100), barRow('stout', 12, 100)];
    const { desk, model } = screen.work(bored(), useChatterSetup);
    const { task } = model.taper.value!;
    expect(desk.usual.value).toMatchObject({ barDiameter: 12, barOut: task.length });
    expect(desk.setup.value.bar).toEqual({ diameter: 12, length: task.length, stuff: 'steel' });
    // At the speed of the hole's own small end, not of the bar it is in.
    const outside = screen.work(shankJob('compound'), useChatterSetup).desk;
    expect(desk.usual.value.turns).toBeGreaterThan(0);
    expect(outside.usual.value).toMatchObject({ barDiameter: null, barOut: null });
  });
  it('of nothing drawn is a spindle at some speed, and neither bar nor work', () => {
    const { desk } = screen.work({ ...shankJob('compound'), features: [] }, useChatterSetup);
    expect(desk.usual.value).toEqual({
      turns: 300,
      barDiameter: null,
      barOut: null,
      workDiameter: null,
      workLength: null,
    });
    expect(desk.setup.value).toEqual({ turns: 300, jaws: 3, teeth: [] });
    // Half of a piece of work, or of a bar, is none.
    desk.kept.set('workDiameter', entry('30 mm'));
    desk.kept.set('barOut', entry('30 mm'));
    expect(desk.setup.value).toEqual({ turns: 300, jaws: 3, teeth: [] });
    desk.kept.set('workLength', entry('90 mm'));
    expect(desk.setup.value.work).toEqual({
      diameter: 30,
      length: 90,
      stuff: 'steel',
      held: desk.held.value,
    });
  });
  it('turns as fast as its material and the tool may: carbide faster, a thicker piece slower', () => {
    useKit().kit = [materialRow('Mild steel')];
    const job = shankJob('attachment', { material: 'Mild steel' } as Partial<JobDocument>);
    const turns = (tool: 'hss' | 'carbide'): number =>
      screen.work({ ...job, cut: { ...job.cut, tool } }, useChatterSetup).desk.usual.value.turns;
    const [slow, fast] = [turns('hss'), turns('carbide')];
    expect(slow).not.toBe(300);
    expect(fast).toBeGreaterThan(slow);
  });
  it.each([
    ['tailstock', 'centres'],
    ['compound', HELD_BY[0]],
  ] as const)('by the %s is held by %s, as the way holds it', (way, by) => {
    const { desk, model } = screen.work(shankJob(way), useChatterSetup);
    expect(model.wayChosen.value!.betweenCentres).toBe(by === 'centres');
    expect(desk.held.value).toBe(by);
  });
});

describe('the panel', () => {
  const begin = workerAtOnce(heardSound);
  const settled = async (): Promise<void> => {
    for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
    await nextTick();
  };
  const says = (host: HTMLElement): string => plain(host.querySelector('[role=status]')?.textContent ?? null);

  it('names what sounds so here, with what each remedy is worth', async () => {
    const host = screen.show(shankJob('attachment'), ListenPanel, { begin });
    fill(host, 'Bar, diameter', '16 mm');
    fill(host, 'Bar stands out', '96 mm');
    fill(host, 'Work stands out', '30 mm');
    await nextTick();
    press(host, 'A made-up sound');
    await settled();
    const hz = 0.82 * beamFrequency({ diameter: 16, length: 96, stuff: 'steel', held: 'one end' });
    expect(says(host)).toContain(`${Math.round(hz)}`);
    expect(says(host)).toContain('The bar’s own pitch, most likely');
    expect(says(host)).toContain('times as stiff');
    press(host, 'Clear');
    await settled();
    expect(host.querySelector('svg')).toBeNull();
  });
  it('marks that are counted on the work say the same, and what cannot be is said', async () => {
    const host = screen.show(shankJob('attachment'), ListenPanel, { begin });
    fill(host, 'Turns a minute', '300');
    fill(host, 'Waves in a turn', '3');
    await settled();
    expect(says(host)).toContain('15');
    expect(says(host)).toContain('Once for each of 3 jaws');
    fill(host, 'Waves in a turn', '');
    fill(host, 'or wave to wave', '900 mm');
    await settled();
    expect(plain(host.textContent)).toContain('Waves cannot be further apart than once round');
  });
});

describe('the ear', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  it('listens until it is told enough, lets the microphone go, and keeps the last of it', async () => {
    const ended: string[] = [];
    vi.stubGlobal('navigator', {
      mediaDevices: {
        getUserMedia: async () => ({ getTracks: () => [{ stop: () => ended.push('track') }] }),
      },
    });
    vi.stubGlobal(
      'AudioContext',
      class {
        sampleRate = 48_000;
        createAnalyser = () => ({
          fftSize: 0,
          getFloatTimeDomainData: (into: Float32Array) => void into.fill(0.25),
        });
        createMediaStreamSource = () => ({ connect: () => undefined });
        close = async () => void ended.push('context');
      },
    );
    const { found: ear } = within(useEar);
    await ear.listen();
    expect([ear.open.value, ear.sound.value]).toEqual([true, null]);
    vi.advanceTimersByTime(800);
    expect(ear.sound.value).toMatchObject({ rate: 48_000, samples: { length: 32_768 } });
    ear.stop();
    expect([ear.open.value, ended, ear.sound.value === null]).toEqual([false, ['track', 'context'], false]);
  });
  it('says so when it is not given the microphone', async () => {
    vi.stubGlobal('navigator', {
      mediaDevices: {
        getUserMedia: async () => {
          throw new Error('denied');
        },
      },
    });
    const { found: ear } = within(useEar);
    await ear.listen();
    expect(ear.said.value).toContain('The microphone was not given');
    expect(ear.open.value).toBe(false);
  });
});

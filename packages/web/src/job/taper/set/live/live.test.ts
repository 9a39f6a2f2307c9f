import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useInUse } from '../../../../data/wire/inUse';
import { useWire } from '../../../../data/wire/wire';
import { shankJob, useOnScreen } from '../../../../testkit/onScreen';
import LiveSwing from '../../../shared/LiveSwing.vue';
import { plain, press } from '../../../../testkit/mounted';
import { useRecording } from '../long/useRecording';
import { useSetting } from '../useSetting';
import { useStationsTaken } from './useStationsTaken';

const screen = useOnScreen();
let clock = 0;
beforeEach(() => {
  clock = 1000;
  vi.spyOn(performance, 'now').mockImplementation(() => clock * 1000);
});
const kept = async (): Promise<void> => {
  for (let i = 0; i < 12; i++) await new Promise((resolve) => setTimeout(resolve, 0));
};
/** Readout and dial together, twenty times a second. */
const run = async (
  seconds: number,
  travel: (t: number) => number,
  seen: (at: number) => number,
): Promise<void> => {
  for (let i = 1; i <= 20 * seconds; i++) {
    clock += 0.05;
    const at = travel(i / 20);
    const common = { angle: false, own: clock };
    useWire().take({ ...common, instrument: 'readout', channel: 'z', value: at });
    useWire().take({ ...common, instrument: 'dial', channel: '', value: seen(at) });
    if (i % 10 === 0) await kept();
  }
  await kept();
};
const both = (): void => useInUse().change({ reading: 'dial', travel: 'readout z' });

describe('stations that take themselves', () => {
  const desk = () => {
    both();
    const found = screen.work(shankJob('attachment'), () => {
      const setting = useSetting();
      return { setting, live: useStationsTaken(setting) };
    });
    const { setting } = found.desk;
    setting.index.value = found.model.steps.value.findIndex((step) => step.sweep?.reads === 'climb');
    return { ...found.desk, stations: setting.step.value!.sweep!.stations };
  };

  it('each as the readout passes it, with what the needle showed just there', async () => {
    const { live, stations } = desk();
    await run(
      1,
      () => 12,
      () => 3,
    );
    live.zeroBoth();
    live.on.value = true;
    await run(
      8,
      (t) => 12 + 10 * t,
      (at) => 3 + 0.0251 * (at - 12),
    );
    const readings = screen.kept('reading');
    expect(readings.map(({ at }) => at)).toEqual(stations.map(({ at }) => at).filter((at) => at <= 80));
    expect(readings.length).toBeGreaterThan(1);
    for (const { at, seen, typed } of readings) {
      expect(seen).toBeCloseTo(0.0251 * at, 3);
      expect(typed).toMatch(/ mm$/);
    }
    // Back and out again: they were read.
    await run(
      8,
      (t) => 92 - 10 * t,
      () => 9,
    );
    await run(
      8,
      (t) => 12 + 10 * t,
      () => 9,
    );
    expect(screen.kept('reading')).toHaveLength(readings.length);
  });
  it('none while nobody let them, and none on the way back', async () => {
    const { live } = desk();
    await run(
      8,
      (t) => 10 * t,
      () => 0,
    );
    expect(screen.kept('reading')).toEqual([]);
    live.on.value = true;
    clock += 10;
    await run(
      8,
      (t) => 80 - 10 * t,
      () => 0,
    );
    expect(screen.kept('reading')).toEqual([]);
  });
});

describe('a sweep as the carriage feeds', () => {
  const recording = () => {
    const texts: string[] = [];
    const { desk } = screen.work(shankJob('attachment'), () => useRecording((text) => texts.push(text)));
    const rows = (): number[][] =>
      (texts.at(-1) ?? '')
        .split('\n')
        .slice(1)
        .map((line) => line.split(';').map(Number));
    return { ...desk, texts, rows };
  };
  it('holds what was read on the way out, at its place, and is handed on while it runs', async () => {
    both();
    const { begin, end, count, rows, texts, running } = recording();
    await run(
      1,
      () => 5,
      () => 1,
    );
    begin(null);
    await run(
      1,
      () => 5,
      () => 1,
    );
    await run(
      4,
      (t) => 5 + 4 * t,
      (at) => 1 + 0.025 * (at - 5),
    );
    expect(texts.length).toBeGreaterThan(2);
    await run(
      2,
      (t) => 21 - 4 * t,
      () => 9,
    );
    end();
    expect([running.value, texts.at(-1)!.split('\n')[0]]).toEqual([false, 'travel mm;reading mm']);
    expect(rows().length).toBe(count.value);
    expect(rows().length).toBeGreaterThan(70);
    for (const [at, seen] of rows()) expect(seen).toBeCloseTo(1 + 0.025 * (at! - 5), 4);
    expect(rows().at(-1)![0]).toBeCloseTo(21, 1);

    await run(
      1,
      (t) => 30 + t,
      () => 9,
    );
    expect(count.value).toBe(rows().length);
  });
  it('begun with the carriage out, what counts is the run that follows', async () => {
    both();
    const { begin, end, rows } = recording();
    begin(null);
    await run(
      1,
      () => 40,
      () => 9,
    );
    await run(
      2,
      (t) => 40 - 20 * t,
      () => 9,
    );
    await run(
      4,
      (t) => 6 * t,
      (at) => 0.1 * at,
    );
    end();
    expect(rows()[0]![0]).toBeLessThan(0.5);
    expect(rows().at(-1)![0]).toBeCloseTo(24, 1);
    for (const [at, seen] of rows().slice(1)) expect(seen).toBeCloseTo(0.1 * at!, 2);
  });
  it('by feed and time where no readout tells the travel', async () => {
    useInUse().change({ reading: 'dial', travel: null });
    const { begin, end, rows } = recording();
    await run(
      0.5,
      () => 0,
      () => 0,
    );
    begin(120);
    await run(
      5,
      (t) => 2 * t,
      (at) => 0.5 * at,
    );
    end();
    expect(rows().length).toBeGreaterThan(90);
    for (const [at, seen] of rows()) expect(seen).toBeCloseTo(0.5 * at!, 1);
  });
  it('says when the needle creeps while the carriage stands', async () => {
    both();
    const { begin, end, creep } = recording();
    begin(null);
    const from = clock;
    await run(
      4,
      () => 5,
      () => 1 + (0.12 * (clock - from)) / 60,
    );
    await run(
      2,
      (t) => 5 + 4 * t,
      () => 1.008,
    );
    end();
    expect(creep.value?.perMinute).toBeCloseTo(0.12, 2);
    begin(null);
    await run(
      4,
      () => 5,
      () => 1,
    );
    end();
    expect(creep.value).toBeNull();
  });
  it('ends when an instrument falls silent, and what was read stands', async () => {
    both();
    const { begin, running, said, count } = recording();
    begin(null);
    await run(
      2,
      (t) => 3 * t,
      () => 0,
    );
    useWire().told({ is: 'gone', instruments: ['readout'] });
    for (let i = 0; i < 30; i++) {
      clock += 0.05;
      useWire().take({ instrument: 'dial', channel: '', angle: false, value: 0, own: clock });
    }
    expect(running.value).toBe(false);
    expect(said.value).toContain('silent');
    expect(count.value).toBeGreaterThan(30);
  });
});

describe('the swing while it is turned by hand', () => {
  const shown = () => {
    useInUse().change({ reading: 'dial', travel: null });
    const taken: string[][] = [];
    const host = screen.show(shankJob('attachment'), LiveSwing, {
      resolution: 0.001,
      wanted: 0,
      within: 0.02,
      next: 'Jaw 2 up',
      onTake: (text: string) => taken.push([text]),
      onCaught: (...both: string[]) => taken.push(both),
    });
    return { host, taken };
  };
  const turn = (turns: number, off: number): void => {
    for (let i = 0; i < 60 * turns; i++) {
      clock += 0.1;
      const value = off * Math.cos((2 * Math.PI * i) / 60) + 0.0001 * (i % 2);
      useWire().take({ instrument: 'dial', channel: '', angle: false, value, own: clock });
    }
  };
  it('is caught, told apart from what is good enough, and taken', async () => {
    const { host, taken } = shown();
    expect(host.querySelector('.swing')).toBeNull();
    turn(2, 0.2);
    await nextTick();
    expect(plain(host.querySelector('.whole')!.textContent)).toMatch(/▲0\.400 mm$/);
    expect(host.querySelector('.whole')!.className).toContain('out');
    press(host, 'Take high and low');
    press(host, 'Jaw 2 up: take it');
    expect(taken[0]).toEqual(['0.200 mm', '-0.200 mm']);
    expect(taken[1]![0]).toMatch(/^0\.19\d* mm$/);
    press(host, 'Catch anew');
    await nextTick();
    expect(plain(host.textContent)).toContain('Turn it once round');
    turn(2, 0.005);
    await nextTick();
    expect(host.querySelector('.whole')!.className).toContain('in');
  });
});

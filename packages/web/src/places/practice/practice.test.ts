import type { EXERCISE_IDS } from '@anello/core/practice';
import { exerciseOf, runStory, SIZE, type Knob } from '@anello/core/practice';
import { plainText } from '@anello/core/figure';
import type { LatheAction } from '@anello/core/virtual-lathe';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { bench } from '../../data/db';
import { newId } from '../../data/newId';
import { emptyBench } from '../../testkit/emptyBench';
import { plain, press, useMounted } from '../../testkit/mounted';
import HandleDial from './HandleDial.vue';
import LatheTruth from './LatheTruth.vue';
import LatheView from './LatheView.vue';
import PracticeNeedle from './PracticeNeedle.vue';
import RunsChart from './RunsChart.vue';
import { useRuns, type Run } from './runs';
import { usePracticeRun } from './usePracticeRun';
import { turnedIn } from './useReplay';

const { mount, within } = useMounted();
const knobOf = (id: (typeof EXERCISE_IDS)[number], knob: string) =>
  exerciseOf(id).knobs.find((one) => one.id === knob)!;
/** A run on a lathe, once what was held of it is done again. */
async function begun(of: (typeof EXERCISE_IDS)[number], seed?: number) {
  const { found: desk, leave } = within(() => usePracticeRun(of, seed === undefined ? {} : { seed }));
  await vi.waitFor(() => expect(desk.hand.ready.value).toBe(true));
  const turn = (knob: Knob, by: number): void => void desk.hand.act(knob.turn(by));
  return { desk, turn, leave };
}
beforeEach(async () => {
  await emptyBench();
});
const figures = (host: HTMLElement): string => plain(host.textContent);

describe('a run at the practice lathe', () => {
  it('takes the needle with the spindle where it stands, and the cards follow', async () => {
    const { desk, turn } = await begun('four-jaw', 5);
    const spindle = knobOf('four-jaw', 'spindle');
    expect(plainText(desk.advice.value)).toMatch(/jaw 1/);
    for (let k = 0; k < 4; k++) {
      desk.take();
      turn(spindle, Math.PI / 2);
    }
    expect(desk.taken.value.map(({ spindle: at }) => at)).toEqual([0, 1, 2, 3].map((k) => (k * Math.PI) / 2));
    expect(plainText(desk.advice.value)).toMatch(/^Loosen jaw \d by/);
    const before = desk.needle.value!;
    turn(knobOf('four-jaw', 'jaw-1'), -0.1);
    turn(knobOf('four-jaw', 'jaw-3'), 0.1);
    expect(desk.needle.value).not.toBeCloseTo(before, 3);
    expect(desk.knobs.value.map(({ shows }) => shows).slice(1)).toEqual([-0.1, 0, 0.1, 0]);
  });
  it('cuts while the spindle turns and the edge is in the metal, and only then', async () => {
    const { desk, turn } = await begun('to-size', 5);
    const [carriage, cross] = [knobOf('to-size', 'carriage'), knobOf('to-size', 'cross')];
    const half = (): number => desk.hand.scene.value.outline!.outside[10 * SIZE.at]!;
    desk.hand.spindle(false);
    turn(cross, 7);
    turn(carriage, -40);
    expect(half()).toBe(15);
    turn(carriage, 40);
    desk.hand.spindle(true);
    turn(carriage, -40);
    expect(desk.hand.chips.value).toBe('cutting');
    expect(half()).toBeLessThan(14.8);
    desk.take();
    expect(desk.taken.value[0]!.reading).toBeCloseTo(2 * half(), 1);
    expect(desk.hand.minutes.value).toBeGreaterThan(1);
  });
  it('ends with the truth, is kept as this person’s, and stands still', async () => {
    const { desk, turn } = await begun('lash', 5);
    const { found: runs } = within(() => useRuns());
    const cross = knobOf('lash', 'cross');
    turn(cross, 0.1);
    desk.finish(0.9);
    expect(desk.outcome.value!.outcome.right).toBe(false);
    const { crossLash } = desk.outcome.value!.truth.faults;
    expect(crossLash).toBeGreaterThan(0.05);
    const shows = desk.knobs.value[0]!.shows;
    turn(cross, 1);
    desk.take();
    expect(desk.knobs.value[0]!.shows).toBe(shows);
    expect(desk.taken.value).toHaveLength(0);
    await nextTick();
    await nextTick();
    expect(runs.of('lash')).toMatchObject([{ exercise: 'lash', level: 1, seed: 5, right: false }]);
    expect(runs.of('four-jaw')).toEqual([]);
    expect(localStorage.getItem('anello.practice')).not.toBeNull();
  });
  it('is shown again from its list, from any moment of it', async () => {
    const { desk, turn } = await begun('to-size', 5);
    const [carriage, cross] = [knobOf('to-size', 'carriage'), knobOf('to-size', 'cross')];
    const half = (): number => desk.hand.scene.value.outline!.outside[10 * SIZE.at]!;
    turn(cross, 7);
    turn(carriage, -40);
    desk.take();
    const [cut, minutes] = [half(), desk.hand.minutes.value];
    desk.finish(null);
    const { replay } = desk.hand;
    expect(replay.steps.value).toBe(3);
    replay.showAt(1);
    expect(half()).toBe(15);
    expect(desk.knobs.value.map(({ shows }) => Math.round(shows))).toEqual([30, 7]);
    replay.showAt(3);
    expect([half(), desk.hand.minutes.value]).toEqual([cut, minutes]);
    replay.showAt(0);
    expect(half()).toBe(15);
    replay.play();
    expect(replay.playing.value).toBe(true);
    replay.pause();
    expect(replay.playing.value).toBe(false);
    // What is looked at again changes nothing of what was done.
    expect(desk.outcome.value!.truth.outline('outside', SIZE.at)).toBe(cut);
  });
  it('left in the middle it is taken up again where it was, on the same lathe; or another is begun', async () => {
    const first = await begun('to-size');
    const [carriage, cross] = [knobOf('to-size', 'carriage'), knobOf('to-size', 'cross')];
    first.turn(cross, 7);
    first.turn(carriage, -40);
    first.desk.take();
    const state = (desk: typeof first.desk) => [
      desk.seed,
      desk.taken.value.map(({ reading }) => reading),
      desk.hand.scene.value.outline!.outside[10 * SIZE.at],
      desk.hand.minutes.value,
    ];
    const before = state(first.desk);
    first.leave();
    await vi.waitFor(async () => expect(await (await bench()).count('practiceDone')).toBe(1));
    const second = await begun('to-size');
    expect(state(second.desk)).toEqual(before);
    second.turn(carriage, 40);
    // The page goes before it is written: it is left beside the store.
    window.dispatchEvent(new Event('pagehide'));
    expect(localStorage.getItem(`anello.practice.left.run-to-size-${second.desk.seed}`)).toContain(
      'carriage',
    );
    second.leave();
    const third = await begun('to-size');
    expect(third.desk.hand.lathe.log.slice(-4).map(({ do: did }) => did)).toEqual([
      'turn',
      'turn',
      'measure',
      'turn',
    ]);
    third.desk.giveUp();
    third.leave();
    const other = await begun('to-size');
    expect(other.desk.taken.value).toEqual([]);
    expect(await (await bench()).count('practiceDone')).toBe(0);
  });
  it('counts what has no dial', () => {
    const actions: LatheAction[] = [
      { do: 'spin', by: 1 },
      { do: 'jaw', jaw: 2, by: 0.1 },
      { do: 'spin', by: 0.5 },
      { do: 'jaw', jaw: 2, by: -0.3 },
      { do: 'touch' },
    ];
    expect(turnedIn(actions)).toEqual({ spindle: 1.5, 'jaw-2': expect.closeTo(-0.2, 9) });
  });
  it('grows harder with what was right', () => {
    const { found: runs } = within(() => useRuns());
    const run = { exercise: 'lash', level: 1, seed: 1, right: true, minutes: 3, takings: 2 } as const;
    runs.keep(run);
    expect(runs.levelOf('lash')).toBe(1);
    runs.keep(run);
    expect(runs.levelOf('lash')).toBe(2);
    expect(runs.levelOf('to-size')).toBe(1);
  });
});

describe('runs of a person', () => {
  const OLD = { exercise: 'lash', operator: 'RK', level: 1, seed: 3, right: true, minutes: 2, takings: 1 };
  it('are the shop’s: what another screen kept counts here, and what only this one has goes there', async () => {
    localStorage.setItem('anello.operator', 'RK');
    localStorage.setItem('anello.practice', JSON.stringify([{ ...OLD, at: '2026-11-02T08:00:00.000Z' }]));
    const there = { ...OLD, id: newId(), at: '2026-11-03T08:00:00.000Z' };
    const posted: object[] = [];
    vi.stubGlobal('fetch', async (_: string, { method, body }: RequestInit = {}) => {
      if (method === 'POST') posted.push(JSON.parse(String(body)) as object);
      return new Response(JSON.stringify(method === 'POST' ? {} : { runs: [there] }), { status: 200 });
    });
    const { found: runs } = within(() => useRuns());
    await vi.waitFor(() => expect(runs.of('lash')).toHaveLength(2));
    expect(runs.of('lash')[1]).toEqual(there);
    expect(runs.levelOf('lash')).toBe(2);
    await vi.waitFor(() =>
      expect(posted).toMatchObject([{ at: '2026-11-02T08:00:00.000Z', operator: 'RK' }]),
    );
    expect(posted[0]).toHaveProperty('id', expect.stringMatching(/^[0-9a-f-]{36}$/));
    vi.unstubAllGlobals();
  });
});

describe('runs over time', () => {
  const run = (at: string, level: 1 | 2 | 3, right: boolean): Run => ({
    id: '00000000-0000-4000-8000-000000000001',
    exercise: 'lash',
    operator: 'RK',
    seed: 1,
    minutes: 3,
    takings: 2,
    at: `2026-11-${at}:00Z`,
    level,
    right,
  });
  const show = (runs: readonly Run[]): HTMLElement => mount(RunsChart, { runs, title: 'Lash' });
  const across = (host: HTMLElement): number[] =>
    [...host.querySelectorAll('.right')].map((mark) => Number(mark.getAttribute('cx')));
  it('stand where their days are, each right or wrong, and are said in words', () => {
    const host = show([run('01T10:00', 1, true), run('02T10:00', 1, true), run('11T10:00', 2, true)]);
    const [a, b, c] = across(host) as [number, number, number];
    expect((b - a) / (c - a)).toBeCloseTo(0.1, 6);
    expect(host.querySelector('svg')!.getAttribute('aria-label')).toBe(
      'Lash: 3 of 3 right, level 1 at first, 2 now.',
    );
    expect(plain(host.textContent)).toMatch(/1 Nov.*11 Nov/);
  });
  it('of one sitting stand side by side', () => {
    const host = show([run('01T10:00', 1, true), run('01T10:01', 1, false), run('01T11:00', 3, true)]);
    const [a, c] = across(host) as [number, number];
    const wrong = Number(/M([\d.]+)/.exec(host.querySelector('.wrong')!.getAttribute('d')!)![1]) + 4;
    expect(wrong).toBeCloseTo((a + c) / 2, 6);
    expect(Number(host.querySelector('.right')!.getAttribute('cy'))).toBeGreaterThan(
      Number([...host.querySelectorAll('.right')].at(-1)!.getAttribute('cy')),
    );
  });
});

describe('a handle', () => {
  const show = () => {
    const turned: number[] = [];
    const host = mount(HandleDial, {
      knob: knobOf('lash', 'cross'),
      shows: 1.25,
      still: false,
      onTurn: (by: number) => turned.push(by),
    });
    return { host, turned, rim: host.querySelector('[role=spinbutton]')! };
  };
  const key = (rim: Element, name: string, shiftKey = false): boolean =>
    rim.dispatchEvent(new KeyboardEvent('keydown', { key: name, shiftKey, cancelable: true, bubbles: true }));
  it('is turned by keys, fine and coarse, and says what it shows', () => {
    const { rim, turned } = show();
    expect(rim.getAttribute('aria-valuetext')).toContain('1.25');
    key(rim, 'ArrowUp');
    key(rim, 'ArrowDown', true);
    key(rim, 'PageUp');
    key(rim, 'ArrowLeft');
    expect(key(rim, 'x')).toBe(true);
    expect(turned).toEqual([0.01, -0.1, 0.1, -0.01]);
  });
  it('is turned by the wheel, by its buttons, and by a finger on its rim', () => {
    const { host, rim, turned } = show();
    rim.dispatchEvent(new WheelEvent('wheel', { deltaY: 3, cancelable: true }));
    rim.dispatchEvent(new WheelEvent('wheel', { deltaY: -3, shiftKey: true, cancelable: true }));
    press(host, /\+0\.10/);
    expect(turned).toEqual([-0.01, 0.1, 0.1]);
    const svg = rim as SVGElement & { setPointerCapture: (id: number) => void };
    svg.setPointerCapture = vi.fn();
    const at = (type: string, x: number, y: number): void => {
      svg.dispatchEvent(new MouseEvent(type, { clientX: x, clientY: y }));
    };
    at('pointerdown', 40, 0);
    // A quarter turn, of ten coarse clicks to the whole.
    at('pointermove', 28.28, 28.28);
    at('pointermove', 0, 40);
    at('pointerup', 0, 40);
    at('pointermove', -40, 0);
    expect(turned.slice(3).reduce((a, b) => a + b, 0)).toBeCloseTo(0.25, 1);
  });
});

describe('what is drawn', () => {
  const scene = (id: (typeof EXERCISE_IDS)[number]) => exerciseOf(id).begin(5, 1).scene();
  it('says in words what it shows', () => {
    const host = mount(LatheView, { scene: scene('to-size'), chips: 'rubbing', indicator: false });
    const words = host.querySelector('svg')!.getAttribute('aria-label')!;
    expect(words).toMatch(/edge stands 90 mm from the chuck and 18 mm from the axis/);
    expect(words).toContain('only rubs');
    expect(figures(host)).toContain('dust: it only rubs');
  });
  it('an indicator where one is used, over a test bar where there is no piece', () => {
    const host = mount(LatheView, { scene: scene('lash'), chips: 'none', indicator: true });
    expect(host.querySelector('.clock')).not.toBeNull();
    expect(host.querySelectorAll('.stock').length).toBeGreaterThan(2);
  });
  it('a needle leans as far as it has room, and says its figure', () => {
    const lean = (value: number): number =>
      Number(mount(PracticeNeedle, { value }).querySelector('.hand')!.getAttribute('x2'));
    expect(lean(0)).toBe(110);
    expect(lean(0.1)).toBeGreaterThan(110);
    expect(lean(5)).toBe(lean(0.2));
    expect(figures(mount(PracticeNeedle, { value: -0.0134 }))).toContain('0.013');
  });
  it('the truth names what was hidden, what the exercise is about first', async () => {
    const exercise = exerciseOf('lash');
    const lathe = exercise.begin(5, 5);
    const host = mount(LatheTruth, {
      about: exercise.about,
      outcome: exercise.judge(lathe, lathe.reveal().faults.crossLash),
      truth: lathe.reveal(),
      found: exercise.found!(0.111),
      story: runStory(
        () => exercise.begin(5, 5),
        lathe.log.slice(-1),
        () => false,
      ),
    });
    await nextTick();
    expect(figures(host)).toContain('✓ Right');
    const [first] = [...host.querySelectorAll('li')];
    expect(plain(first!.textContent)).toMatch(/^Lash of the cross-slide.*you found 0\.111/);
    expect(host.querySelectorAll('li').length).toBeGreaterThan(10);
  });
});

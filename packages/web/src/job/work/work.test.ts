import { entry } from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describeRecord } from '@anello/core/job';
import { describe, expect, it, vi } from 'vitest';
import { h, nextTick } from 'vue';
import { routeLocationKey } from 'vue-router';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { usePreferences } from '../../data/stores/preferences';
import { plain } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { usePlan } from '../plan/usePlan';
import { provideOperation, type OperationDesk } from './useOperation';
import { judged } from './useWorkBar';
import WorkStage from './WorkStage.vue';

const screen = useOnScreen();
const BODY = { plus: entry('0 mm'), minus: entry('0.1 mm') };
const document = (() => {
  const job = shankJob('attachment');
  return { ...job, features: job.features.map((f) => (f.id === 'b' ? { ...f, ...BODY } : f)) };
})();
const TURN = 'turn-b';
/** A card is fetched when it is shown, which takes a busy machine its time. */
const come = (check: () => void): Promise<void> => vi.waitFor(check, { timeout: 10_000 });
const operation = (id: string): OperationDesk => screen.work(document, () => provideOperation(() => id)).desk;
const plannedOperations = (): string[] =>
  screen.work(document, usePlan).desk.operations.value.map((one) => one.operation.id);
const keptOf = () => useJob().records.map(({ operation: of, feature, body }) => [body.kind, of, feature]);

describe('an operation in hand', () => {
  it('knows its place, what stands before it and what comes next', () => {
    const desk = operation(TURN);
    const { inHand } = desk;
    expect(inHand.value!.cards[0]!.card).toMatchObject({ kind: 'diameter', least: 29.9, most: 30 });
    expect(inHand.value!.place.operation).toBeGreaterThan(1);
    const order = plannedOperations();
    const at = order.indexOf(TURN);
    expect(desk.previous.value?.operation.id).toBe(order[at - 1]);
    expect(desk.next.value?.operation.id).toBe(order[at + 1]);
    expect(operation(order[0]!).previous.value).toBeNull();
    expect(desk.key.value).toBe(`j-1.1.${TURN}`);
    expect(desk.piece.value).toBe(1);
  });
  it('has what was kept in it, on this piece', async () => {
    const desk = operation(TURN);
    const note = { kind: 'note', text: 'here' } as const;
    await useJob().keep(note, { operation: TURN });
    await useJob().keep(note, { operation: 'inspect' });
    await useJob().keep({ kind: 'piece', carriedFrom: null }, { piece: 2 });
    await useJob().keep(note, { operation: TURN, piece: 2 });
    await nextTick();
    expect(desk.records.value.map(({ operation: of, piece }) => [of, piece])).toEqual([[TURN, 2]]);
  });
  it('leads to another, or to the record where there is none', () => {
    const desk = operation(TURN);
    desk.go(desk.next.value);
    desk.go(null);
    expect(screen.went).toEqual([
      screen.work(document, usePlan).desk.path(desk.next.value!),
      '/job/j-1/record',
    ]);
  });
  it('an operation there is not says so', () => {
    const desk = operation('turn-nothing');
    expect(desk.inHand.value).toBeNull();
    expect(desk.problem.value![0]).toContain('There is no such operation');
  });
  it('done, it is kept with what it is of, and the screen goes on', async () => {
    const desk = operation('face-tailstock');
    expect(desk.done.value).toBe(false);
    await desk.finish();
    await nextTick();
    expect(desk.done.value).toBe(true);
    expect(keptOf()).toEqual([['worked', 'face-tailstock', undefined]]);
    expect(screen.went[0]).toContain('/job/j-1/');
    useScreen().undoable!.run();
    await vi.waitFor(() => expect(desk.done.value).toBe(false));
  });
  it('is kept with what its cards say, in the screen’s units, and of the shape it is of', async () => {
    const desk = operation(TURN);
    const said = desk.inHand.value!.cards.map(({ line }) => plainText(line, 'inch')).join('; ');
    expect(said.length).toBeGreaterThan(10);
    usePreferences().units = 'inch';
    await desk.finish();
    expect(screen.kept('worked')[0]).toMatchObject({
      said,
      alike: desk.inHand.value!.alike,
      minutes: desk.inHand.value!.operation.minutes,
    });
    expect(keptOf()[0]).toEqual(['worked', TURN, desk.inHand.value!.cards[0]!.feature ?? undefined]);
    expect(useScreen().undoable!.text).toBe(`${desk.inHand.value!.operation.name} done.`);
  });
  it('there is not is not kept as done', async () => {
    const none = operation('turn-nothing');
    await none.finish();
    expect(screen.kept('worked')).toHaveLength(0);
  });
  it('what is measured is struck off, with its limits', async () => {
    const desk = operation('inspect');
    const [first, ...rest] = desk.toMeasure.value;
    expect(first!.what).toBe('Length over all');
    await desk.keepSize(first!, 131.1, '131.1');
    await nextTick();
    expect(desk.toMeasure.value).toHaveLength(rest.length);
    expect(screen.kept('sized')[0]).toMatchObject({ what: first!.what, seen: 131.1, low: first!.least });
    expect(keptOf()).toEqual([['sized', 'inspect', undefined]]);
  });
});

describe('the work stage', () => {
  const show = (id: string) =>
    screen.show(document, {
      setup: () => () => h(WorkStage),
      provide: { [routeLocationKey as symbol]: { params: { of: id } } },
    });
  it('asks for the dial, then to be measured, then feeds by what it has seen', async () => {
    show(TURN);
    await come(() => expect(useScreen().bar?.label).toBe('Dial now'));
    for (let i = 0; i < 10 && useScreen().bar?.label === 'Dial now'; i++) {
      await useScreen().bar!.empty!.run();
      await nextTick();
    }
    expect(screen.kept('pass').length).toBeGreaterThan(0);
    const measure = useScreen().bar!;
    expect(measure).toMatchObject({ asks: 'figure', label: 'Diameter measured' });
    if (measure.asks !== 'figure') return;
    expect(measure.judge!(30.5)).toMatchObject({ tone: 'bad' });
    await measure.keep({ value: 30.5 } as never, '30.5');
    await come(() => expect(useScreen().bar?.label).toBe('Dial now'));
    expect(keptOf().at(-1)).toEqual(['measured', TURN, 'b']);
    await useScreen().bar!.empty!.run();
    await nextTick();
    const again = useScreen().bar!;
    if (again.asks === 'figure') await again.keep({ value: 29.95 } as never, '29.95');
    await come(() => expect(useScreen().bar).toMatchObject({ label: 'Inside its limits' }));
    await useScreen().bar!.empty!.run();
    await come(() => expect(screen.kept('worked')).toHaveLength(1));
    expect(screen.kept('sized')).toEqual([
      { kind: 'sized', what: 'Body, diameter', seen: 29.95, low: 29.9, high: 30, typed: '' },
    ]);
  });
  it('the figure of a plain operation is shown across the shop, under its name', async () => {
    const { inHand } = operation('face-tailstock');
    const [first] = inHand.value!.cards;
    show('face-tailstock');
    await nextTick();
    expect(first!.card.kind).toBe('figures');
    const [figure] = first!.card.kind === 'figures' ? first!.card.figures : [];
    expect(figure).toBeDefined();
    expect(useScreen().across).toEqual({ step: [inHand.value!.operation.name], ...figure });
  });
  it('past its limits is said, and offers no more cut', async () => {
    const host = show(TURN);
    await come(() => expect(useScreen().bar?.label).toBe('Dial now'));
    await useJob().keep(
      { kind: 'measured', diameter: 29.5, expected: 30, dialAt: 1, typed: '' },
      { operation: TURN, feature: 'b' },
    );
    await come(() => expect(plain(host.textContent)).toContain('Past what it may be'));
    expect(useScreen().bar).toMatchObject({ label: 'Diameter measured' });
  });
  it('a dial past the axis is said while it is typed, and cut by nobody', async () => {
    show(TURN);
    await come(() => expect(useScreen().bar?.label).toBe('Dial now'));
    const bar = useScreen().bar!;
    if (bar.asks !== 'figure') throw new Error('nothing is asked');
    for (const dialTo of [1e9, 40, -1e6]) {
      expect(() => bar.judge!(dialTo)).toThrow(/At that figure the tool would stand/);
      await expect(bar.keep({ value: dialTo } as never, String(dialTo))).rejects.toThrow(
        /See what was typed/,
      );
    }
    expect(screen.kept('pass')).toEqual([]);
    expect(plainText(bar.judge!(-0.5)!.phrase, 'mm')).toContain('backed out by');
    await bar.keep({ value: 0.2 } as never, '0.2');
    expect(screen.kept('pass')[0]).toMatchObject({ dialFrom: 0, dialTo: 0.2 });
  });
  it('of a piece no lathe swings nothing is kept', async () => {
    const desk = operation('inspect');
    const [first] = desk.toMeasure.value;
    await expect(desk.keepSize(first!, 1e9, '1e9')).rejects.toThrow(/Nothing on this lathe is larger/);
    await expect(desk.keepSize(first!, 0, '0')).rejects.toThrow(/more than zero/);
    expect(screen.kept('sized')).toEqual([]);
  });
  it('hardness is read as a number, whatever the screen measures in', async () => {
    const hard = { ...document, harden: entry('58', 'number') };
    usePreferences().units = 'inch';
    screen.show(hard, {
      setup: () => () => h(WorkStage),
      provide: { [routeLocationKey as symbol]: { params: { of: 'harden' } } },
    });
    await come(() => expect(useScreen().bar?.label).toBe('Hardness, HRC'));
    const bar = useScreen().bar!;
    if (bar.asks !== 'figure') throw new Error('nothing is asked');
    expect(bar).toMatchObject({ dimension: 'number', defaultUnit: '1' });
    expect(bar.judge!(57)).toMatchObject({ tone: 'good' });
    expect(plainText(bar.judge!(61)!.phrase, 'inch')).toBe('1.0 over what it may be');
    await expect(bar.keep({ value: 580 } as never, '580')).rejects.toThrow(/Nothing is harder/);
    await bar.keep({ value: 57 } as never, '57');
    expect(screen.kept('sized')[0]).toMatchObject({ seen: 57, low: 56, high: 60, unit: 'HRC' });
    const said = useJob().records.map((record) => plainText(describeRecord(record), 'inch'));
    expect(said).toEqual(['Hardness, HRC 57.0, may be 56.0 to 60.0']);
  });
  it('a reading is judged by what it may be', () => {
    expect(judged({ least: 1, most: 2 }, 1.5)).toMatchObject({ tone: 'good' });
    expect(judged({ least: 1, most: 2 }, 2.1)!.phrase[1]).toContain('over');
    expect(judged({ least: 1, most: 2 }, 0.9)!.phrase[1]).toContain('under');
  });
});

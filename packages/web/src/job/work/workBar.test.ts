import type { Measure } from '@anello/core/plan';
import { describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { plainText } from '@anello/core/figure';
import { usePreferences } from '../../data/stores/preferences';
import { useScreen, type BarQuestion } from '../../data/stores/screen';
import { useMounted } from '../../testkit/mounted';
import type { OperationDesk } from './useOperation';
import { judged, onwardOf, useWorkBar } from './useWorkBar';

const { within } = useMounted();
const LENGTH: Measure = { what: 'Length over all', least: 59.7, most: 60.3 };
const CARD = { kind: 'figures', figures: [{ label: 'Depth', figure: { quantity: 'length', value: 3 } }] };

/** An operation in hand, as far as the bar looks at it. */
function desk(given: { done?: boolean; measures?: Measure[]; card?: object; inHand?: boolean } = {}) {
  const { done = false, measures = [LENGTH], card = CARD, inHand = true } = given;
  const [keepSize, finish, goOn] = [vi.fn(), vi.fn(), vi.fn()];
  const made = {
    inHand: ref(inHand ? { operation: { name: 'Face' }, cards: [{ card }] } : null),
    toMeasure: ref(measures),
    done: ref(done),
    next: ref<object | null>({ id: 'turn' }),
    onward: ref<object | null>({ piece: 1, operation: { name: 'Turn' } }),
    piece: ref(1),
    key: ref('j-1.face'),
    keepSize,
    finish,
    goOn,
  };
  within(() => useWorkBar(made as unknown as OperationDesk));
  return made;
}
const bar = () => useScreen().bar!;
const said = (seen: number): unknown => {
  const found = judged(LENGTH, seen)!;
  return [plainText(found.phrase).replaceAll('\u00a0', ' '), found.tone];
};

describe('what was measured', () => {
  it('is inside on its limits, or out by so much on that side', () => {
    expect([59.7, 60, 60.3].map((seen) => judged(LENGTH, seen)!.tone)).toEqual(['good', 'good', 'good']);
    expect(said(60.35)).toEqual(['0.050 mm over what it may be', 'bad']);
    expect(said(59.6)).toEqual(['0.100 mm under what it may be', 'bad']);
  });
});

describe('what comes after an operation', () => {
  const onward = (value: object | null, piece = 1): string =>
    onwardOf({ onward: { value }, piece: { value: piece } } as unknown as OperationDesk);
  it('is the next of this piece, another piece, or the record', () => {
    expect(onward({ piece: 1, operation: { name: 'Turn' } })).toBe('On to Turn');
    expect(onward({ piece: 2, operation: { name: 'Face' } })).toBe('On to piece 2: Face');
    expect(onward({ piece: 1, operation: null })).toBe('To the record');
    expect(onward(null)).toBe('To the record');
  });
});

describe('the reading bar of an operation', () => {
  it('asks for what is to be measured, in the screen’s units, and keeps it', async () => {
    const { keepSize } = desk();
    const asked = bar() as BarQuestion;
    expect([asked.asks, asked.label, asked.key]).toEqual([
      'figure',
      'Length over all',
      'j-1.face.Length over all',
    ]);
    expect([asked.defaultUnit, asked.judge?.(60)?.tone]).toEqual(['mm', 'good']);
    usePreferences().units = 'inch';
    await vi.waitFor(() => expect((bar() as BarQuestion).defaultUnit).toBe('in'));
    await asked.keep({ value: 60.1 } as never, '60.1');
    expect(keepSize).toHaveBeenCalledWith(LENGTH, 60.1, '60.1');
  });
  it('with nothing more to measure, offers that it is done, or that it was the last', async () => {
    const made = desk({ measures: [] });
    expect(bar()).toMatchObject({ asks: 'nothing', key: 'j-1.face.done', label: 'Face' });
    expect([bar().hint, bar().empty?.label]).toEqual(['Say when it is done.', 'Done, next']);
    await bar().empty?.run();
    expect(made.finish).toHaveBeenCalledOnce();
    made.next.value = null;
    await vi.waitFor(() => expect(bar().empty?.label).toBe('Done'));
  });
  it('once it is done asks for nothing, and goes on', async () => {
    const { goOn, finish } = desk({ done: true });
    expect([bar().asks, bar().hint, bar().empty?.label]).toEqual([
      'nothing',
      'Done on this piece.',
      'On to Turn',
    ]);
    await bar().empty?.run();
    expect([goOn.mock.calls.length, finish.mock.calls.length]).toEqual([1, 0]);
  });
  it('is not there without an operation in hand', () => {
    desk({ inHand: false });
    expect(useScreen().bar).toBeNull();
  });
  it('across the shop stands the first figure of its card, where it has one', () => {
    desk();
    expect(useScreen().across).toMatchObject({ step: ['Face'], label: 'Depth', figure: { value: 3 } });
    desk({ card: { kind: 'figures', figures: [] } });
    expect(useScreen().across).toBeNull();
    desk({ card: { kind: 'shape' } });
    expect(useScreen().across).toBeNull();
  });
});

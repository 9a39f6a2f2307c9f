import { sideOfLimits } from '@anello/core/fit';
import { sizeFigure } from '@anello/core/job';
import type { Measure } from '@anello/core/plan';
import { usePreferences } from '../../data/stores/preferences';
import type { BarQuestion, BarRequest } from '../../data/stores/screen';
import { useStageScreen } from '../model/useStageScreen';
import type { OperationDesk } from './useOperation';

/** Whether a reading lies within what it may be, in words and tone. */
export function judged(
  limits: Pick<Measure, 'least' | 'most' | 'unit'>,
  seen: number,
): ReturnType<NonNullable<BarQuestion['judge']>> {
  const side = sideOfLimits(seen, limits);
  if (side === 'inside') return { phrase: ['inside its limits'], tone: 'good' };
  const out = side === 'over' ? seen - limits.most : limits.least - seen;
  return { phrase: [sizeFigure(out, limits.unit), ` ${side} what it may be`], tone: 'bad' };
}

/** What comes when an operation is done, as the batch is worked: the next of this piece, another piece, or the record. */
export function onwardOf({ onward, piece }: OperationDesk): string {
  const { value } = onward;
  if (!value?.operation) return 'To the record';
  return value.piece === piece.value
    ? `On to ${value.operation.name}`
    : `On to piece ${value.piece}: ${value.operation.name}`;
}

/** The reading bar of an operation: what is to be measured, one after the other; and that it is done. */
export function useWorkBar(desk: OperationDesk): void {
  const preferences = usePreferences();
  const next = (): { label: string; run: () => unknown } => {
    const { value } = desk.next;
    return desk.done.value
      ? { label: onwardOf(desk), run: desk.goOn }
      : { label: value ? 'Done, next' : 'Done', run: desk.finish };
  };
  useStageScreen({
    bar(): BarRequest | null {
      if (!desk.inHand.value) return null;
      const { label, run } = next();
      const empty = { label, run: async () => void (await run()) };
      const [measure] = desk.toMeasure.value;
      if (!measure || desk.done.value)
        return {
          key: `${desk.key.value}.done`,
          asks: 'nothing',
          label: desk.inHand.value.operation.name,
          hint: desk.done.value ? 'Done on this piece.' : 'Say when it is done.',
          empty,
        };
      return {
        key: `${desk.key.value}.${measure.what}`,
        asks: 'figure',
        ...(measure.unit
          ? { dimension: 'number', defaultUnit: '1' }
          : { dimension: 'length', defaultUnit: preferences.units === 'mm' ? 'mm' : 'in' }),
        label: measure.what,
        hint: 'Measured, with the piece clean and cool; nothing typed goes on.',
        judge: (seen) => judged(measure, seen),
        keep: ({ value }, text) => desk.keepSize(measure, value, text),
        empty,
      };
    },
    across: () => {
      const [first] = desk.inHand.value?.cards ?? [];
      return first?.card.kind === 'figures' && first.card.figures[0]
        ? { step: [desk.inHand.value?.operation.name ?? ''], ...first.card.figures[0] }
        : null;
    },
  });
}

import type { KeptRecord } from '@anello/core/job';
import { watch } from 'vue';
import { useJob } from '../../data/stores/job';
import type { BenchDesk } from './useBench';
import { isHeld } from '@anello/core/job';

/** How often the needle was read for what a row keeps. */
const READ_FOR: Readonly<Record<string, (body: KeptRecord['body']) => number>> = {
  reading: () => 1,
  thrown: () => JAWS,
  held: (body) => (isHeld(body) ? body.readings.filter((seen) => seen !== null).length : 0),
};
const JAWS = 4;

/**
 * A reading kept while the indicator is in hand was taken at the practice lathe, typed or by the wire: it takes a hand its
 * time there, and counts at the end. What is kept while something else is in hand was read by that.
 */
export function useReadingsTaken({ hand, inHand, on }: Pick<BenchDesk, 'hand' | 'inHand' | 'on'>): void {
  const job = useJob();
  const since = new Date().toISOString();
  const counted = new Set<string>();
  watch(
    () => job.records,
    (records) => {
      for (const { id, at, body } of records) {
        if (at < since || counted.has(id)) continue;
        counted.add(id);
        if (inHand.value !== 'indicator') continue;
        const times = READ_FOR[body.kind]?.(body) ?? 0;
        for (let i = 0; i < times; i++) hand.act({ do: 'indicate', on: on.value });
      }
    },
  );
}

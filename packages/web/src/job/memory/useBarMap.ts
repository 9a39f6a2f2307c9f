import type { LogPage, LogRow } from '@anello/contract';
import { barMap, type BarMap, type KeptSweep } from '@anello/core/setting';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { tried } from '../model/tried';
import { useJobModel } from '../model/useJobModel';
import { useAsked } from './useAsked';
import { isSwept } from '@anello/core/job';

export interface BarKnown {
  readonly map: BarMap;
  /** When it was swept last, and for which job. */
  readonly at: string;
  readonly number: string;
}

/** Sweeps kept of one device that are looked at: a bar is not swept oftener in years. */
const MOST = 12;

/** How straight the bar or slide of the chosen way is, from the sweeps kept on this lathe. */
export function useBarMap(): ComputedRef<BarKnown | null> {
  const job = useJob();
  const model = useJobModel();
  const preferences = usePreferences();
  const { rows } = useAsked<LogPage, LogRow>(() => {
    const machine = job.document?.machineId;
    const way = model.way.value;
    const asked = new URLSearchParams({
      machine: machine ?? '',
      way: way ?? '',
      kind: 'swept',
      limit: String(MOST),
    });
    return [machine && way ? `/api/log?${asked.toString()}` : null, job.records.length];
  });
  return computed(() => {
    const length = model.taper.value?.task.length;
    const sweeps = rows.value.filter(({ gone }) => !gone);
    const [newest] = sweeps;
    if (!newest || length === undefined) return null;
    const kept = sweeps.flatMap(({ record }) => (isSwept(record.body) ? [record.body as KeptSweep] : []));
    const { found } = tried(() => barMap(kept, length), preferences.units);
    return found && { map: found, at: newest.record.at, number: newest.number };
  });
}

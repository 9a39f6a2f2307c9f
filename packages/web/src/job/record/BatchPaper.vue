<script setup lang="ts">
import { batchAt } from '@anello/contract';
import { lineProgress, provedOn } from '@anello/core/job';
import { computed } from 'vue';
import type { BatchSheetGiven } from '../../files/paper/batchSheet';
import type { Sheet } from '../../files/sheet';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { useJobModel } from '../model/useJobModel';
import { usePlan } from '../plan/usePlan';
import PaperButton from '../shared/PaperButton.vue';
import { useSeries } from './useSeries';

/** The batch on paper: operations down, pieces across, with what was done and measured so far. */
const job = useJob();
const plan = usePlan();
const preferences = usePreferences();
const { lathe } = useJobModel();
const series = useSeries();
const title = computed(() => `${job.document?.number ?? ''} batch`);

/** The pieces on which each operation is done. */
function doneOn(quantity: number): ReadonlyMap<string, ReadonlySet<number>> {
  const { document } = job;
  const on = new Map<string, Set<number>>();
  if (!document || !plan.of.value) return on;
  const at = batchAt(document, plan.of.value.holdings, job.records);
  const line = at.holdings.flat();
  for (let piece = 1; piece <= quantity; piece++)
    for (const id of lineProgress(line, job.records, piece, provedOn(at, piece)).done)
      on.set(id, (on.get(id) ?? new Set()).add(piece));
  return on;
}

function given(): BatchSheetGiven | null {
  const { document } = job;
  const said = plan.said.value;
  if (!document || !said) return null;
  const done = doneOn(document.quantity);
  const measured = series.value.map(({ what, low, high, points }) => ({
    what,
    low,
    high,
    seen: new Map(points.map((point) => [point.piece, point.seen])),
  }));
  const named = (name: string) => measured.filter(({ what }) => what.startsWith(`${name},`));
  const features = new Map(document.features.map(({ id, name }) => [id, name]));
  return {
    number: document.number,
    title: `Batch: ${document.title}`,
    facts: [
      [lathe.value?.name, document.material, `${document.quantity} pieces`].filter(Boolean).join(' · '),
    ],
    address: `${location.origin}/job/${job.id}/record`,
    pieces: document.quantity,
    holdings: said.holdings.map((holding, i) => ({
      name: `${i + 1}  ${holding.name}`,
      rows: holding.operations.map(({ operation, lines }) => ({
        what: lines.flatMap((line, n) => (n > 0 ? ['; ', ...line] : line)),
        done: done.get(operation.id) ?? new Set<number>(),
        measured: operation.features.flatMap((id) => named(features.get(id) ?? '')),
      })),
    })),
    units: preferences.units,
    paper: preferences.paper,
  };
}
async function sheets(): Promise<readonly Sheet[] | null> {
  const { batchSheet } = await import('../../files/paper/batchSheet');
  const all = given();
  return all && batchSheet(all);
}
</script>

<template>
  <PaperButton bare label="Batch table, PDF" :title="title" :sheets="sheets" />
</template>

<script setup lang="ts">
import { describeRecord, standing, verdictOnPiece } from '@anello/core/job';
import { computed } from 'vue';
import type { InspectionGiven, PieceGiven } from '../../files/paper/inspectionSheet';
import type { Sheet } from '../../files/sheet';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { useJobModel } from '../model/useJobModel';
import { useSeries } from './useSeries';
import PaperButton from '../shared/PaperButton.vue';

/** What was measured of the batch and of the piece that is looked at, on paper. */
const props = defineProps<{ piece: number }>();
const job = useJob();
const preferences = usePreferences();
const { shapes, lathe } = useJobModel();
const title = computed(() => `${job.document?.number ?? ''} inspection piece ${props.piece}`);
const VERDICTS = { accepted: 'accepted', rework: 'sent back', scrap: 'scrapped' } as const;

const series = useSeries();
function pieceOf(piece: number): PieceGiven {
  const record = verdictOnPiece(job.records, piece, shapes.value.length);
  return {
    piece,
    verdict: record ? VERDICTS[record.body.verdict] : '',
    cause: record?.body.cause ?? '',
    by: record?.operator ?? '',
  };
}
const time = (at: string): string =>
  new Date(at).toLocaleString('en-GB', {
    day: '2-digit',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

function given(): InspectionGiven | null {
  const { document } = job;
  if (!document) return null;
  return {
    number: document.number,
    title: `Inspection: ${document.title}`,
    facts: [[lathe.value?.name, document.material].filter(Boolean).join(' · ')],
    address: `${location.origin}/job/${job.id}/record`,
    series: series.value,
    pieces: Array.from({ length: document.quantity }, (_, i) => pieceOf(i + 1)),
    piece: props.piece,
    kept: standing(job.records)
      .filter((record) => record.piece === props.piece)
      .map((record) => ({ at: time(record.at), by: record.operator, what: describeRecord(record) })),
    units: preferences.units,
    paper: preferences.paper,
  };
}
async function sheets(): Promise<readonly Sheet[] | null> {
  const { inspectionSheet } = await import('../../files/paper/inspectionSheet');
  const all = given();
  return all && inspectionSheet(all);
}
</script>

<template>
  <PaperButton bare label="Inspection report, PDF" :title="title" :sheets="sheets" />
</template>

<script setup lang="ts">
import { count, length } from '@anello/core/figure';
import { ofKind, sizeFigure, verdictOnPiece } from '@anello/core/job';
import { computed } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useJob } from '../../data/stores/job';
import { useJobModel } from '../model/useJobModel';
import LinePieces from './LinePieces.vue';
import { useSeries } from './useSeries';
import BatchPaper from './BatchPaper.vue';
import DriftChart from './DriftChart.vue';

/** The pieces of a batch beside one another: every figure that was measured, where it drifts, and how each piece came out. */
const job = useJob();
const { shapes } = useJobModel();
const quantity = computed(() => job.document?.quantity ?? 1);
const pieces = computed(() => {
  const most = Math.max(job.piece, 1, ...job.records.map((r) => r.piece));
  return Array.from({ length: most }, (_, i) => i + 1);
});
const series = useSeries();
const drifting = computed(() => series.value.filter((s) => s.drift !== null));
const seen = (what: string, piece: number) =>
  series.value.find((s) => s.what === what)?.points.find((p) => p.piece === piece);
const verdict = (piece: number) => verdictOnPiece(job.records, piece, shapes.value.length)?.body ?? null;
const done = (piece: number): number => ofKind(job.records, 'worked', piece).length;
</script>

<template>
  <section class="pieces-panel" aria-label="The pieces of the batch">
    <NoticeText v-for="{ what, drift } in drifting" :key="what" tone="warn"
      ><strong>{{ what }}</strong> drifts by
      <FigureText :figure="length(drift!.perPiece, 0.001, { signed: true })" /> a piece (±<FigureText
        :figure="length(drift!.plus, 0.001)"
      />).
      <template v-if="drift!.outAt !== null"
        >Piece <FigureText :figure="count(drift!.outAt)" /> would be out: before it, bring it
        <FigureText :figure="length(drift!.change, 0.01, { signed: true })" /> to the middle.</template
      ><template v-else>No piece of this batch goes out by it.</template></NoticeText
    >
    <p v-if="series.length === 0" class="quiet">
      Nothing was measured yet. What is measured at an operation stands here, a row each, piece beside piece.
    </p>
    <div v-else class="scroll sheet">
      <table>
        <thead>
          <tr>
            <th scope="col">Measured</th>
            <th scope="col">Along the batch</th>
            <th v-for="piece in pieces" :key="piece" scope="col">{{ piece }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in series" :key="one.what">
            <th scope="row">
              {{ one.what }}
              <span class="may quiet"
                ><FigureText :figure="sizeFigure(one.low, one.unit)" /> to
                <FigureText :figure="sizeFigure(one.high, one.unit)"
              /></span>
            </th>
            <td><DriftChart :series="one" :quantity="quantity" /></td>
            <td v-for="piece in pieces" :key="piece">
              <span v-if="seen(one.what, piece)" :class="seen(one.what, piece)!.inside ? 'in' : 'out'"
                >{{ seen(one.what, piece)!.inside ? '' : '✗ '
                }}<FigureText :figure="sizeFigure(seen(one.what, piece)!.seen, one.unit)"
              /></span>
              <span v-else class="quiet" aria-label="not measured">–</span>
            </td>
          </tr>
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">How it came out</th>
            <td />
            <td v-for="piece in pieces" :key="piece" :class="verdict(piece)?.verdict">
              {{ verdict(piece)?.verdict ?? (done(piece) > 0 ? `${done(piece)} done` : 'open')
              }}<span v-if="verdict(piece)?.cause" class="cause">{{ verdict(piece)!.cause }}</span>
            </td>
          </tr>
        </tfoot>
      </table>
    </div>
    <LinePieces :pieces="pieces" />
    <BatchPaper />
  </section>
</template>

<style scoped>
.pieces-panel {
  display: grid;
  gap: 12px;
  min-width: 0;
}
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 15.5px;
}
th,
td {
  padding: 8px 14px;
  text-align: left;
  vertical-align: middle;
  white-space: nowrap;
}
tbody tr,
tfoot tr {
  border-top: 1px solid var(--rule);
}
.may {
  display: block;
  font-weight: 400;
  font-size: 14px;
}
.out,
.scrap {
  color: var(--red);
  font-weight: 650;
}
.accepted {
  color: var(--green);
  font-weight: 650;
}
.rework {
  color: var(--brass);
  font-weight: 650;
}
.cause {
  display: block;
  white-space: normal;
  max-width: 22ch;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-2);
}
</style>

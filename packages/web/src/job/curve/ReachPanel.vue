<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import { pathPlaces, type CurvePoint, type OutOfReach } from '@anello/core/curve';
import { angle, length } from '@anello/core/figure';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useNosePath } from './useNosePath';
import CurveDrawing from '../../drawing/CurveDrawing.vue';
import { csvOf } from '../../files/csv';
import { fileName, saveFile } from '../../files/saveFile';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { useJob } from '../../data/stores/job';
import CurveLength from './CurveLength.vue';

/** Where this nose or its flank cannot go, marked on the curve, with the nose that would do. */
const props = defineProps<{ desk: CurveDesk }>();
const job = useJob();
const model = useJobModel();
const { found, busy, slow, stop } = useNosePath(() => {
  const { value: pieces } = props.desk.pieces;
  const noseRadius = props.desk.length('nose');
  if (!pieces || !(noseRadius >= 0)) return null;
  return { pieces, member: props.desk.member.value, noseRadius, count: pathPlaces(pieces) };
});
/** As many of them as a screen can show. */
const SHOWN = 400;
const path = computed<CurvePoint[]>(() => {
  const { value: all } = found;
  if (!all) return [];
  const every = Math.max(1, Math.floor(all.z.length / SHOWN));
  return [...all.z].flatMap((z, i) => (i % every === 0 ? [{ z, r: all.r[i] ?? 0 }] : []));
});
async function csv(): Promise<void> {
  const { value: all } = found;
  if (!all) return;
  const text = await csvOf(
    ['along mm', 'nose centre from the axis mm', 'touches at mm'],
    [...all.z].map((z, i) => [z, all.r[i] ?? 0, all.touch[i] ?? 0]),
  );
  saveFile(fileName(`${job.document?.number ?? 'curve'} path of the nose`, 'csv'), 'text/csv', text);
}
const key = (one: OutOfReach): string => `${one.why}${one.from}`;
</script>

<template>
  <div class="split">
    <section class="main" aria-label="What the tool reaches">
      <CurveDrawing
        v-if="desk.pieces.value"
        :pieces="desk.pieces.value"
        :member="desk.member.value"
        :path="path"
        :missed="desk.reach.value.found ?? []"
        label="The curve, where the nose’s centre goes, and what the tool does not reach"
      />
      <p class="row">
        <v-btn :disabled="!found" @click="csv">Path of the nose as CSV</v-btn>
        <v-btn v-if="slow" @click="stop">Stop working it out</v-btn>
        <span v-else-if="busy" class="quiet">Working the path out…</span>
      </p>
      <NoticeText v-if="desk.reach.value.said" tone="bad">{{ desk.reach.value.said }}</NoticeText>
      <NoticeText v-else-if="desk.reach.value.found?.length === 0" tone="good"
        >This tool reaches all of it.</NoticeText
      >
      <NoticeText v-for="one in desk.reach.value.found ?? []" :key="key(one)" tone="bad">
        From <FigureText :figure="length(one.from, 0.1)" /> to <FigureText :figure="length(one.to, 0.1)" />:
        <template v-if="one.why === 'flank'"
          >falls steeper than the flank behind the nose clears; grind it back, or come from the other
          side.</template
        >
        <template v-else-if="one.largestNose === null"
          >a corner no round nose reaches; <FigureText :figure="length(one.left, 0.01)" /> is left for a sharp
          tool.</template
        >
        <template v-else
          >the hollow is tighter than the nose: <FigureText :figure="length(one.left, 0.01)" /> would be left.
          A nose of <FigureText :figure="length(one.largestNose, 0.01)" /> or less reaches it.</template
        >
      </NoticeText>
    </section>
    <aside class="side">
      <CurveLength :desk="desk" name="nose" label="Nose of the tool, radius" />
      <QuantityField
        label="Flank behind the nose clears"
        dimension="angle"
        :model-value="desk.choice.value.flank"
        :draft-key="`${model.key.value}.curve.flank`"
        @update:model-value="(next) => desk.change({ flank: next })"
      />
      <p v-if="desk.choice.value.flank" class="quiet">
        Falls toward the headstock up to <FigureText :figure="angle(desk.choice.value.flank.value)" />.
      </p>
    </aside>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
</style>

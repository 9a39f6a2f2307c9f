<script setup lang="ts">
import { creepFound, type TracerTemplate } from '@anello/core/curve';
import { length } from '@anello/core/figure';
import { dialOf, radialOf } from '@anello/core/machine';
import { computed } from 'vue';
import { useCut } from '../cut/useCut';
import { useJobModel } from '../model/useJobModel';
import { useKeptEntries } from '../model/useKeptEntries';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import KeptBox from '../shared/KeptBox.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';

/** Check points read again half-way: how far the paper has crept, and what that does to the part. */
const props = defineProps<{ template: TracerTemplate }>();
const job = useJob();
const cut = useCut();
const model = useJobModel();
const preferences = usePreferences();
const kept = useKeptEntries(() => `midway.${model.key.value}.${job.piece}`);
const reads = computed(() => model.lathe.value?.dial.reads ?? 'diameter');
const read = computed(() =>
  props.template.checks.map((_check, i) => {
    const seen = kept.value(String(i));
    return seen === undefined ? null : radialOf(seen, reads.value);
  }),
);
const found = computed(() =>
  read.value.some((one) => one !== null)
    ? tried(() => creepFound({ template: props.template, read: read.value }), preferences.units)
    : NOTHING_TRIED,
);
const creep = computed(() => found.value.found);
async function keep(): Promise<void> {
  if (!creep.value) return;
  const { along, across, worst } = creep.value;
  await model.keepAndOffer({ kind: 'crept', along, across, worst: worst.off, at: worst.z });
  kept.clear();
}
</script>

<template>
  <article class="sheet panel" aria-label="Half-way, has the paper crept">
    <h2>Half-way: has the paper crept?</h2>
    <p class="quiet">
      Bring the stylus to the line at each check point and type the cross-slide dial. Two where the line leans
      differently tell along from across.
    </p>
    <div class="boxes">
      <div v-for="(check, i) in template.checks" :key="check.z">
        <p class="label">
          At <FigureText :figure="length(check.z, 0.1)" />, was
          <FigureText :figure="cut.dialFigure(dialOf(check.tip, reads))" />
        </p>
        <KeptBox
          :entries="kept"
          :name="String(i)"
          :label="`Check ${i + 1}, dial now`"
          :dial="model.lathe.value?.dial.units"
        />
      </div>
    </div>
    <template v-if="creep">
      <div class="figures">
        <div>
          <p class="label">Furthest the part is put out, on diameter</p>
          <p class="big"><FigureText :figure="length(creep.worst.off, 0.01, { signed: true })" large /></p>
          <p class="quiet"><FigureText :figure="length(creep.worst.z, 0.1)" /> along the curve</p>
        </div>
        <div>
          <p class="label">The paper has moved</p>
          <p class="middle"><FigureText :figure="length(creep.across, 0.01, { signed: true })" /> across</p>
          <p class="quiet">
            <template v-if="creep.along === null"
              >these places cannot tell how far along; read one on a slope</template
            ><template v-else
              ><FigureText :figure="length(creep.along, 0.01, { signed: true })" /> along, toward the
              tailstock more than nothing</template
            >
          </p>
        </div>
      </div>
      <NoticeText :tone="creep.still ? 'good' : 'warn'">{{
        creep.still
          ? 'It lies where it lay: go on.'
          : 'Stop, draw back, lay it to its witness lines again and hold it better. What is cut already was cut to the moved line: leave the finish for after.'
      }}</NoticeText>
      <p class="row"><v-btn @click="keep">Keep what was found</v-btn></p>
    </template>
    <NoticeText v-else-if="found.said" tone="bad">{{ found.said }}</NoticeText>
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
.boxes .label {
  padding-bottom: 10px;
}
</style>

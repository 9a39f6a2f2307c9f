<script setup lang="ts">
import { angle, length, ratio } from '@anello/core/figure';
import { USUAL_INDICATOR } from '@anello/core/machine';
import { computed, ref } from 'vue';
import { usePreferences } from '../../../../data/stores/preferences';
import { useWorkerTask } from '../../../../data/worker/useWorkerTask';
import FigureText from '../../../../ui/FigureText.vue';
import PhraseText from '../../../../ui/PhraseText.vue';
import { useJobModel } from '../../../model/useJobModel';
import SweepChart from '../../set/long/SweepChart.vue';
import SweepTake from '../../set/long/SweepTake.vue';
import type { ConeFound, ConeQuestion } from './readCone';

/** The finished cone read all along: how it stands, and what its needle's behaviour says of how it was cut. */
const props = withDefaults(defineProps<{ begin?: () => Worker }>(), {
  begin: () => new Worker(new URL('./readCone.worker.ts', import.meta.url), { type: 'module' }),
});
const model = useJobModel();
const preferences = usePreferences();
const text = ref('');
const resolution = computed(() => model.lathe.value?.indicator ?? USUAL_INDICATOR);
const task = useWorkerTask<ConeQuestion, ConeFound>(props.begin, () => {
  const task = model.taper.value?.task;
  if (!task || text.value.trim() === '') return null;
  const { halfAngle, smallDiameter, length: along } = task;
  return {
    text: text.value,
    defaultUnit: preferences.units === 'mm' ? 'mm' : 'in',
    task: { halfAngle, smallDiameter, length: along },
    lead: model.lathe.value?.leadScrew ?? null,
    resolution: resolution.value,
  };
});
const { found } = task;
const wanted = computed(() => {
  const task = model.taper.value?.task;
  const at = (off: number): number => Math.tan((task?.halfAngle ?? 0) + off);
  const plus = task?.tolerance.halfAngle ?? 0;
  return { slope: at(0), above: at(plus) - at(0), below: at(-plus) - at(0) };
});

async function keep(): Promise<void> {
  const cone = found.value?.cone;
  if (!cone) return;
  await model.keepAndOffer(
    { kind: 'cone', method: 'sweep', ratio: cone.ratio, uncertainty: Math.max(cone.uncertainty, 1e-9) },
    'Kept as evidence.',
  );
  text.value = '';
}
</script>

<template>
  <section class="cone" aria-label="Read all along">
    <SweepTake v-model="text" title="Read all along" :task="task" />
    <p v-if="!text" class="quiet">
      The indicator at centre height, the carriage run from end to end of the finished cone; more is a larger
      radius. A taper attachment uncoupled for it loses the dial’s zero: touch off again, or leave it coupled
      and measure across at places along the cone. Cut by the compound, the carriage comes back against its
      stop or the tool is touched off again; where the plug marks from end to end there is no need to move it.
    </p>
    <template v-if="found">
      <p role="status">
        It stands at <strong class="big"><FigureText :figure="angle(found.cone.halfAngle)" large /></strong>,
        <FigureText :figure="ratio(found.cone.ratio)" />; over the whole cone that is
        <FigureText :figure="length(found.cone.off, 0.001, { signed: true })" /> on diameter.
      </p>
      <SweepChart
        :readings="found.shown"
        :left-out="[]"
        :fitted="found.fitted"
        :slope="wanted.slope"
        :below="wanted.below"
        :above="wanted.above"
        :spikes="found.cone.analysis.spikes.map(({ at }) => at)"
        :follows="null"
        :terms="found.terms"
        :before="null"
        :width="360"
      />
      <ul v-if="found.cone.shows.length" class="shows" aria-label="What the cone shows">
        <li v-for="(one, i) in found.cone.shows" :key="i">
          <strong><PhraseText :phrase="one.what" /></strong>
          <span class="quiet"><PhraseText :phrase="one.from" />.</span>
        </li>
      </ul>
      <p v-else class="quiet">Straight all along, in {{ found.count }} readings.</p>
      <v-btn class="go" @click="keep">Keep it as evidence</v-btn>
    </template>
  </section>
</template>

<style scoped>
.cone {
  display: grid;
  gap: 10px;
  width: 100%;
}
.big {
  font-size: 28px;
}
.shows {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 6px;
}
.shows li > * {
  display: block;
}
</style>

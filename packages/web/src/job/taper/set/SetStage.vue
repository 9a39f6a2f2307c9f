<script setup lang="ts">
import { useGo } from '../../model/useGo';
import { angle } from '@anello/core/figure';
import { computed, defineAsyncComponent } from 'vue';
import { useJobModel } from '../../model/useJobModel';
import { useSetScreen } from './useSetScreen';
import { useSetting } from './useSetting';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useKit } from '../../../data/stores/kit';
import SchoolPicker from './SchoolPicker.vue';
import StaleTools from '../../../ui/StaleTools.vue';
import { idle } from '../../../ui/useFetchedWhenIdle';
import SetSide from './SetSide.vue';
import SettingCard from './SettingCard.vue';

/** The step cards of the chosen way and school: figures, stations, the band that is good enough, the next nudge. */
const go = useGo();
const kit = useKit();
const model = useJobModel();
const desk = useSetting();
/** Said instead of everything else here. */
const NoTaper = defineAsyncComponent(() => import('../../shared/NoTaper.vue'));
/** Seldom wanted: fetched when a card of a sweep is looked at. */
const LongSweep = defineAsyncComponent(() => import('./long/LongSweep.vue'));
/** Where a readout is in use; nothing waits for it. */
const StationsLive = defineAsyncComponent(() => idle().then(() => import('./live/StationsLive.vue')));
/** A climb, or what is left of one, can be read all along; runout goes round, and two diameters are two. */
const sweptAlong = computed(() => {
  const step = desk.step.value;
  return step?.sweep && ['climb', 'still'].includes(step.sweep.reads) && step.sweep.onPart ? step : null;
});
const stale = computed(() => model.stages.value.find((s) => s.stage === 'set')?.stale ?? null);
useSetScreen(desk);
</script>

<template>
  <div v-if="desk.step.value && model.context.value" class="split">
    <section class="main" aria-label="Setting">
      <NoticeText v-if="stale" tone="warn"
        >The setting kept before was <PhraseText :phrase="stale" />. Set and read it again.</NoticeText
      >
      <NoticeText v-if="desk.carried.value !== null" tone="good"
        >Carried over from piece {{ desk.carried.value }}: the {{ model.lathe.value?.name }} still stands at
        <FigureText :figure="angle(model.context.value.task.halfAngle)" />. A first cut and a try will show
        whether it moved.</NoticeText
      >
      <StaleTools :names="desk.step.value.uses ?? []" />
      <SettingCard :desk="desk" />
      <StationsLive v-if="sweptAlong" :desk="desk" />
      <p class="then">
        <strong>Then</strong>
        <button
          v-for="(step, index) in model.steps.value"
          :key="step.id"
          type="button"
          class="plain"
          :aria-current="index === desk.index.value ? 'step' : undefined"
          @click="desk.index.value = index"
        >
          <span aria-hidden="true">{{ desk.done.value[index] ? '✓' : index + 1 }}</span> {{ step.short
          }}<span v-if="desk.done.value[index]" class="visually-hidden"> (done)</span>
        </button>
      </p>
      <LongSweep v-if="sweptAlong" :key="sweptAlong.id" :desk="desk" :step="sweptAlong" />
      <SchoolPicker />
    </section>
    <SetSide :desk="desk" />
  </div>
  <section v-else-if="model.taper.value && !model.way.value" class="none">
    <h2>No way chosen yet</h2>
    <v-btn :to="go.path('way')" class="go">Choose the way</v-btn>
  </section>
  <section v-else-if="model.taper.value && model.school.value?.blocked && kit.loaded" class="none">
    <h2>{{ model.school.value.title }} cannot be used here</h2>
    <p><PhraseText :phrase="model.school.value.blocked" /></p>
    <SchoolPicker open />
    <v-btn to="/kit">Machines and kit</v-btn>
  </section>
  <section v-else-if="model.taper.value && kit.loaded" class="none">
    <h2>The {{ model.lathe.value?.name }} cannot be set this way</h2>
    <v-btn :to="go.path('way')">Choose another way</v-btn>
  </section>
  <NoTaper v-else-if="!model.taperError.value && kit.loaded" />
</template>

<style scoped>
.then {
  margin-top: 2px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  align-items: center;
  font-size: 15px;
  color: var(--ink-2);
}
.then strong {
  color: var(--ink);
}
.then button {
  min-height: 44px;
}
.then [aria-current] {
  color: var(--blue);
  font-weight: 650;
}
.none {
  padding: 28px 24px;
  display: grid;
  gap: 14px;
  justify-items: start;
}
</style>

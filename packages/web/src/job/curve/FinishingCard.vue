<script setup lang="ts">
import { entry } from '@anello/contract';
import { CLOTH_GRITS, finishing, USUAL_GRIT } from '@anello/core/curve';
import { exactText, length, snap } from '@anello/core/figure';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { usePreferences } from '../../data/stores/preferences';

/** What file and cloth must still take off over the ridges, one after another. */
const props = defineProps<{ desk: CurveDesk; ridge: number }>();
const preferences = usePreferences();
const finest = computed(() => props.desk.choice.value.finest ?? USUAL_GRIT);
const items = CLOTH_GRITS.map((grit) => ({ value: grit, title: `grit ${grit}` }));
const found = computed(() =>
  tried(() => finishing({ ridge: props.ridge, finest: finest.value }), preferences.units),
);
/** What goes below the roots comes off the finished size, unless the steps leave it on. */
const wanted = computed(() => snap(found.value.found?.belowRoots ?? 0, 0.001));
const left = computed(() => Math.abs(props.desk.length('allowance') - wanted.value) < 5e-4);
const leaveOn = (): void => props.desk.change({ allowance: entry(exactText(length(wanted.value))) });
</script>

<template>
  <article v-if="found.found" class="sheet panel">
    <h2>After the last step: file, then cloth</h2>
    <div class="figures">
      <div>
        <p class="label">Must still stand on diameter</p>
        <p class="middle"><FigureText :figure="length(found.found.leave, 0.001)" /></p>
      </div>
      <div>
        <p class="label">The steps leave on, on radius</p>
        <p class="middle"><FigureText :figure="length(found.found.belowRoots, 0.001)" /></p>
        <v-btn v-if="!left" @click="leaveOn">Leave it in the table</v-btn>
        <p v-else class="quiet">it is in the table</p>
      </div>
      <v-select
        class="box"
        label="Finest cloth"
        :items="items"
        :model-value="finest"
        @update:model-value="(grit: number) => desk.change({ finest: grit })"
      />
    </div>
    <ol v-if="found.found.steps.length">
      <li v-for="(step, i) in found.found.steps" :key="step.by">
        <strong>{{
          step.by === 'file'
            ? 'Fine file, until the ridges just go'
            : `Grit ${step.by}${i === 0 ? ', until the ridges are gone' : ''}`
        }}</strong>: <FigureText :figure="length(step.takes, 0.001)" /> on radius{{
          i === 0 ? '' : ', across the marks of the one before'
        }}
      </li>
    </ol>
    <p v-else class="quiet">The ridges are lower than this cloth’s own scratches: wipe it and leave it.</p>
    <NoticeText tone="bad"
      >Cloth in a strip held to tear away, never wrapped round; in a bore on a stick, never on a finger. No
      gloves, no loose sleeve. File left-handed, clear of the chuck.</NoticeText
    >
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>

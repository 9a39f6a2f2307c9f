<script setup lang="ts">
import { angle, length, ratio } from '@anello/core/figure';
import type { Copied } from '@anello/core/old-part';
import { computed } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';

/** What the measured taper comes to, with plus or minus, and what it most likely is. */
const props = defineProps<{ taper: Copied['taper']; found: Copied['identified']; weakest: string }>();
const best = computed(() => props.found.matches[0]);
/** Within the instruments, a little allowed for the instruments' own plus or minus. */
const AGREES = 1.25;
const agrees = computed(() => (best.value?.score ?? Infinity) < AGREES);
const SECOND_TENTH = Math.PI / 180 / 36_000;
const overLength = computed(() => props.taper.ratio.uncertainty * props.taper.length);
</script>

<template>
  <div class="sheet figures">
    <div>
      <p class="label">Half angle</p>
      <p class="big"><FigureText :figure="angle(taper.halfAngle.value)" /></p>
      <p class="quiet">± <FigureText :figure="angle(taper.halfAngle.uncertainty, SECOND_TENTH)" /></p>
    </div>
    <div>
      <p class="label">Ratio on diameter</p>
      <p class="big"><FigureText :figure="ratio(taper.ratio.value)" /></p>
      <p class="quiet">
        ± <FigureText :figure="length(overLength, 0.0001)" /> on diameter over
        <FigureText :figure="length(taper.length, 0.1)" />
      </p>
    </div>
    <div v-if="taper.large">
      <p class="label">Large diameter there</p>
      <p class="mid"><FigureText :figure="length(taper.large.value, 0.001)" /></p>
      <p class="quiet">± <FigureText :figure="length(taper.large.uncertainty, 0.0001)" /></p>
    </div>
    <p v-if="weakest" class="quiet weak">Most of the ± comes from: {{ weakest.toLowerCase() }}.</p>
  </div>
  <NoticeText v-if="best" :tone="found.told && agrees ? 'good' : 'warn'">
    <strong v-if="found.told && agrees">{{ best.size.name }}.</strong>
    <strong v-else-if="agrees">Most like {{ best.size.name }}, but not told from the next.</strong>
    <strong v-else
      >No taper in the tables agrees within what was measured; the nearest is {{ best.size.name }}.</strong
    >
    <template v-if="!found.told && found.lengthToTell && found.uncertaintyToTell">
      To tell them apart, measure each diameter to ±
      <FigureText :figure="length(found.uncertaintyToTell, 0.0001)" /> over this length, or take them
      <FigureText :figure="length(found.lengthToTell, 1)" /> apart.
    </template>
  </NoticeText>
</template>

<style scoped>
.figures {
  padding: 14px 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 44px;
}
.big {
  font-size: 38px;
  font-weight: 650;
  line-height: 1.15;
}
.mid {
  font-size: 25px;
  font-weight: 600;
  line-height: 1.75;
}
.weak {
  flex-basis: 100%;
}
</style>

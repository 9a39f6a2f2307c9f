<script setup lang="ts">
import type { Nudge } from '@anello/core/setting';
import { defineAsyncComponent } from 'vue';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';

/** The figure stands without it. */
const NudgePlan = defineAsyncComponent(() => import('../../../drawing/NudgePlan.vue'));
/** The correction, in the unit of what is moved. */
defineProps<{ nudge: Nudge }>();
defineEmits<{ done: [] }>();
</script>

<template>
  <div class="nudge sheet">
    <p>
      <strong class="amount"><FigureText :figure="nudge.amount" large /></strong>
    </p>
    <p class="where">
      {{ nudge.place }}, <strong>{{ nudge.direction }}</strong>
    </p>
    <div v-if="nudge.move" class="plan"><NudgePlan :move="nudge.move" /></div>
    <p v-if="nudge.also"><PhraseText :phrase="nudge.also" /></p>
    <p class="quiet"><PhraseText :phrase="nudge.because" /></p>
    <v-btn class="go" @click="$emit('done')">Nudged, read again</v-btn>
  </div>
</template>

<style scoped>
.nudge {
  padding: 12px 16px;
  border: 1.5px solid var(--brass-edge);
  display: grid;
  gap: 4px;
}
.amount {
  font-size: 38px;
  line-height: 1.1;
}
.where {
  font-size: 16.5px;
}
/* Its room is there before it is, so that the button under it does not move away. */
.plan {
  max-width: 380px;
  aspect-ratio: 336 / 156;
}
.v-btn {
  margin-top: 6px;
}
</style>

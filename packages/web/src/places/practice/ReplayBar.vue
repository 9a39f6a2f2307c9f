<script setup lang="ts">
import type { Replay } from './useReplay';

/** The run shown again, from any moment of it. */
defineProps<{ replay: Replay }>();
const placeOf = (event: Event): number => Number((event.target as HTMLInputElement).value);
</script>

<template>
  <section class="replay sheet" aria-label="Watch it again">
    <v-btn @click="replay.playing.value ? replay.pause() : replay.play()">{{
      replay.playing.value ? 'Hold' : 'Watch it again'
    }}</v-btn>
    <input
      type="range"
      min="0"
      :max="replay.steps.value"
      :value="replay.at.value"
      aria-label="Moment of the run"
      :aria-valuetext="`${replay.at.value} of ${replay.steps.value} done`"
      @input="replay.showAt(placeOf($event))"
    />
    <span class="fig">{{ replay.at.value }} / {{ replay.steps.value }}</span>
  </section>
</template>

<style scoped>
.replay {
  padding: 8px 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
input {
  flex: 1 1 200px;
  min-height: 48px;
  accent-color: var(--blue);
}
</style>

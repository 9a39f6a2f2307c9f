<script setup lang="ts">
import { count } from '@anello/core/figure';
import { SPENT_ON, type RunStory, type SpentOn } from '@anello/core/practice';
import { computed } from 'vue';
import FigureText from '../../ui/FigureText.vue';

/** Where the time of a run went, and the moment from which it could not be right any more. */
const props = defineProps<{ story: RunStory }>();
const emit = defineEmits<{ show: [step: number] }>();
const NAMES: Readonly<Record<SpentOn, string>> = {
  setting: 'Setting',
  cutting: 'Cutting',
  reading: 'Reading and trying',
  moving: 'Moving about',
};
const whole = computed(() => Math.max(1, ...SPENT_ON.map((kind) => props.story.spent[kind])));
const rows = computed(() =>
  SPENT_ON.map((kind) => ({
    kind,
    title: NAMES[kind],
    minutes: props.story.spent[kind] / 60,
    part: props.story.spent[kind] / whole.value,
  })),
);
</script>

<template>
  <section aria-label="How it went">
    <p v-if="story.wentWrong !== null" class="wrong">
      It went wrong at step {{ story.wentWrong }}: from there it could not be made right any more.
      <v-btn @click="emit('show', story.wentWrong)">See that moment</v-btn>
    </p>
    <h2>Where the time went</h2>
    <ul>
      <li v-for="row in rows" :key="row.kind">
        <span>{{ row.title }}</span>
        <span class="bar"><span :style="{ width: `${100 * row.part}%` }" /></span>
        <span><FigureText :figure="count(row.minutes, 0.1)" /> min</span>
      </li>
    </ul>
    <p class="quiet">
      {{ story.passes }} {{ story.passes === 1 ? 'pass' : 'passes' }} that cut, {{ story.readings }} readings
      and tries.
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
}
.wrong {
  color: var(--red);
  font-weight: 600;
}
h2 {
  font-size: 18px;
  font-weight: 650;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 4px;
}
li {
  display: grid;
  grid-template-columns: 140px minmax(40px, 1fr) 74px;
  gap: 10px;
  align-items: center;
}
li > :last-child {
  text-align: right;
}
.bar {
  height: 12px;
  background: var(--paper-2);
  border-radius: 6px;
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--blue);
}
</style>

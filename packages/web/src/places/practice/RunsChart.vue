<script setup lang="ts">
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';
import { dayAndMonth } from '../../ui/days';
import type { Run } from './runs';

/** The runs of one exercise over time: how hard each was, and whether it was right. */
const props = defineProps<{ runs: readonly Run[]; title: string }>();
const WIDTH = 260;
const HEIGHT = 84;
const EDGE = { left: 22, right: 10, top: 10, bottom: 20 };
const LEVELS = [1, 2, 3, 4, 5];

const times = computed(() => props.runs.map(({ at }) => new Date(at)));
const ends = computed(() => [times.value[0] ?? new Date(0), times.value.at(-1) ?? new Date(0)] as const);
const DAY = 86_400_000;
const x = computed(() => {
  const [first, last] = ends.value;
  // Runs of one sitting stand one after the other.
  const apart = last.getTime() - first.getTime() > DAY;
  return (i: number): number => (apart ? byTime.value(times.value[i] as Date) : byCount.value(i));
});
const byTime = computed(() =>
  scaleTime()
    .domain(ends.value)
    .range([EDGE.left + 8, WIDTH - EDGE.right - 8]),
);
const byCount = computed(() =>
  scaleLinear()
    .domain([0, Math.max(1, props.runs.length - 1)])
    .range([EDGE.left + 8, WIDTH - EDGE.right - 8]),
);
const y = scaleLinear()
  .domain([1, 5])
  .range([HEIGHT - EDGE.bottom, EDGE.top]);
const marks = computed(() =>
  props.runs.map((run, i) => ({ key: `${run.at} ${i}`, right: run.right, x: x.value(i), y: y(run.level) })),
);
const path = computed(
  () =>
    line<{ x: number; y: number }>()
      .x((mark) => mark.x)
      .y((mark) => mark.y)(marks.value) ?? '',
);
const days = computed(() => ends.value.map(dayAndMonth));
const words = computed(() => {
  const right = props.runs.filter((run) => run.right).length;
  return `${props.title}: ${right} of ${props.runs.length} right, level ${props.runs[0]?.level ?? 1} at first, ${props.runs.at(-1)?.level ?? 1} now.`;
});
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words">
    <g v-for="level in LEVELS" :key="level">
      <line :x1="EDGE.left" :x2="WIDTH - EDGE.right" :y1="y(level)" :y2="y(level)" class="grid" />
      <text v-if="level % 2" :x="EDGE.left - 6" :y="y(level) + 4" text-anchor="end">{{ level }}</text>
    </g>
    <path :d="path" class="way" />
    <template v-for="mark in marks" :key="mark.key">
      <circle v-if="mark.right" :cx="mark.x" :cy="mark.y" r="4.5" class="right" />
      <path v-else :d="`M${mark.x - 4} ${mark.y - 4} l8 8 m0 -8 l-8 8`" class="wrong" />
    </template>
    <text :x="EDGE.left" :y="HEIGHT - 4">{{ days[0] }}</text>
    <text v-if="days[1] !== days[0]" :x="WIDTH - EDGE.right" :y="HEIGHT - 4" text-anchor="end">
      {{ days[1] }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 260px;
  max-width: 100%;
  height: auto;
}
text {
  font-size: 12px;
  fill: var(--ink-2);
}
.grid {
  stroke: var(--rule);
}
.way {
  fill: none;
  stroke: var(--rule-2);
  stroke-width: 1.5;
}
.right {
  fill: var(--green);
}
.wrong {
  fill: none;
  stroke: var(--red);
  stroke-width: 2.4;
}
</style>

<script setup lang="ts">
import { scaleBand, scaleLinear } from 'd3-scale';
import { computed } from 'vue';
import type { MonthOf } from './months';

/** Pieces lost month by month: scrap below, what was sent back on top of it. */
const props = defineProps<{ months: readonly MonthOf[] }>();
const WIDTH = 640;
const HEIGHT = 150;
const FOOT = 24;
const most = computed(() => Math.max(2, ...props.months.map((m) => m.scrapped + m.reworked)));
const x = computed(() =>
  scaleBand(
    props.months.map(({ month }) => month),
    [24, WIDTH],
  ).padding(0.28),
);
const y = computed(() => scaleLinear([0, most.value], [HEIGHT - FOOT, 8]));
const name = (month: string): string =>
  new Date(month).toLocaleDateString('en-GB', { month: 'short', timeZone: 'UTC' });
const label = computed(
  () =>
    `Lost by month: ${props.months
      .filter((m) => m.scrapped + m.reworked > 0)
      .map((m) => `${name(m.month)} ${m.scrapped} scrapped, ${m.reworked} sent back`)
      .join('; ')}`,
);
const ticks = computed(() => [...new Set(y.value.ticks(3).map(Math.round))]);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <g v-for="tick in ticks" :key="tick">
      <line x1="24" :x2="WIDTH" :y1="y(tick)" :y2="y(tick)" class="rule" />
      <text x="16" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
    </g>
    <g v-for="one in months" :key="one.month">
      <rect
        :x="x(one.month)"
        :y="y(one.scrapped)"
        :width="x.bandwidth()"
        :height="y(0) - y(one.scrapped)"
        class="scrap"
      />
      <rect
        :x="x(one.month)"
        :y="y(one.scrapped + one.reworked)"
        :width="x.bandwidth()"
        :height="y(0) - y(one.reworked)"
        class="rework"
      />
      <text :x="(x(one.month) ?? 0) + x.bandwidth() / 2" :y="HEIGHT - 7" text-anchor="middle">
        {{ name(one.month) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 760px;
}
text {
  font-size: 13px;
  fill: var(--ink-2);
}
.rule {
  stroke: var(--rule);
}
.scrap {
  fill: var(--red);
}
.rework {
  fill: none;
  stroke: var(--brass);
  stroke-width: 2;
}
</style>

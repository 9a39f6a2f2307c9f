<script setup lang="ts">
import { length } from '@anello/core/figure';
import type { StepDrawing } from '@anello/core/setting';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';
import FigureText from '../../../../ui/FigureText.vue';

/** How the side of the cone bends and leans when the tool stands off centre, much magnified. */
const props = defineProps<{ drawing: Extract<StepDrawing, { kind: 'height' }> }>();
const W = 336;
const H = 130;
const BASE = 96;

const ends = computed(() => props.drawing.points.at(-1)?.off ?? 0);
const deepest = computed(() => Math.min(...props.drawing.points.map((p) => p.off), 0));
const x = computed(() =>
  scaleLinear()
    .domain([0, props.drawing.length])
    .range([24, W - 24]),
);
const y = computed(() =>
  scaleLinear()
    .domain([deepest.value || -1e-9, 0])
    .range([BASE - 64, BASE]),
);
const real = computed(
  () =>
    line<{ z: number; off: number }>()
      .x((p) => x.value(p.z))
      .y((p) => y.value(p.off))([...props.drawing.points]) ?? '',
);
const chord = computed(
  () => `M${x.value(0)} ${y.value(0)}L${x.value(props.drawing.length)} ${y.value(ends.value)}`,
);
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="The shape a tool off centre leaves">
    <line :x1="x(0)" :y1="BASE" :x2="x(drawing.length)" :y2="BASE" class="guide" />
    <path :d="chord" class="guide" />
    <path :d="real" class="warn" />
    <text :x="x(0)" :y="H - 8">small end, to size</text>
    <text :x="x(drawing.length)" :y="H - 8" text-anchor="end">large end, too small</text>
  </svg>
  <figcaption>
    At <FigureText :figure="length(drawing.height, 0.01)" /> off, twice what is good enough: the large end
    <FigureText :figure="length(2 * ends, 0.001)" /> on diameter, the side hollow between. Magnified.
  </figcaption>
</template>

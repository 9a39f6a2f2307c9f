<script setup lang="ts">
import { angle, length } from '@anello/core/figure';
import type { StepDrawing } from '@anello/core/setting';
import { computed } from 'vue';
import FigureText from '../../../../ui/FigureText.vue';

/** A sine bar on its stack: one roller on the plate, the other on the blocks. */
const props = defineProps<{ drawing: Extract<StepDrawing, { kind: 'sine-bar' }> }>();
const SEEN = (9 / 180) * Math.PI;
const drawnAngle = computed(() => Math.min(1, Math.max(props.drawing.angle, SEEN)));
const L = 220;
const R = 12;
const PLATE = 132;
const x0 = 62;
const x1 = computed(() => x0 + L * Math.cos(drawnAngle.value));
const up = computed(() => L * Math.sin(drawnAngle.value));
const degrees = computed(() => (-drawnAngle.value * 180) / Math.PI);
const top = computed(() => Math.max(18, PLATE - up.value));
</script>

<template>
  <svg viewBox="0 0 336 156" role="img" aria-label="Sine bar on its stack">
    <line x1="12" :y1="PLATE" x2="324" :y2="PLATE" class="mark" />
    <rect :x="x1 - 18" :y="top" width="36" :height="PLATE - top" class="metal" />
    <circle :cx="x0" :cy="PLATE - R" :r="R" class="metal" />
    <circle :cx="x1" :cy="PLATE - R - up" :r="R" class="metal" />
    <g :transform="`rotate(${degrees} ${x0} ${PLATE - R})`">
      <rect :x="x0 - 20" :y="PLATE - R - 30" :width="L + 40" height="18" class="metal" rx="2" />
    </g>
  </svg>
  <figcaption>
    Rollers <FigureText :figure="length(drawing.length, 0.001)" /> apart, stack
    <FigureText :figure="length(drawing.stack, 0.0001, { system: 'mm' })" />: it makes
    <FigureText :figure="angle(drawing.angle)" />. Drawn steeper where it is slow.
  </figcaption>
</template>

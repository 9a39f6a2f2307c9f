<script setup lang="ts">
import type { LoudLine, Spectrum } from '@anello/core/chatter';
import { scaleLinear, scaleLog } from 'd3-scale';
import { area } from 'd3-shape';
import { computed } from 'vue';

/** What is heard, pitch by pitch; what stands out is named. */
const props = defineProps<{ spectrum: Spectrum; picked: LoudLine | null }>();
const emit = defineEmits<{ pick: [line: LoudLine] }>();
const W = 760;
const H = 190;
const M = { left: 12, right: 12, top: 24, bottom: 28 };
/** What is quieter than this under the loudest is not drawn, dB. */
const DEEP = 70;
const TICKS = [50, 100, 200, 500, 1000, 2000, 5000];
const x = scaleLog([30, 6000], [M.left, W - M.right]).clamp(true);
const y = scaleLinear([0, -DEEP], [M.top, H - M.bottom]).clamp(true);
const shape = computed(
  () =>
    area<Spectrum['drawn'][number]>()
      .x(({ hz }) => x(hz))
      .y0(H - M.bottom)
      .y1(({ level }) => y(level))([...props.spectrum.drawn]) ?? '',
);
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" role="group" aria-label="What is heard, by its pitch">
    <g v-for="hz in TICKS" :key="hz">
      <line :x1="x(hz)" :x2="x(hz)" :y1="M.top" :y2="H - M.bottom" class="grid" />
      <text :x="x(hz)" :y="H - 8" text-anchor="middle">{{ hz < 1000 ? hz : `${hz / 1000}k` }}</text>
    </g>
    <path :d="shape" class="heard" />
    <g
      v-for="(line, i) in spectrum.lines"
      :key="line.hz"
      class="line"
      :class="{ picked: picked?.hz === line.hz }"
      role="button"
      tabindex="0"
      :aria-label="`${Math.round(line.hz)} hertz`"
      @click="emit('pick', line)"
      @keydown.enter="emit('pick', line)"
    >
      <rect :x="x(line.hz) - 22" :y="0" width="44" :height="H - M.bottom" class="touch" />
      <line :x1="x(line.hz)" :x2="x(line.hz)" :y1="M.top" :y2="H - M.bottom" />
      <text :x="x(line.hz)" :y="M.top - 8" text-anchor="middle">
        {{ i === 0 || picked?.hz === line.hz ? Math.round(line.hz) : i + 1 }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: auto;
  display: block;
}
text {
  font-family: var(--figures);
  font-size: 14px;
  fill: var(--ink-2);
}
.grid {
  stroke: var(--rule);
}
.heard {
  fill: var(--metal-2);
  stroke: var(--ink-2);
  stroke-width: 1;
}
.line {
  cursor: pointer;
}
.line line {
  stroke: var(--brass);
  stroke-width: 1.6;
}
.line text {
  fill: var(--brass);
  font-weight: 650;
}
.touch {
  fill: transparent;
}
.picked line {
  stroke: var(--blue);
  stroke-width: 3;
}
.picked text {
  fill: var(--blue);
}
</style>

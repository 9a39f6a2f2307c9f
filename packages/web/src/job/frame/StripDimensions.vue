<script setup lang="ts">
import { computed } from 'vue';
import type { dimensionsOf } from '../../drawing/dimensions';
import { rowsUnder } from './stripRows';

/** The part's diameters and lengths, written under it; those of the feature picked stand out. */
const props = defineProps<{
  dimensions: ReturnType<typeof dimensionsOf>;
  below: number;
  selected: string | null;
}>();
const rows = computed(() => rowsUnder(props.below));
/** Half the room a figure takes for each of its characters. */
const HALF_LETTER = 4.2;
</script>

<template>
  <defs>
    <pattern id="cut" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
    </pattern>
    <marker
      id="tick"
      viewBox="0 0 8 8"
      refX="7.4"
      refY="4"
      markerWidth="8"
      markerHeight="8"
      orient="auto-start-reverse"
    >
      <path d="M0 1.4L7.4 4L0 6.6Z" class="arrow" />
    </marker>
  </defs>
  <g class="dims" aria-hidden="true">
    <g v-for="(d, index) in dimensions.diameters" :key="index" :class="{ picked: d.id === selected }">
      <path :d="`M${d.fromX} ${d.fromY}L${d.fromX} ${below}L${d.x} ${rows.diameter - 12}`" class="leader" />
      <text :x="d.x" :y="rows.diameter" text-anchor="middle">{{ d.text }}</text>
    </g>
    <g v-for="line in dimensions.lengths" :key="line.id" :class="{ picked: line.id === selected }">
      <line
        :x1="line.x1"
        :x2="line.x2"
        :y1="rows.length(line.lane)"
        :y2="rows.length(line.lane)"
        class="dim"
        marker-start="url(#tick)"
        marker-end="url(#tick)"
      />
      <path
        :d="`M${line.x1} ${rows.length(line.lane) - 5}v9M${line.x2} ${rows.length(line.lane) - 5}v9`"
        class="dim"
      />
      <rect
        :x="line.textX - line.text.length * HALF_LETTER - 3"
        :y="rows.length(line.lane) - 8"
        :width="2 * (line.text.length * HALF_LETTER + 3)"
        height="16"
        class="gap"
      />
      <text :x="line.textX" :y="rows.length(line.lane) + 5" text-anchor="middle">{{ line.text }}</text>
    </g>
  </g>
</template>

<style scoped>
text {
  font-family: var(--figures);
  font-size: 13.5px;
  fill: var(--ink);
  font-variant-numeric: tabular-nums;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.hatch {
  stroke: var(--ink-2);
  stroke-width: 0.8;
  opacity: 0.55;
}
.leader,
.dim {
  stroke: var(--rule-2);
  stroke-width: 1;
  fill: none;
}
.dim {
  stroke: var(--ink-2);
}
.arrow {
  fill: var(--ink-2);
}
.gap {
  fill: var(--sheet);
}
.picked text {
  fill: var(--blue);
  font-weight: 650;
}
.picked .leader,
.picked .dim {
  stroke: var(--blue);
}
</style>

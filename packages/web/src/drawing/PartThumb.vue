<script setup lang="ts">
import { coreFeatures, type FeatureDocument } from '@anello/contract';
import { layoutPart, isTaper } from '@anello/core/part';
import { computed } from 'vue';
import DetailMarks from './DetailMarks.vue';
import { markOfDetail } from './markOfDetail';
import { edgePath, facePath, halfPath, placeOn, wholePath } from './outlinePath';
import { stripScale } from './scale';

/** A part's outline, small, for a card of the rack. */
const props = defineProps<{ features: readonly FeatureDocument[] }>();
const WIDTH = 280;
const HEIGHT = 84;
const layout = computed(() => layoutPart(coreFeatures(props.features)));
const place = computed(() => {
  const { length, largestRadius } = layout.value;
  const scale = stripScale({
    length: Math.max(1, length),
    radius: largestRadius,
    from: 12,
    to: WIDTH - 12,
    height: HEIGHT - 16,
  });
  const middle = (WIDTH - length * scale.along) / 2;
  return placeOn({ ...scale, x0: middle }, HEIGHT / 2);
});
const drawn = computed(() => layout.value.sections.map((s) => ({ ...s, points: s.drawn })));
const outside = computed(() => drawn.value.filter((s) => s.side === 'external'));
const inside = computed(() => drawn.value.filter((s) => s.side === 'internal'));
const marks = computed(() => layout.value.details.map(markOfDetail));
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" class="thumb" aria-hidden="true">
    <template v-for="section in outside" :key="section.id">
      <path
        :d="wholePath(section, place)"
        class="body"
        :class="{ cone: isTaper(section), ghost: section.ghost }"
      />
    </template>
    <template v-for="section in inside" :key="section.id">
      <path
        :d="halfPath(section, place, 1) + halfPath(section, place, -1)"
        class="hole"
        :class="{ cone: isTaper(section) }"
      />
      <path
        :d="edgePath(section, place, 1) + edgePath(section, place, -1) + facePath(section, place, [1, -1])"
        class="edge"
        :class="{ cone: isTaper(section) }"
      />
    </template>
    <DetailMarks :marks="marks" :place="place" />
    <line x1="2" :x2="WIDTH - 2" :y1="HEIGHT / 2" :y2="HEIGHT / 2" class="axis" />
    <text v-if="layout.sections.length === 0" :x="WIDTH / 2" :y="HEIGHT / 2 - 8" text-anchor="middle">
      no figures yet
    </text>
  </svg>
</template>

<style scoped>
.thumb {
  display: block;
  width: 100%;
  height: 84px;
}
.body {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.3;
}
.body.cone {
  fill: var(--blue-wash);
  stroke: var(--blue);
}
.body.ghost {
  fill: none;
  stroke-dasharray: 5 4;
}
.hole {
  fill: var(--sheet);
}
.edge {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 4 3;
}
.edge.cone {
  stroke: var(--blue);
  stroke-width: 1.6;
  stroke-dasharray: none;
}
.hole.cone {
  fill: var(--blue-wash);
}
.axis {
  stroke: var(--centre);
  stroke-width: 0.9;
  stroke-dasharray: 12 3 2 3;
}
text {
  font-size: 14px;
  fill: var(--ink-2);
}
</style>

<script setup lang="ts">
import { isTaper, isThread } from '@anello/core/part';
import type { Section } from '@anello/core/part';
import { computed } from 'vue';
import { edgePath, facePath, halfPath, wholePath, type Place } from '../../drawing/outlinePath';

/** One feature of the part as it is drawn: its metal outside, or the hole it leaves; a tap picks it. */
const props = defineProps<{
  section: Section;
  place: Place;
  name: string;
  selected: boolean;
  /** Something is missing of it, or wrong. */
  problem: boolean;
  /** The part is drawn cut open, since something lies inside it. */
  sectioned: boolean;
}>();
const emit = defineEmits<{ pick: [] }>();

/** How deep a thread is drawn, as a part of the radius left. */
const ROOT = { external: 0.93, internal: 0.86 } as const;
const inside = computed(() => props.section.side === 'internal');
/** With its corners as they will be. */
const shape = computed(() => ({ ...props.section, points: props.section.drawn }));
const thread = computed(() => {
  const { section, place } = props;
  if (!isThread(section)) return null;
  const points = section.points.map((p) => ({ z: p.z, r: p.r * ROOT[section.side] }));
  return edgePath({ ...section, points }, place, inside.value ? 1 : -1);
});
</script>

<template>
  <g
    class="section"
    :class="{ inside, ghost: section.ghost, selected, cone: isTaper(section), problem }"
    tabindex="0"
    role="button"
    :aria-label="name"
    :aria-pressed="selected"
    @click="emit('pick')"
    @keydown.enter.prevent="emit('pick')"
    @keydown.space.prevent="emit('pick')"
  >
    <template v-if="inside">
      <path :d="halfPath(shape, place, 1)" class="hole" />
      <path :d="halfPath(shape, place, -1)" class="touch" />
      <path :d="edgePath(shape, place, 1) + facePath(shape, place, [1])" class="edge" />
      <path :d="edgePath(shape, place, -1) + facePath(shape, place, [-1])" class="hidden" />
    </template>
    <template v-else>
      <path :d="wholePath(shape, place)" class="body" />
      <path v-if="sectioned && !section.ghost" :d="halfPath(shape, place, 1)" class="cut" />
    </template>
    <path v-if="thread" :d="thread" class="thin" />
  </g>
</template>

<style scoped>
.section {
  cursor: pointer;
  outline: none;
}
.body {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.cone .body {
  fill: var(--blue-wash);
  stroke: var(--blue);
}
.cut {
  fill: url(#cut);
  stroke: none;
  pointer-events: none;
}
.hole {
  fill: var(--sheet);
  stroke: none;
}
.touch {
  fill: transparent;
  stroke: none;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.hidden {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.1;
  stroke-dasharray: 5 4;
}
.inside.cone .edge {
  stroke: var(--blue);
  stroke-width: 2;
}
.inside.cone .hole {
  fill: var(--blue-wash);
}
.thin {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
}
.ghost .body {
  fill: none;
  stroke-dasharray: 6 5;
  stroke: var(--ink-2);
}
.problem .body,
.problem .edge {
  stroke: var(--brass-edge);
}
.selected .body,
.selected .edge {
  stroke: var(--blue);
  stroke-width: 2.6;
}
.section:focus-visible .body,
.section:focus-visible .edge {
  stroke: var(--brass-edge);
  stroke-width: 4;
}
</style>

<script setup lang="ts">
import { sampled, type CurvePoint, type Piece } from '@anello/core/curve';
import { formatFigure, length } from '@anello/core/figure';
import type { Member } from '@anello/core/taper';
import { line } from 'd3-shape';
import { computed } from 'vue';
import { usePreferences } from '../../data/stores/preferences';

/** Two neighbouring cuts of the nose on the curve, much enlarged, and the ridge they leave between them. */
const props = defineProps<{
  pieces: readonly Piece[];
  member: Member;
  nose: number;
  /** Where the nose's centre stands for this cut and the one before it: along the curve and out from the axis. */
  here: CurvePoint;
  before: CurvePoint;
  ridge: number;
}>();
const preferences = usePreferences();
const W = 300;
const H = 132;
const M = 14;
/** As the tool meets it: from above outside, from below in a bore. */
const side = computed(() => (props.member === 'external' ? 1 : -1));
const gap = computed(() => ({ z: props.here.z - props.before.z, r: props.here.r - props.before.r }));
/** Between the two touches: the nose's radius from its centre, square to the way it moved, on the work's side. */
const middle = computed(() => {
  const { z, r } = gap.value;
  const apart = Math.hypot(z, r) || 1;
  const toWork = (side.value * Math.sign(z || 1) * props.nose) / apart;
  return {
    z: (props.here.z + props.before.z) / 2 + toWork * r,
    r: (props.here.r + props.before.r) / 2 - toWork * z,
  };
});
const span = computed(() => Math.max(2.2 * Math.hypot(gap.value.z, gap.value.r), 0.2 * props.nose));
const scale = computed(() => (W - 2 * M) / span.value);
const x = (z: number): number => W / 2 + (z - middle.value.z) * scale.value;
const y = (r: number): number => H * 0.56 - side.value * (r - middle.value.r) * scale.value;
const drawn = line<CurvePoint>()
  .x((p) => x(p.z))
  .y((p) => y(p.r))
  .digits(2);
const near = computed(() =>
  sampled(props.pieces, span.value / 60, 1e-4).filter((p) => Math.abs(p.z - middle.value.z) <= span.value),
);
const edge = computed(() => drawn(near.value) ?? '');
const body = computed(
  () => `${edge.value}L${x(near.value.at(-1)?.z ?? 0)} ${H}L${x(near.value[0]?.z ?? 0)} ${H}Z`,
);
const words = computed(() => formatFigure(length(props.ridge, 0.001), preferences.units));
</script>

<template>
  <figure class="sheet">
    <svg :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="`The ridge between two cuts, ${words}, enlarged`">
      <path :d="body" class="metal" />
      <circle
        v-for="(c, i) in [before, here]"
        :key="i"
        :cx="x(c.z)"
        :cy="y(c.r)"
        :r="nose * scale"
        class="nose"
      />
      <path :d="edge" class="edge" />
      <text x="10" :y="H - 10" class="words">ridge {{ words }}</text>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  overflow: hidden;
}
svg {
  display: block;
  width: 100%;
}
.metal {
  fill: var(--stock);
}
.edge {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2;
}
.nose {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 1.6;
}
.words {
  fill: var(--ink);
  font-size: 14px;
  font-weight: 600;
}
</style>

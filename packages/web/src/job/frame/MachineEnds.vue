<script setup lang="ts">
import { computed } from 'vue';

/** Headstock and chuck on the left, tailstock on the right; between centres a driving plate and a dog. */
const props = defineProps<{
  width: number;
  centre: number;
  tall: number;
  partStart: number;
  partEnd: number;
  /** y of the gripped diameter's top. */
  grip: number;
  betweenCentres: boolean;
  narrow: boolean;
}>();

const chuck = computed(() => props.partStart - (props.narrow ? 18 : 34));
const jaw = computed(() => (props.narrow ? 10 : 26));
const reach = computed(() => (props.narrow ? 14 : 30));
const jawTop = computed(() => Math.max(props.centre - props.tall / 2 - 24, props.grip - jaw.value));
const point = computed(() => props.partEnd + (props.betweenCentres ? -4 : props.narrow ? 16 : 44));
const quill = computed(() => point.value + (props.narrow ? 16 : 34));
const block = computed(() => quill.value + (props.narrow ? 10 : 90));
</script>

<template>
  <g class="ends" aria-hidden="true">
    <rect
      x="-2"
      :y="centre - tall * 0.6"
      :width="Math.max(8, chuck - (narrow ? 4 : 22)) + 2"
      :height="tall * 1.2"
      class="cast"
    />
    <text v-if="!narrow" :x="Math.max(8, chuck - 22) / 2" :y="centre + 5" text-anchor="middle"
      >headstock</text
    >
    <rect
      :x="chuck - (narrow ? 4 : 22)"
      :y="centre - tall * 0.66"
      :width="narrow ? 10 : 22"
      :height="tall * 1.32"
      class="plate"
    />
    <template v-if="betweenCentres">
      <path :d="`M${chuck} ${centre - 9}L${partStart + 4} ${centre}L${chuck} ${centre + 9}Z`" class="jaw" />
      <path
        :d="`M${chuck} ${grip - 16}h${partStart - chuck + 12}v${centre - grip + 8}h-10v${-(centre - grip)}h${-(partStart - chuck + 2)}Z`"
        class="jaw"
      />
    </template>
    <template v-else>
      <rect
        :x="chuck"
        :y="jawTop"
        :width="partStart - chuck + reach"
        :height="Math.max(6, grip - jawTop)"
        rx="2"
        class="jaw"
      />
      <rect
        :x="chuck"
        :y="2 * centre - grip"
        :width="partStart - chuck + reach"
        :height="Math.max(6, grip - jawTop)"
        rx="2"
        class="jaw"
      />
      <rect
        :x="chuck"
        :y="jawTop"
        :width="Math.max(4, (partStart - chuck) * 0.55)"
        :height="2 * (centre - jawTop)"
        class="plate"
      />
    </template>
    <path :d="`M${point} ${centre}L${quill} ${centre - 15}V${centre + 15}Z`" class="jaw" />
    <rect :x="quill" :y="centre - 19" :width="block - quill" height="38" class="plate" />
    <rect
      :x="block"
      :y="centre - tall * 0.44"
      :width="Math.max(0, width - block + 2)"
      :height="tall * 0.96"
      class="cast"
    />
    <text v-if="!narrow && width - block > 80" :x="(block + width) / 2" :y="centre + 5" text-anchor="middle"
      >tailstock</text
    >
  </g>
</template>

<style scoped>
.cast {
  fill: var(--metal);
}
.plate {
  fill: var(--metal-2);
}
.jaw {
  fill: var(--metal-3);
}
text {
  font-family: var(--words);
  font-size: 13px;
  fill: var(--ink);
  opacity: 0.8;
}
</style>

<script setup lang="ts">
import type { Figure } from '@anello/core/figure';
import { drillSaid } from '@anello/core/kit';
import { drillMark } from '@anello/core/quantity';
import { computed } from 'vue';
import FigureText from './FigureText.vue';

/** A drill by its size, and beside it what stands on its shank: #7, 13/64, F. */
const props = defineProps<{ diameter: number; large?: boolean }>();
const size = computed(() => drillSaid(props.diameter)[0] as Figure);
const mark = computed(() => drillMark(props.diameter));
</script>

<template>
  <span class="drill-size"
    ><FigureText :figure="size" :large="large" /><span v-if="mark" class="fig mark">{{
      ` ${mark}`
    }}</span></span
  >
</template>

<style scoped>
.mark {
  font-weight: 500;
  color: var(--ink-2);
  white-space: pre;
}
</style>

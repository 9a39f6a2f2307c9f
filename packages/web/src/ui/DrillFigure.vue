<script setup lang="ts">
import { drillSaid } from '@anello/core/kit';
import { computed } from 'vue';
import FigureText from './FigureText.vue';

/** A drill by its size, and beside it what stands on its shank: #7, 13/64, F. */
const props = defineProps<{ diameter: number; large?: boolean }>();
const said = computed(() => drillSaid(props.diameter));
</script>

<template>
  <span class="drill"
    ><template v-for="(part, index) in said" :key="index"
      ><span v-if="typeof part === 'string'" class="fig mark">{{ part.replaceAll(/[()]/g, '') }}</span
      ><FigureText v-else :figure="part" :large="large" /></template
  ></span>
</template>

<style scoped>
.mark {
  font-weight: 500;
  color: var(--ink-2);
  white-space: pre;
}
</style>

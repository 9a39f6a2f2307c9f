<script setup lang="ts">
import type { Phrase } from '@anello/core/figure';
import FigureText from './FigureText.vue';

/** A sentence from the core with its figures in the units of the screen. */
defineProps<{ phrase: Phrase }>();
</script>

<template>
  <span
    ><template v-for="(part, index) in phrase" :key="index"
      ><template v-if="typeof part === 'string'">{{ part }}</template
      ><FigureText v-else :figure="part" /></template
  ></span>
</template>

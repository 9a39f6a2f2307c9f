<script setup lang="ts">
import { temperature } from '@anello/core/figure';
import FigureText from '../../ui/FigureText.vue';

/** From one heat to another. */
defineProps<{ of: readonly [number, number] }>();
</script>

<template>
  <span><FigureText :figure="temperature(of[0])" /> to <FigureText :figure="temperature(of[1])" /></span>
</template>

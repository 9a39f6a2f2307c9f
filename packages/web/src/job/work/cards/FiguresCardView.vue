<script setup lang="ts">
import type { Phrase } from '@anello/core/figure';
import type { FiguresCard } from '@anello/core/plan';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';

/** An operation with figures to go by and nothing to count down: the line of it, its figures, its notes. */
defineProps<{ card: FiguresCard; feature: string | null; line: Phrase }>();
</script>

<template>
  <article class="card sheet">
    <h2><PhraseText :phrase="line" /></h2>
    <div v-if="card.figures.length" class="figures">
      <div v-for="(one, index) in card.figures" :key="one.label">
        <p class="label">{{ one.label }}</p>
        <p :class="index === 0 ? 'big' : 'then'"><FigureText :figure="one.figure" :large="index === 0" /></p>
      </div>
    </div>
    <p v-for="(note, index) in card.notes" :key="index"><PhraseText :phrase="note" /></p>
  </article>
</template>

<style scoped src="./card.css"></style>

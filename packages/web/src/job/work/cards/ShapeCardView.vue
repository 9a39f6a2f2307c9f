<script setup lang="ts">
import type { Phrase } from '@anello/core/figure';
import PhraseText from '../../../ui/PhraseText.vue';
import { useJob } from '../../../data/stores/job';

/** A shape with a loop of its own that is reached from here. */
defineProps<{ card: object; feature: string | null; line: Phrase }>();
const job = useJob();
</script>

<template>
  <article class="card sheet">
    <h2><PhraseText :phrase="line" /></h2>
    <p>
      <v-btn v-if="feature" class="go" :to="`/job/${job.id}/way/${feature}`">To its way and setting</v-btn>
    </p>
  </article>
</template>

<style scoped src="./card.css"></style>

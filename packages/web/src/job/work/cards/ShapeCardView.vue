<script setup lang="ts">
import { shapeWith } from '@anello/contract';
import type { Phrase } from '@anello/core/figure';
import { computed } from 'vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useJob } from '../../../data/stores/job';

/** A shape with a loop of its own, come to by its address instead of through the plan: the way to its steps. */
const props = defineProps<{ card: object; feature: string | null; line: Phrase }>();
const job = useJob();
const shape = computed(() =>
  job.document && props.feature !== null ? shapeWith(job.document, props.feature) : null,
);
</script>

<template>
  <article class="card sheet">
    <h2><PhraseText :phrase="line" /></h2>
    <p>
      <v-btn v-if="shape" class="go" :to="`/job/${job.id}/way/${shape.feature}`"
        >To its way and setting</v-btn
      >
    </p>
  </article>
</template>

<style scoped src="./card.css"></style>

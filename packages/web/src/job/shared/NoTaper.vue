<script setup lang="ts">
import { chiefOf, featureKind } from '@anello/core/part';
import { computed } from 'vue';
import { useJob } from '../../data/stores/job';

/** A part with no taper has no way to choose and no angle to set; say so, and what can be done. */
const job = useJob();
/** Not a part without a task: one whose task is not drawn far enough. */
const unsettled = computed(() => {
  const chief = chiefOf(job.document?.features ?? []);
  return chief ? (featureKind(chief.kind).needs ?? null) : null;
});
</script>

<template>
  <section class="none">
    <h2>{{ unsettled ? 'Its figures are not settled yet' : 'No taper on this part' }}</h2>
    <p v-if="unsettled" class="quiet">
      {{ unsettled }} What is missing, or disagrees, is said at its box on the Part stage.
    </p>
    <p v-else class="quiet">
      There is no angle to choose a way for, to set or to cut. The part is drawn to scale above, its figures
      are on the Part stage, and pieces are proved and recorded as usual.
    </p>
    <p class="row">
      <v-btn :to="`/job/${job.id}/part`">To the part</v-btn
      ><v-btn :to="`/job/${job.id}/prove`">To prove</v-btn>
    </p>
  </section>
</template>

<style scoped>
.none {
  padding: 28px 24px;
  display: grid;
  gap: 12px;
  max-width: 60ch;
}
.row {
  display: flex;
  gap: 12px;
}
</style>

<script setup lang="ts">
import { useJob } from '../stores/job';

/** A part with no taper has no way to choose and no angle to set; say so, and what can be done. */
const job = useJob();
</script>

<template>
  <section class="none">
    <h2>No taper on this part</h2>
    <p class="quiet">
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

<script setup lang="ts">
import { useJob } from '../../data/stores/job';
import { useShop } from '../../data/stores/shop';
import ClashPicks from '../../ui/ClashPicks.vue';

/** What somebody else changed in this job while it was changed here: both are shown, and nothing is lost until one is chosen. */
const job = useJob();
const shop = useShop();
</script>

<template>
  <section v-if="job.theirs && job.document" class="sheet held-up" aria-label="Changed by two people">
    <p>
      <strong>Changed by somebody else meanwhile.</strong> Yours is still on the screen; choose what stands.
    </p>
    <ClashPicks
      :clashes="job.theirs.clashes"
      :document="job.document"
      :name-of="(id: string) => shop.byId(id)?.document.name"
      @choose="(clash, whose) => job.settle(whose, clash)"
    />
    <p v-if="job.theirs.clashes.length > 1" class="row">
      <v-btn @click="job.settle('mine')">Mine in all of them</v-btn>
      <v-btn @click="job.settle('theirs')">Theirs in all of them</v-btn>
    </p>
  </section>
</template>

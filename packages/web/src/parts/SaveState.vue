<script setup lang="ts">
import { useJob } from '../stores/job';
import ClashPicks from './ClashPicks.vue';

/** Whether what was typed is on the server; a conflict or a refusal is settled here, with nothing lost. */
const job = useJob();
</script>

<template>
  <span class="save" role="status">
    <template v-if="job.saveState === 'saving'">saving…</template>
    <template v-else-if="job.saveState === 'waiting'">held in this browser</template>
    <template v-else-if="job.saveState === 'refused'"
      ><strong>Not saved:</strong> {{ job.refusal?.field ? `${job.refusal.field}: ` : ''
      }}{{ job.refusal?.message }} Yours is kept here.</template
    >
    <template v-else-if="job.saveState === 'conflict' && job.theirs && job.document">
      <strong>Changed by somebody else meanwhile.</strong> Yours is still on the screen.
      <button class="plain" @click="job.settle('mine')">Keep mine</button>
      <button class="plain" @click="job.settle('theirs')">Take theirs</button>
      <ClashPicks
        v-if="job.theirs.clashes.length > 1"
        :clashes="job.theirs.clashes"
        :document="job.document"
        @choose="(clash, whose) => job.settle(whose, clash)"
      />
    </template>
  </span>
</template>

<style scoped>
.save {
  font-size: 14px;
  color: var(--ink-2);
}
strong {
  color: var(--red);
}
.save > button {
  min-height: 48px;
  padding: 0 10px !important;
  color: var(--blue);
  font-weight: 650;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>

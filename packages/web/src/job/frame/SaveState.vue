<script setup lang="ts">
import { useJob } from '../../data/stores/job';

/** Whether what was typed is on the server; or why it is not. */
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
    <template v-else-if="job.saveState === 'conflict'"
      ><strong>Changed by two people:</strong> settle it below.</template
    >
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
</style>

<script setup lang="ts">
import type { Finding } from '@anello/core/plan';
import PhraseText from '../../ui/PhraseText.vue';

/** What an order of work does wrong, said where it stands. */
defineProps<{ findings: readonly Finding[] }>();
</script>

<template>
  <p v-for="(finding, index) in findings" :key="index" class="finding" :class="finding.level">
    <PhraseText :phrase="finding.phrase" />
  </p>
</template>

<style scoped>
.finding {
  font-weight: 600;
}
.impossible {
  color: var(--red);
}
.risk {
  color: var(--brass);
}
</style>

<script setup lang="ts">
import { duration } from '@anello/core/figure';
import type { OperationInHand } from '@anello/core/plan';
import { mdiArrowLeft, mdiArrowRight } from '@mdi/js';
import FindingLines from '../plan/FindingLines.vue';
import PhraseText from '../../ui/PhraseText.vue';
import type { OperationDesk } from './useOperation';

/** Where in the line of work this is, and the way to the operations beside it. */
defineProps<{ desk: OperationDesk; inHand: OperationInHand }>();
</script>

<template>
  <header class="head">
    <v-btn
      :icon="mdiArrowLeft"
      :disabled="!desk.previous.value"
      :aria-label="desk.previous.value ? `Back to ${desk.previous.value.name}` : 'The first operation'"
      @click="desk.go(desk.previous.value)"
    />
    <p class="where">
      <strong>{{ inHand.operation.name }}</strong>
      <span class="quiet"
        >{{ inHand.place.operation }} of {{ inHand.place.among }} · holding {{ inHand.place.holding }},
        {{ inHand.holding.name.toLowerCase() }} ·
        <PhraseText :phrase="duration(inHand.operation.minutes + inHand.operation.setUp)"
      /></span>
    </p>
    <span v-if="desk.done.value" class="done">✓ done</span>
    <v-btn
      :icon="mdiArrowRight"
      :disabled="!desk.next.value"
      :aria-label="desk.next.value ? `On to ${desk.next.value.name}` : 'The last operation'"
      @click="desk.go(desk.next.value)"
    />
  </header>
  <FindingLines :findings="inHand.operation.findings" />
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 12px;
}
.where {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}
.where strong {
  font-size: 20px;
}
.done {
  color: var(--green);
  font-weight: 650;
}
</style>

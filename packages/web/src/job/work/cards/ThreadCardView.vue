<script setup lang="ts">
import type { Phrase } from '@anello/core/figure';
import type { ThreadCard } from '@anello/core/plan';
import { defineAsyncComponent } from 'vue';

/** A thread, cut or tapped, by the cards it has on Cut. */
defineProps<{ card: ThreadCard; feature: string | null; line: Phrase }>();
const InsideThread = defineAsyncComponent(() => import('../../cut/InsideThread.vue'));
const OutsideThreadCard = defineAsyncComponent(() => import('../../cut/OutsideThreadCard.vue'));
</script>

<template>
  <InsideThread
    v-if="card.side === 'internal'"
    :title="card.title"
    :thread="card.thread"
    :threaded="card.along"
  />
  <OutsideThreadCard v-else :title="card.title" :thread="card.thread" :threaded="card.along" />
</template>

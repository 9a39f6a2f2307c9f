<script setup lang="ts">
import type { KitRow } from '@anello/contract';
import { checkDue } from '@anello/core/kit';
import { computed } from 'vue';
import { useKit } from '../data/stores/kit';
import { checkSaid, today } from './checkWords';
import { dueOfKit } from './dueOfKit';
import NoticeText from './NoticeText.vue';

/** Said where a thing of the kit is used: that its check is overdue, or that it never had one. */
const props = defineProps<{ names: readonly string[] }>();
const kit = useKit();
const stale = computed(() =>
  kit.kit
    .filter(({ document }) => !document.archived && props.names.includes(document.name))
    .flatMap((row: KitRow) => {
      const due = checkDue(dueOfKit(row.document), today());
      return due && (due.state === 'overdue' || due.state === 'never') ? [{ row, due }] : [];
    }),
);
</script>

<template>
  <NoticeText v-for="{ row, due } in stale" :key="row.id" tone="warn"
    ><strong>{{ row.document.name }}</strong
    >: {{ checkSaid(due) }}. What it says is only as good as it is.
    <router-link :to="`/kit/${row.id}`">To its card</router-link></NoticeText
  >
</template>

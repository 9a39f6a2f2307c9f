<script setup lang="ts">
import type { JobCard } from '@anello/contract';
import { computed } from 'vue';

/** A job's line of work: a stretch for each holding, a mark for each operation in it, filled as far as the piece has come. */
const props = defineProps<{ line: NonNullable<JobCard['line']> }>();
const all = computed(() => props.line.holdings.reduce((sum, h) => sum + h.of, 0));
const done = computed(() => props.line.holdings.reduce((sum, h) => sum + h.done, 0));
/** The holding the work stands in: the first that has something left. */
const now = computed(() => props.line.holdings.findIndex((h) => h.done < h.of));
</script>

<template>
  <span class="line" role="img" :aria-label="`${done} of ${all} operations done`">
    <span
      v-for="(holding, index) in line.holdings"
      :key="index"
      class="holding"
      :class="{ now: index === now }"
      :style="{ flexGrow: holding.of }"
    >
      <span class="marks"
        ><i
          v-for="mark in holding.of"
          :key="mark"
          :class="{ done: mark <= holding.done, next: index === now && mark === holding.done + 1 }"
      /></span>
      <span class="fig number" aria-hidden="true">{{ index + 1 }}</span>
    </span>
  </span>
</template>

<style scoped>
.line {
  display: flex;
  gap: 8px;
}
.holding {
  display: grid;
  gap: 3px;
  flex-basis: 0;
  min-width: 12px;
  color: var(--ink-2);
}
.holding.now {
  color: var(--blue);
  font-weight: 700;
}
.marks {
  display: flex;
  gap: 2px;
}
i {
  flex: 1;
  height: 8px;
  border-radius: 2px;
  background: var(--rule);
}
i.done {
  background: var(--green);
}
i.next {
  background: var(--blue);
}
.number {
  font-size: 13px;
}
</style>

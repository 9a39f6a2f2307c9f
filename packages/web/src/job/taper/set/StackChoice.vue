<script setup lang="ts">
import { length, type Phrase } from '@anello/core/figure';
import type { StepTable } from '@anello/core/setting';
import { computed } from 'vue';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useKit } from '../../../data/stores/kit';

/** The blocks of the stack; one that stands in another stack is tapped away, and the stack made without it. */
const props = defineProps<{ table: StepTable | null }>();
const kit = useKit();
const rows = computed(() =>
  (props.table?.rows ?? []).map((row) => ({
    what: row[0] as Phrase,
    size: row[1] as Phrase,
    block: valueOf(row[1] as Phrase),
    wear: row[0]?.[0] === 'wear block',
  })),
);
const valueOf = (cell: Phrase): number | null => {
  const part = cell[0];
  return typeof part === 'object' ? part.value : null;
};
const take = (block: number): void => void (kit.blocksInUse = [...kit.blocksInUse, block]);
const giveBack = (index: number): void =>
  void (kit.blocksInUse = kit.blocksInUse.filter((_, i) => i !== index));
</script>

<template>
  <section class="stack">
    <h2 class="label">{{ table?.caption ?? 'The stack' }}</h2>
    <ul class="sheet">
      <li v-for="(row, index) in rows" :key="index">
        <span class="quiet"><PhraseText :phrase="row.what" /></span>
        <strong><PhraseText :phrase="row.size" /></strong>
        <button
          v-if="!row.wear && row.block !== null"
          type="button"
          class="plain"
          aria-label="This block is in use elsewhere"
          @click="take(row.block)"
        >
          in use
        </button>
      </li>
    </ul>
    <v-switch
      v-model="kit.withoutWear"
      label="Without wear blocks"
      density="compact"
      hide-details
      color="var(--blue)"
    />
    <p v-if="kit.blocksInUse.length" class="quiet">
      In other stacks:
      <button
        v-for="(block, index) in kit.blocksInUse"
        :key="index"
        type="button"
        class="plain back"
        @click="giveBack(index)"
      >
        <FigureText :figure="length(block, 0.0001, { system: 'mm' })" /> back
      </button>
    </p>
  </section>
</template>

<style scoped>
.stack {
  display: grid;
  gap: 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 2px 14px;
}
li {
  display: grid;
  grid-template-columns: 84px 1fr auto;
  align-items: center;
  gap: 8px;
  min-height: 48px;
}
li + li {
  border-top: 1px solid var(--rule);
}
li strong {
  font-size: 19px;
}
li button,
.back {
  min-height: 48px;
  font-size: 14px;
  color: var(--brass);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.back {
  margin-right: 12px;
}
</style>

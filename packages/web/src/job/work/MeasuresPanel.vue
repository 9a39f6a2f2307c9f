<script setup lang="ts">
import { isSized, sizeFigure } from '@anello/core/job';
import { sideOfLimits } from '@anello/core/fit';
import { computed } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import type { OperationDesk } from './useOperation';

/** What is measured when it is done: what it may be, what was read, and whether that is inside. */
const props = defineProps<{ desk: OperationDesk }>();
const rows = computed(() => {
  const measures = (props.desk.inHand.value?.cards ?? []).flatMap(({ card }) =>
    'measures' in card ? card.measures : [],
  );
  return measures.map((measure) => {
    const read = props.desk.records.value
      .flatMap(({ body }) => (isSized(body) && body.what === measure.what ? [body.seen] : []))
      .at(-1);
    const inside = read === undefined ? null : sideOfLimits(read, measure) === 'inside';
    return { ...measure, read, inside };
  });
});
</script>

<template>
  <section v-if="rows.length" class="measures sheet" aria-label="What is measured">
    <div v-for="row in rows" :key="row.what" class="row">
      <span class="what">{{ row.what }}</span>
      <span class="quiet"
        ><FigureText :figure="sizeFigure(row.least, row.unit)" /> to
        <FigureText :figure="sizeFigure(row.most, row.unit)"
      /></span>
      <strong v-if="row.read !== undefined" :class="row.inside ? 'in' : 'out'"
        >{{ row.inside ? '✓' : '✗' }} <FigureText :figure="sizeFigure(row.read, row.unit)"
      /></strong>
      <span v-else class="quiet">not read</span>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 150px;
  gap: 16px;
  align-items: center;
  min-height: 48px;
  padding: 4px 16px;
}
.row + .row {
  border-top: 1px solid var(--rule);
}
.row > :last-child {
  text-align: right;
}
.what {
  font-weight: 600;
}
.in {
  color: var(--green);
}
.out {
  color: var(--red);
}
@media (max-width: 560px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>

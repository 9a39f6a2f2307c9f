<script setup lang="ts">
import { batchAt } from '@anello/contract';
import { lineProgress, provedOn } from '@anello/core/job';
import { computed } from 'vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { usePlan } from '../plan/usePlan';

/** The line of work down, the pieces across: what is done on which, and what is next. */
const props = defineProps<{ pieces: readonly number[] }>();
const job = useJob();
const plan = usePlan();
const at = computed(() =>
  job.document && plan.of.value ? batchAt(job.document, plan.of.value.holdings, job.records) : null,
);
const done = computed(() => {
  const { value } = at;
  if (!value) return new Map<number, ReadonlySet<string>>();
  const line = value.holdings.flat();
  return new Map(
    props.pieces.map((piece) => [piece, lineProgress(line, job.records, piece, provedOn(value, piece)).done]),
  );
});
const isNext = (piece: number, operation: string): boolean =>
  plan.next.value?.piece === piece && plan.next.value.operation?.operation.id === operation;
</script>

<template>
  <div v-if="plan.said.value" class="scroll sheet">
    <table>
      <caption class="visually-hidden">
        Operations done on each piece
      </caption>
      <thead>
        <tr>
          <th scope="col">Operation</th>
          <th v-for="piece in pieces" :key="piece" scope="col">{{ piece }}</th>
        </tr>
      </thead>
      <tbody v-for="(held, index) in plan.said.value.holdings" :key="held.holding.id">
        <tr class="holding">
          <th scope="colgroup" :colspan="pieces.length + 1">{{ index + 1 }} · {{ held.name }}</th>
        </tr>
        <tr v-for="one in held.operations" :key="one.operation.id">
          <th scope="row">
            <router-link :to="plan.path(one)"
              ><template v-for="(line, i) in one.lines" :key="i"
                ><template v-if="i > 0">; </template><PhraseText :phrase="line" /></template
            ></router-link>
          </th>
          <td v-for="piece in pieces" :key="piece">
            <span v-if="done.get(piece)?.has(one.operation.id)" class="done" aria-label="done">✓</span>
            <strong v-else-if="isNext(piece, one.operation.id)" class="next">next</strong>
            <span v-else class="quiet" aria-label="not done">–</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 15.5px;
}
th,
td {
  padding: 7px 14px;
  text-align: left;
}
td {
  white-space: nowrap;
}
tbody th {
  font-weight: 400;
}
.holding th {
  font-weight: 650;
  background: var(--paper-2);
}
tr + tr {
  border-top: 1px solid var(--rule);
}
a {
  color: var(--ink);
  text-decoration: none;
}
a:hover {
  text-decoration: underline;
}
.done {
  color: var(--green);
  font-weight: 700;
}
.next {
  color: var(--blue);
}
</style>

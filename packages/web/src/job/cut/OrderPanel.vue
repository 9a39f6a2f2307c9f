<script setup lang="ts">
import { coreFeatures } from '@anello/contract';
import { endangeredBy, inOrder, orderOfWork, type OperationId } from '@anello/core/plan';
import { mdiArrowDown, mdiArrowUp } from '@mdi/js';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';

/** The order of work for this part made this way, each operation with its reason; moved about at will, with what that endangers. */
const job = useJob();
const screen = useScreen();
const model = useJobModel();
const usual = computed(() =>
  orderOfWork({
    features: coreFeatures(job.document?.features ?? []),
    task: model.taper.value?.task ?? null,
    way: model.way.value,
    allowance: model.cutFigures.value?.allowance ?? 0,
  }),
);
const plan = computed(() => inOrder(usual.value, job.document?.order ?? []));
const dangers = computed(() => endangeredBy(plan.value));
const dangersOf = (id: OperationId): string[] => [
  ...new Set(dangers.value.filter((d) => d.id === id).map((d) => d.danger)),
];
const ids = computed(() => plan.value.map((o) => o.id));

function move(index: number, by: -1 | 1): void {
  const order = [...ids.value];
  const [one] = order.splice(index, 1);
  if (!one) return;
  order.splice(index + by, 0, one);
  job.edit((draft) => void (draft.order = order));
}
function usualAgain(): void {
  const before = job.document?.order;
  job.edit((draft) => void delete draft.order);
  screen.offerBack('Back to the usual order.', () =>
    job.edit((draft) => void (before ? (draft.order = before) : delete draft.order)),
  );
}
</script>

<template>
  <section class="order" aria-label="Order of work">
    <header>
      <h2>Order of work</h2>
      <v-btn v-if="job.document?.order" @click="usualAgain">Back to the usual order</v-btn>
    </header>
    <NoticeText v-if="dangers.length" tone="bad"
      >This order endangers {{ dangers.length === 1 ? 'one thing' : `${dangers.length} things` }}, said where
      they stand.</NoticeText
    >
    <ol>
      <li
        v-for="(operation, index) in plan"
        :key="operation.id"
        class="sheet"
        :class="{ danger: dangersOf(operation.id).length }"
      >
        <span class="number fig" aria-hidden="true">{{ index + 1 }}</span>
        <div class="words">
          <p class="title"><PhraseText :phrase="operation.title" /></p>
          <p class="quiet"><PhraseText :phrase="operation.why" /></p>
          <p v-if="operation.caution" class="caution">{{ operation.caution }}</p>
          <p v-for="danger in dangersOf(operation.id)" :key="danger" class="bad">Too early: {{ danger }}</p>
        </div>
        <span class="moves">
          <v-btn
            :icon="mdiArrowUp"
            :disabled="index === 0"
            :aria-label="`Earlier: operation ${index + 1}`"
            @click="move(index, -1)"
          />
          <v-btn
            :icon="mdiArrowDown"
            :disabled="index === plan.length - 1"
            :aria-label="`Later: operation ${index + 1}`"
            @click="move(index, 1)"
          />
        </span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.order {
  display: grid;
  gap: 10px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
h2 {
  font-size: 20px;
  font-weight: 650;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 8px 14px;
}
li.danger {
  border: 2px solid var(--red);
}
.number {
  font-size: 26px;
  font-weight: 650;
  min-width: 36px;
  text-align: right;
}
.words {
  flex: 1;
  min-width: 0;
}
.title {
  font-size: 17px;
  font-weight: 650;
}
.caution {
  color: var(--brass);
  font-weight: 600;
}
.bad {
  color: var(--red);
  font-weight: 600;
}
.moves {
  display: flex;
  gap: 8px;
}
</style>

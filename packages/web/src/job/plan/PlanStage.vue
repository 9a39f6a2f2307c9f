<script setup lang="ts">
import { computed, ref } from 'vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { useStageScreen } from '../model/useStageScreen';
import { useGo } from '../model/useGo';
import { useJobModel } from '../model/useJobModel';
import { VueDraggable, type DraggableEvent } from 'vue-draggable-plus';
import HoldingCard from './HoldingCard.vue';
import PlanSide from './PlanSide.vue';
import { usePlan } from './usePlan';

/** The line of work from bar to part: the holdings one under another, each with the piece in it and what is done there. */
const go = useGo();
const job = useJob();
const model = useJobModel();
const plan = usePlan();
const opened = ref<string | null>(null);
const open = (id: string): void => void (opened.value = opened.value === id ? null : id);
const atEnd = computed(() => {
  const holdings = plan.said.value?.holdings ?? [];
  const ids = new Set(holdings.map((one) => one.holding.id));
  return plan.said.value?.findings.filter((f) => !ids.has(f.holding)) ?? [];
});
/** A problem of a feature stands at its box on Part; one of the bar at its box here. */
const ofThePart = computed(() => {
  const { value } = plan.problem;
  return value && !value.field?.startsWith('stock.') ? value : null;
});
function dropped({ item, newIndex }: DraggableEvent): void {
  const { id } = item.dataset;
  if (id && newIndex !== undefined) plan.placeHolding(id, newIndex);
}
const stateOf = (id: string): 'done' | 'now' | 'ahead' => {
  const { done, now } = plan.progress.value;
  return done.has(id) ? 'done' : id === now ? 'now' : 'ahead';
};
/** What is next, and on which piece where that is another. */
const goOn = computed(() => {
  const { value } = plan.next;
  if (!value?.operation) return null;
  const { name } = value.operation;
  return value.piece === job.piece
    ? `Go on: ${name.toLowerCase()}`
    : `Go on: piece ${value.piece}, ${name.toLowerCase()}`;
});
const onward = (): unknown => (goOn.value ? plan.goOn() : go.to(model.progress.value?.now ?? 'way'));
useStageScreen({
  bar: () => ({
    key: 'plan',
    asks: 'nothing',
    label: 'The line of work',
    hint: 'open an operation to move it; what that endangers is said where it stands',
    empty: {
      label: goOn.value ?? 'Go on with the work',
      run: () => void onward(),
    },
  }),
});
</script>

<template>
  <div class="plan">
    <div class="line">
      <NoticeText v-if="ofThePart" tone="warn"
        >The part has no line of work yet: <PhraseText :phrase="ofThePart.phrase" />
        <router-link :to="`/job/${job.id}/part`">To the part</router-link></NoticeText
      >
      <NoticeText v-else-if="plan.problem.value" tone="bad"
        ><PhraseText :phrase="plan.problem.value.phrase"
      /></NoticeText>
      <NoticeText v-for="(finding, index) in atEnd" :key="index" tone="bad"
        ><PhraseText :phrase="finding.phrase"
      /></NoticeText>
      <VueDraggable
        v-if="plan.said.value"
        class="holdings"
        :model-value="[...plan.said.value.holdings]"
        handle=".grip-holding"
        :animation="120"
        @end="dropped"
      >
        <HoldingCard
          v-for="(one, index) in plan.said.value.holdings"
          :key="one.holding.id"
          :data-id="one.holding.id"
          :said="one"
          :number="index + 1"
          :last="index === plan.said.value.holdings.length - 1"
          :opened="opened"
          :state-of="stateOf"
          :path-of="plan.path"
          @open="open"
          @move="(by) => plan.moveHolding(one.holding.id, by)"
          @move-operation="plan.moveOperation"
          @place="plan.placeOperation"
        />
      </VueDraggable>
    </div>
    <PlanSide />
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  min-height: 100%;
}
.line {
  padding: 16px 18px 24px;
  display: grid;
  gap: 14px;
  align-content: start;
}
/* No wider than the stage, however long a line in it is. */
.holdings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}
@media (max-width: 1180px) {
  .plan {
    grid-template-columns: minmax(0, 1fr) 240px;
  }
}
@media (max-width: 1000px) {
  .plan {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

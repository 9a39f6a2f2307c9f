<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { SettingDesk } from './useSetting';
import HowWorked from '../../../ui/HowWorked.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import NudgeCard from './NudgeCard.vue';
import StepTableView from './StepTableView.vue';

/** What the current card means: the next nudge, a picture, a table, how it is worked, the caution. */
const props = defineProps<{ desk: SettingDesk }>();
/** Seldom wanted beside what is set now. */
const SettingPaper = defineAsyncComponent(() => import('./SettingPaper.vue'));
const StackChoice = defineAsyncComponent(() => import('./StackChoice.vue'));
const StepDrawing = defineAsyncComponent(() => import('./steps/StepDrawing.vue'));
const step = computed(() => props.desk.step.value);
const verdict = computed(() => props.desk.verdict.value);
const settled = computed(() => verdict.value?.inBand === true);
const isDone = computed(() => props.desk.done.value[props.desk.index.value] ?? false);
const lines = computed(() => [...(verdict.value?.nudge?.working ?? []), ...(step.value?.working ?? [])]);
</script>

<template>
  <aside v-if="step" class="side">
    <template v-if="verdict?.nudge">
      <h2 class="label">Next nudge</h2>
      <NudgeCard :nudge="verdict.nudge" @done="desk.keepNudge()" />
    </template>
    <div v-else-if="settled && step.proves && !isDone" class="kept sheet">
      <p><strong>In band from end to end.</strong></p>
      <v-btn class="go" @click="desk.keepSetting()">Keep this setting</v-btn>
    </div>
    <NoticeText v-if="verdict?.remark" :tone="settled ? 'good' : 'warn'"
      ><PhraseText :phrase="verdict.remark"
    /></NoticeText>
    <v-btn v-if="verdict?.fit.pattern === 'wrong-handle'" @click="desk.takeAsOther"
      >It was measured along the other</v-btn
    >
    <StepDrawing v-if="step.drawing" :drawing="step.drawing" />
    <StackChoice v-if="step.id === 'stack'" :table="step.table ?? null" />
    <StepTableView v-else-if="step.table" :table="step.table" />
    <template v-if="lines.length">
      <h2 class="label">How it is worked</h2>
      <HowWorked :lines="lines" />
    </template>
    <SettingPaper />
    <NoticeText v-if="step.caution" tone="bad"
      >{{ step.caution }} The machine’s manual and the shop’s rules come first.</NoticeText
    >
  </aside>
</template>

<style scoped>
.kept {
  padding: 12px 16px;
  border: 1.5px solid var(--green);
  display: grid;
  gap: 10px;
}
</style>

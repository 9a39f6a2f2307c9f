<script setup lang="ts">
import { reamAdvice, reamerWear } from '@anello/core/cutting';
import { length } from '@anello/core/figure';
import { ofKind } from '@anello/core/job';
import { computed } from 'vue';
import { useJobModel } from '../../model/useJobModel';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useJob } from '../../../data/stores/job';
import { useKit } from '../../../data/stores/kit';

/** Whether to ream now, where the shop owns a reamer of this taper; and what a worn one leaves. */
const props = defineProps<{ /** On diameter, mm. */ left: number }>();
const job = useJob();
const kit = useKit();
const model = useJobModel();
const task = computed(() => model.taper.value?.task ?? null);
const found = computed(() =>
  task.value && props.left > 0
    ? reamAdvice({ task: task.value, reamers: kit.core.taperReamers, left: props.left })
    : null,
);
/** Reamed already, by the way chosen, and still standing off: the reamer is under size. */
const reamed = computed(
  () =>
    model.wayChosen.value?.feeds === 'reamer' &&
    ofKind(model.records.value, 'setting-kept', job.piece).length > 0,
);
const worn = computed(() => {
  const seen = ofKind(model.records.value, 'stand-off', job.piece).at(-1)?.body.seen ?? 0;
  return reamed.value && task.value && seen > 0
    ? reamerWear({ standOff: seen, halfAngle: task.value.halfAngle })
    : null;
});
</script>

<template>
  <NoticeText v-if="worn" tone="warn"
    >After reaming it still stands off: the reamer cuts
    <FigureText :figure="length(worn.under, 0.001)" /> under on diameter. Run it
    <FigureText :figure="length(worn.deeper, 0.1)" /> deeper than its mark, if it has the length.</NoticeText
  >
  <NoticeText v-else-if="found" :tone="found.advice === 'ream' ? 'good' : 'plain'"
    ><strong>Ream or not.</strong> <PhraseText :phrase="found.said" />
    {{
      found.advice === 'ream' ? 'Slow, with oil, always forward; never turn it back, never force it.' : ''
    }}</NoticeText
  >
</template>

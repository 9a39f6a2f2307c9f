<script setup lang="ts">
import { angle } from '@anello/core/figure';
import { learnedScale } from '@anello/core/memory';
import { settingSteps, type SettingStep } from '@anello/core/setting';
import { computed, watch } from 'vue';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import { useJob } from '../../../data/stores/job';
import { useLikeness } from '../../../data/stores/likeness';
import { useJobModel } from '../../model/useJobModel';

/** Where a lathe's records say that a scale is off: by how much, and what to set on it instead. */
const props = defineProps<{ step: SettingStep }>();
const job = useJob();
const model = useJobModel();
const likeness = useLikeness();
const machine = computed(() => job.document?.machineId ?? null);
watch(machine, (id) => id && void likeness.ask(id), { immediate: true });
/** Cards on which a device is set by its own scale. */
const BY_SCALE = ['scale', 'swing'];
/** Seconds of arc: finer than a scale is set. */
const SECOND = Math.PI / 180 / 3600;
const off = computed(() => {
  const { device } = model.wayChosen.value ?? {};
  const said = machine.value ? likeness.of(machine.value) : null;
  return device && said && BY_SCALE.includes(props.step.id) ? learnedScale(device, said.figures) : null;
});
/** The same card for the angle that, set by this scale, comes out as the one that is wanted. */
const instead = computed(() => {
  const { value: context } = model.context;
  const { value: way } = model.way;
  if (!off.value || !context || !way) return null;
  const halfAngle = context.task.halfAngle - off.value.value;
  if (!(halfAngle > 0)) return null;
  const steps = settingSteps(
    way,
    { ...context, task: { ...context.task, halfAngle } },
    model.school.value?.id,
  );
  return steps.find(({ id }) => id === props.step.id)?.figures[0]?.figure ?? null;
});
/** Where the scale's marks are too far apart for its error, it is the same mark all the same. */
const same = computed(() => instead.value?.value === props.step.figures[0]?.figure.value);
</script>

<template>
  <NoticeText v-if="off && instead"
    >By {{ off.jobs }} jobs on this lathe the scale stands off by
    <FigureText :figure="{ ...angle(off.value, SECOND), signed: true }" /><template v-if="same"
      >; no other mark of it comes nearer.</template
    ><template v-else
      >: set <strong><FigureText :figure="instead" /></strong> on it to come nearer at once.</template
    ></NoticeText
  >
</template>

<script setup lang="ts">
import { entry } from '@anello/contract';
import { exactText, length as figureOf } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import QuantityField from '../../ui/QuantityField.vue';
import { useJob } from '../../data/stores/job';

/** One length of how the eccentric is made, kept with the job; what the shop has not said shows as the usual. */
const props = defineProps<{
  desk: EccentricDesk;
  name: Parameters<EccentricDesk['setLength']>[0];
  label: string;
  usual?: number | undefined;
  error?: string | undefined;
}>();
const job = useJob();
const shown = computed(
  () =>
    props.desk.choice.value[props.name] ??
    (props.usual === undefined ? undefined : entry(exactText(figureOf(props.usual)))),
);
</script>

<template>
  <QuantityField
    :label="label"
    dimension="length"
    :model-value="shown"
    :draft-key="`${job.id}.eccentric.${name}`"
    :error="error"
    @update:model-value="(next) => desk.setLength(name, next)"
  />
</template>

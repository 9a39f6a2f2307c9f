<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import { entry } from '@anello/contract';
import { exactText, length as figureOf } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import QuantityField from '../../ui/QuantityField.vue';

/** One length of how the eccentric is made, kept with the job; what the shop has not said shows as the usual. */
const props = defineProps<{
  desk: EccentricDesk;
  name: Parameters<EccentricDesk['setLength']>[0];
  label: string;
  usual?: number | undefined;
  error?: string | undefined;
}>();
const model = useJobModel();
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
    :draft-key="`${model.key.value}.eccentric.${name}`"
    :error="error"
    @update:model-value="(next) => desk.setLength(name, next)"
  />
</template>

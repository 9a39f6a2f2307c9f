<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import type { CurveDesk } from './useCurve';
import QuantityField from '../../ui/QuantityField.vue';

/** One length of how the curve is made, kept with the job. */
const props = defineProps<{
  desk: CurveDesk;
  name: Parameters<CurveDesk['length']>[0];
  label: string;
  error?: string | undefined;
}>();
const model = useJobModel();
</script>

<template>
  <QuantityField
    :label="label"
    dimension="length"
    required
    :model-value="props.desk.entryOf(name)"
    :draft-key="`${model.key.value}.curve.${name}`"
    :error="error"
    @update:model-value="(next) => next && desk.change({ [name]: next })"
  />
</template>

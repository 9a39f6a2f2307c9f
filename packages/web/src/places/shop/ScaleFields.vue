<script setup lang="ts">
import { usualDivision, type Entry, type MachineDocument } from '@anello/contract';
import DocumentForm from '../../ui/DocumentForm.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { SCALE_CHOICE } from './machineFields';

/** The attachment's scale: what it is graduated in, and one division of it. */
type Scale = NonNullable<MachineDocument['attachment']>['scale'];
const props = defineProps<{ scale: Scale; draftKey: string; error?: string | undefined }>();
const emit = defineEmits<{ change: [scale: Scale] }>();
const setUnit = (unit: unknown): void => {
  const next = unit as Scale['unit'];
  if (next !== props.scale.unit) emit('change', { unit: next, division: usualDivision(next) } as Scale);
};
const setDivision = (division: Entry | undefined): void => {
  if (division) emit('change', { ...props.scale, division });
};
</script>

<template>
  <DocumentForm
    :object="scale"
    :fields="[SCALE_CHOICE]"
    :draft-key="draftKey"
    @change="(_key, value) => setUnit(value)"
  />
  <QuantityField
    :key="scale.unit"
    label="Its scale, one division"
    :dimension="scale.unit === 'half-angle' || scale.unit === 'included' ? 'angle' : 'taper'"
    required
    :model-value="scale.division"
    :draft-key="`${draftKey}.division.${scale.unit}`"
    :error="error"
    @update:model-value="setDivision"
  />
</template>

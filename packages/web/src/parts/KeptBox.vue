<script setup lang="ts">
import type { EntryDimension } from '@anello/contract';
import type { KeptEntries } from '../composables/useKeptEntries';
import QuantityField from './QuantityField.vue';

/** One box over figures typed at the machine. */
withDefaults(
  defineProps<{
    entries: KeptEntries;
    name: string;
    label: string;
    dimension?: EntryDimension;
    error?: string | undefined;
  }>(),
  { dimension: 'length', error: undefined },
);
</script>

<template>
  <QuantityField
    :label="label"
    :dimension="dimension"
    :model-value="entries.entry(name)"
    :draft-key="`${entries.key.value}.${name}`"
    :error="error"
    @update:model-value="(next) => entries.set(name, next)"
  />
</template>

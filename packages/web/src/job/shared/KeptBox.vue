<script setup lang="ts">
import type { EntryDimension } from '@anello/contract';
import type { UnitSystem } from '@anello/core/figure';
import type { KeptEntries } from '../model/useKeptEntries';
import QuantityField from '../../ui/QuantityField.vue';

/** One box over figures typed at the machine. */
withDefaults(
  defineProps<{
    entries: KeptEntries;
    name: string;
    label: string;
    dimension?: EntryDimension;
    error?: string | undefined;
    /** The units of the dial it is read on. */
    dial?: UnitSystem | undefined;
  }>(),
  { dimension: 'length', error: undefined, dial: undefined },
);
</script>

<template>
  <QuantityField
    :label="label"
    :dimension="dimension"
    :model-value="entries.entry(name)"
    :draft-key="`${entries.key.value}.${name}`"
    :error="error"
    :dial="dial"
    @update:model-value="(next) => entries.set(name, next)"
  />
</template>

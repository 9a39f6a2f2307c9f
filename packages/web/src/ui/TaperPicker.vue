<script setup lang="ts">
import { TAPER_SERIES } from '@anello/core/taper';
import { computed } from 'vue';
import { useKit } from '../data/stores/kit';

/** A size of the tables, or one the shop has saved, by name: `series/size`. */
const picked = defineModel<string | null>({ required: true });
defineProps<{ label?: string; placeholder?: string }>();
const kit = useKit();

const STANDARD = TAPER_SERIES.flatMap((series) =>
  series.sizes.map((size) => ({
    value: `${series.id}/${size.size}`,
    title: series.id.startsWith('morse')
      ? `${size.name}, ${series.unit === 'mm' ? 'metric' : 'inch'} table`
      : size.name,
  })),
);
const items = computed(() => [
  ...kit.sizes.map((size) => ({ value: `shop/${size.size}`, title: `${size.name}, this shop’s own` })),
  ...STANDARD,
]);
</script>

<template>
  <v-autocomplete
    v-model="picked"
    auto-select-first
    :label="label ?? 'From the tables'"
    :items="items"
    :placeholder="placeholder ?? ''"
    persistent-placeholder
  />
</template>

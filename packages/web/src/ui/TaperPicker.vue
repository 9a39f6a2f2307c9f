<script setup lang="ts">
import { findTapers, shopSeries, taperSeries, type TaperSize } from '@anello/core/taper';
import { computed, ref } from 'vue';
import { useKit } from '../data/stores/kit';

/** A size of the tables, or one the shop has saved, found by what people call it: `series/size`. */
const picked = defineModel<string | null>({ required: true });
defineProps<{ label?: string; placeholder?: string }>();
const kit = useKit();
const typed = ref('');

function title({ series, name }: TaperSize): string {
  if (series === 'shop') return `${name}, this shop’s own`;
  const { unit } = taperSeries(series);
  return series.startsWith('morse') ? `${name}, ${unit === 'mm' ? 'metric' : 'inch'} table` : name;
}
const item = (size: TaperSize): { value: string; title: string } => ({
  value: `${size.series}/${size.size}`,
  title: title(size),
});
const own = computed(() => [shopSeries(kit.sizes)]);
const everything = computed(() => findTapers('', own.value).found.map(item));
const chosen = computed(() => everything.value.find((one) => one.value === picked.value)?.title);
/** What is in the box is what was picked until something else is typed. */
const items = computed(() => {
  const text = typed.value.trim();
  if (text === '' || text === chosen.value) return everything.value;
  const { found, near } = findTapers(text, own.value);
  return (found.length > 0 ? found : near).map(item);
});
</script>

<template>
  <v-autocomplete
    v-model="picked"
    v-model:search="typed"
    auto-select-first
    no-filter
    :label="label ?? 'From the tables'"
    :items="items"
    :placeholder="placeholder ?? ''"
    no-data-text="Nothing like that in the tables. Save our own on Tapers."
    persistent-placeholder
  />
</template>

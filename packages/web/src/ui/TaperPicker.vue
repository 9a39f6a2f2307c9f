<script setup lang="ts">
import { findTapers, shopSeries, taperSeries, type TaperSize } from '@anello/core/taper';
import { computed, ref, watch } from 'vue';
import { useKit } from '../data/stores/kit';

/** A size of the tables, or one the shop has saved, found by what people call it: `series/size`. */
const picked = defineModel<string | null>({ required: true });
defineProps<{ label?: string; placeholder?: string }>();
const kit = useKit();
const typed = ref('');
const listed = ref(false);

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

/** What is in the box goes when something is typed: it is all picked as the box is touched. */
function pickAll(event: MouseEvent): void {
  const input = event.target;
  if (input instanceof HTMLInputElement && input.value === chosen.value) input.select();
}
/** Whether the list was gone through by hand since something was typed. */
const moved = ref(false);
watch(typed, () => (moved.value = false));
/** Enter takes the first of what was found for what was typed, however quickly it comes after it. */
function takeFirst(event: KeyboardEvent): void {
  const [first] = items.value;
  const text = typed.value.trim();
  if (moved.value || text === '' || text === chosen.value || !first) return;
  event.preventDefault();
  event.stopPropagation();
  picked.value = first.value;
  // The list is done with; what it would do as the text changes comes before.
  (event.target as HTMLElement).blur();
  listed.value = false;
}
</script>

<template>
  <v-autocomplete
    v-model="picked"
    v-model:search="typed"
    v-model:menu="listed"
    auto-select-first
    no-filter
    :label="label ?? 'From the tables'"
    :items="items"
    :placeholder="placeholder ?? ''"
    no-data-text="Nothing like that in the tables. Save our own on Tapers."
    persistent-placeholder
    @click="pickAll"
    @keydown.enter.capture="takeFirst"
    @keydown.down="moved = true"
    @keydown.up="moved = true"
  />
</template>

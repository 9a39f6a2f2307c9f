<script setup lang="ts">
import { HELD } from '../data/names';
import { useHeld } from '../data/useHeld';
import { sizes, type Sizes } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { formatFigure, length } from '@anello/core/figure';
import { computed, ref, watch } from 'vue';
import { usePreferences } from '../data/stores/preferences';

/** Sizes of a set as people write them, with ranges; read back at once, wrong text kept. */
const props = defineProps<{
  modelValue: Sizes | undefined;
  label: string;
  draftKey: string;
  error?: string | undefined;
}>();
const emit = defineEmits<{ 'update:modelValue': [sizes: Sizes] }>();
const preferences = usePreferences();
const draft = useHeld<string | null>(HELD.typed(props.draftKey), null);
const text = ref(draft.value ?? props.modelValue?.typed ?? '');
const own = ref('');
const unit = computed(() => props.modelValue?.unit ?? (preferences.units === 'mm' ? 'mm' : 'in'));

watch(
  () => props.modelValue?.typed,
  (typed) => {
    if (own.value === '' && typed !== undefined && typed !== text.value) text.value = typed;
  },
);

function typed(value: string): void {
  text.value = value;
  try {
    const read = sizes(value.trim(), unit.value);
    if (read.values.length === 0) throw new AnelloError('empty', 'sizes', 'Give at least one size.');
    own.value = '';
    draft.value = null;
    emit('update:modelValue', read);
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    own.value = error.message;
    draft.value = value;
  }
}
if (draft.value !== null) typed(draft.value);

const readBack = computed(() => {
  const values = props.modelValue?.values ?? [];
  if (values.length === 0) return '';
  const shown = (mm: number): string => formatFigure(length(mm, 0.0001), preferences.units);
  return `reads ${values.length} pieces, ${shown(Math.min(...values))} to ${shown(Math.max(...values))}`;
});
const problem = computed(() => own.value || props.error || '');
</script>

<template>
  <v-textarea
    class="figures-in"
    :model-value="text"
    :label="`${label}, in ${unit === 'in' ? 'inches' : 'mm'} where no unit is given`"
    persistent-placeholder
    placeholder="1 to 13 by 0.5; 14; 1/4 in; #1 to #60"
    :error-messages="problem"
    :messages="problem ? [] : readBack"
    rows="2"
    auto-grow
    autocomplete="off"
    spellcheck="false"
    @update:model-value="typed"
  />
</template>

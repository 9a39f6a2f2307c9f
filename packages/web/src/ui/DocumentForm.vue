<script setup lang="ts">
import type { Entry, Sizes } from '@anello/contract';
import type { FormField } from './formField';
import QuantityField from './QuantityField.vue';
import SizesField from './SizesField.vue';

/** Boxes over one object of a document; what the server refused is said at its box. */
const props = defineProps<{
  object: Record<string, unknown>;
  fields: readonly FormField[];
  /** Names the boxes, so that half-typed text is still there after a reload. */
  draftKey: string;
  /** Sentences by key. */
  errors?: Readonly<Record<string, string>>;
  /** They only ask for what is not there yet. */
  asking?: boolean;
}>();
const emit = defineEmits<{ change: [key: string, value: unknown] }>();
const at = (key: string): string => props.errors?.[key] ?? '';
const entry = (key: string): Entry | undefined => props.object[key] as Entry | undefined;
const text = (key: string): string => (props.object[key] as string | undefined) ?? '';
const list = (key: string): Sizes | undefined => props.object[key] as Sizes | undefined;
</script>

<template>
  <template v-for="field in fields" :key="field.key">
    <QuantityField
      v-if="field.kind === 'figure'"
      :label="field.label"
      :dimension="field.dimension"
      :required="field.required ?? false"
      :model-value="entry(field.key)"
      :draft-key="`${draftKey}.${field.key}`"
      :error="at(field.key)"
      :asking="asking"
      @update:model-value="(next) => emit('change', field.key, next)"
    />
    <SizesField
      v-else-if="field.kind === 'sizes'"
      class="wide"
      :label="field.label"
      :model-value="list(field.key)"
      :draft-key="`${draftKey}.${field.key}`"
      :error="at(field.key)"
      @update:model-value="(next) => emit('change', field.key, next)"
    />
    <v-select
      v-else-if="field.kind === 'choice'"
      :label="field.label"
      :items="field.options"
      :clearable="field.clearable ?? false"
      :model-value="field.clearable ? (object[field.key] ?? null) : text(field.key)"
      :error-messages="at(field.key)"
      @update:model-value="(next: unknown) => emit('change', field.key, next ?? undefined)"
    />
    <v-text-field
      v-else
      :class="{ wide: field.kind === 'text' && field.wide }"
      :label="field.label"
      :type="field.kind === 'day' ? 'date' : 'text'"
      :model-value="text(field.key)"
      :error-messages="at(field.key)"
      :hint="field.hint ?? ''"
      autocomplete="off"
      @update:model-value="
        (next: string) => emit('change', field.key, field.kind === 'day' && next === '' ? undefined : next)
      "
    />
  </template>
</template>

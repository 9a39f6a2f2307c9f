<script setup lang="ts">
import type { Entry } from '@anello/contract';
import { mdiDeleteOutline, mdiPlus } from '@mdi/js';
import QuantityField from '../../ui/QuantityField.vue';

/** Grooves round an eccentric: from its tailstock face, or centred where no place is given. */
interface Groove {
  at?: Entry | undefined;
  width?: Entry | undefined;
  depth?: Entry | undefined;
}
const props = defineProps<{ draftKey: string }>();
const grooves = defineModel<Groove[]>({ required: true });
const FIELDS = [
  { key: 'at', label: 'From the face' },
  { key: 'width', label: 'Width' },
  { key: 'depth', label: 'Depth, on radius' },
] as const;
const MOST = 12;
function set(index: number, key: keyof Groove, next: Entry | undefined): void {
  grooves.value = grooves.value.map((g, i) => {
    if (i !== index) return g;
    const { [key]: _old, ...rest } = g;
    return next ? { ...rest, [key]: next } : rest;
  });
}
const remove = (index: number): void => void (grooves.value = grooves.value.filter((_, i) => i !== index));
const nameOf = (index: number, key: string): string => `${props.draftKey}.grooves.${index}.${key}`;
</script>

<template>
  <fieldset v-for="(groove, index) in grooves" :key="index" class="wide">
    <legend>
      Groove {{ index + 1 }}<span v-if="!groove.at" class="quiet">, in the middle as no place is given</span>
    </legend>
    <QuantityField
      v-for="field in FIELDS"
      :key="field.key"
      :label="field.label"
      dimension="length"
      :model-value="groove[field.key]"
      :draft-key="nameOf(index, field.key)"
      @update:model-value="(next) => set(index, field.key, next)"
    />
    <v-btn
      :icon="mdiDeleteOutline"
      variant="text"
      :aria-label="`Take groove ${index + 1} out`"
      @click="remove(index)"
    />
  </fieldset>
  <v-btn v-if="grooves.length < MOST" class="wide" :prepend-icon="mdiPlus" @click="grooves = [...grooves, {}]"
    >Add a groove</v-btn
  >
</template>

<style scoped>
fieldset {
  border: 1px solid var(--rule);
  border-radius: 8px;
  padding: 10px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(150px, 100%), 1fr));
  gap: 10px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
legend {
  font-weight: 650;
}
legend .quiet {
  font-weight: 400;
}
</style>

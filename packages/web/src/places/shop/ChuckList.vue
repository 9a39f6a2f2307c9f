<script setup lang="ts">
import { CHUCK_KINDS, type MachineDocument } from '@anello/contract';
import { mdiDeleteOutline, mdiPlus } from '@mdi/js';
import QuantityField from '../../ui/QuantityField.vue';

/** The chucks of a lathe. */
type Chuck = MachineDocument['chucks'][number];
const chucks = defineModel<Chuck[]>({ required: true });
defineProps<{ draftKey: string }>();
const NAMES = {
  'three-jaw': 'Three-jaw',
  'four-jaw': 'Four-jaw',
  collet: 'Collet chuck',
  faceplate: 'Faceplate',
} as const;
const KINDS = CHUCK_KINDS.map((value) => ({ value, title: NAMES[value] }));

function change(index: number, more: Partial<Chuck>): void {
  chucks.value = chucks.value.map((chuck, i) => (i === index ? { ...chuck, ...more } : chuck));
}
function setKind(index: number, kind: Chuck['kind']): void {
  const before = chucks.value[index];
  const named = before && Object.values<string>(NAMES).includes(before.name);
  change(index, named ? { kind, name: NAMES[kind] } : { kind });
}
const add = (): void =>
  void (chucks.value = [...chucks.value, { name: NAMES['three-jaw'], kind: 'three-jaw' }]);
const drop = (index: number): void => void (chucks.value = chucks.value.filter((_, i) => i !== index));
</script>

<template>
  <div v-for="(chuck, index) in chucks" :key="index" class="chuck">
    <v-select
      label="Chuck"
      :items="KINDS"
      :model-value="chuck.kind"
      @update:model-value="(kind: Chuck['kind']) => setKind(index, kind)"
    />
    <v-text-field
      label="Name"
      autocomplete="off"
      :model-value="chuck.name"
      @update:model-value="(name: string) => change(index, { name })"
    />
    <QuantityField
      label="Holds up to"
      dimension="length"
      :model-value="chuck.capacity"
      :draft-key="`${draftKey}.chuck.${index}`"
      @update:model-value="(capacity) => change(index, { capacity })"
    />
    <v-btn
      :icon="mdiDeleteOutline"
      variant="text"
      :aria-label="`Take ${chuck.name} out`"
      @click="drop(index)"
    />
  </div>
  <v-btn :prepend-icon="mdiPlus" @click="add">Add a chuck</v-btn>
</template>

<style scoped>
.chuck {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr)) auto;
  gap: 10px 14px;
  align-items: start;
}
</style>

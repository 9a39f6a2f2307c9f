<script setup lang="ts">
import type { Entry, JobDocument } from '@anello/contract';
import { computed } from 'vue';
import QuantityField from '../../ui/QuantityField.vue';
import { isPractice } from '../../data/practice/names';
import { useJob } from '../../data/stores/job';
import { useShop } from '../../data/stores/shop';
import { useTypedText } from '../../ui/useTypedText';
import { PIECES, TAGS } from './jobTexts';

/** What belongs to the whole job: title, lathe, how many, material, and what is to be noted. */
const job = useJob();
const shop = useShop();
const document = computed(() => job.document as JobDocument);
/** A practice job stays on its own lathe. */
const lathes = computed(() => {
  const { machineId } = document.value;
  const own = { value: machineId, title: shop.byId(machineId)?.document.name ?? machineId };
  return isPractice(machineId) ? [own] : shop.byName;
});

type Text = 'number' | 'title' | 'material' | 'note' | 'machineId';
const set = (key: Text, value: string): void => job.edit((draft) => void (draft[key] = value));
const refused = (key: string): string => (job.refusal?.field === key ? job.refusal.message : '');

const harden = (to: Entry | undefined): void =>
  job.edit((draft) => {
    if (to) draft.harden = to;
    else delete draft.harden;
  });

/** An emptied one is taken out. */
function setDue(day: string): void {
  job.edit((draft) => {
    if (day) draft.due = day;
    else delete draft.due;
  });
}
function setWho(text: string): void {
  const who = text.trim().toUpperCase();
  job.edit((draft) => {
    if (who) draft.who = who;
    else delete draft.who;
  });
}
const tagsText = useTypedText(`${job.id}.tags`, () => document.value.tags ?? [], TAGS);
function setTags(text: string): void {
  tagsText.value = text;
  const tags = TAGS.read(text);
  if (!tags) return;
  job.edit((draft) => {
    if (tags.length > 0) draft.tags = [...tags];
    else delete draft.tags;
  });
}

const quantityText = useTypedText(`${job.id}.quantity`, () => document.value.quantity, PIECES);
function setQuantity(text: string): void {
  quantityText.value = text;
  const pieces = PIECES.read(text);
  if (pieces !== null) job.edit((draft) => void (draft.quantity = pieces));
}
</script>

<template>
  <section class="sheet job-sheet" aria-label="The job">
    <v-text-field
      class="wide"
      label="What it is"
      :model-value="document.title"
      :error-messages="document.title.trim() ? refused('title') : 'Give it a title.'"
      autocomplete="off"
      @update:model-value="(v: string) => set('title', v)"
    />
    <v-text-field
      class="figures-in"
      label="Number"
      :model-value="document.number"
      :error-messages="refused('number')"
      autocomplete="off"
      @update:model-value="(v: string) => set('number', v)"
    />
    <v-text-field
      class="figures-in"
      label="How many"
      inputmode="numeric"
      :model-value="quantityText"
      :error-messages="PIECES.read(quantityText) === null ? PIECES.asked : ''"
      autocomplete="off"
      @update:model-value="setQuantity"
    />
    <v-select
      class="wide"
      label="Lathe"
      :items="lathes"
      :model-value="document.machineId"
      @update:model-value="(v: string) => set('machineId', v)"
    />
    <v-text-field
      class="wide"
      label="Material"
      :model-value="document.material"
      autocomplete="off"
      @update:model-value="(v: string) => set('material', v)"
    />
    <QuantityField
      class="wide"
      label="Hardened to, HRC, where it is"
      dimension="number"
      :model-value="document.harden"
      :draft-key="`${job.id}.harden`"
      :error="refused('harden')"
      @update:model-value="harden"
    />
    <v-text-field
      label="Wanted by"
      type="date"
      :model-value="document.due ?? ''"
      :error-messages="refused('due')"
      @update:model-value="(v: string) => setDue(v ?? '')"
    />
    <v-text-field
      label="Whose job"
      maxlength="12"
      autocomplete="off"
      :model-value="document.who ?? ''"
      @update:model-value="(v: string) => setWho(v ?? '')"
    />
    <v-text-field
      class="wide"
      label="Words to find it by"
      :model-value="tagsText"
      :error-messages="TAGS.read(tagsText) === null ? TAGS.asked : ''"
      autocomplete="off"
      @update:model-value="(v: string) => setTags(v ?? '')"
    />
    <v-textarea
      class="wide"
      label="Note"
      :model-value="document.note"
      @update:model-value="(v: string) => set('note', v)"
    />
  </section>
</template>

<style scoped>
.job-sheet {
  padding: 16px;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 12px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
</style>

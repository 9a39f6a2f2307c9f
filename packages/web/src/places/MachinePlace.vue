<script setup lang="ts">
import type { Entry, MachineDocument, MachineRow } from '@anello/contract';
import { AnelloError } from '@anello/core';
import { computed, onMounted, ref, watch } from 'vue';
import { request, ServerAway, StaleHere } from '../lib/api';
import { plain } from '../lib/db';
import QuantityField from '../parts/QuantityField.vue';
import StillSetRow from '../parts/StillSetRow.vue';
import { useShop } from '../stores/shop';

/** One lathe's figures, as its owner measured them. */
const props = defineProps<{ id: string }>();
const shop = useShop();
const machine = computed(() => shop.byId(props.id));
const draft = ref<MachineDocument | null>(null);
const note = ref('');
const busy = ref(false);
onMounted(() => void shop.load());
watch(
  machine,
  (found) => {
    if (found && !draft.value) draft.value = plain(found.document);
  },
  { immediate: true },
);

interface Spec {
  readonly group: string;
  readonly key: string;
  readonly label: string;
  readonly dimension: 'length' | 'angle';
}
const FIELDS: readonly Spec[] = [
  { group: '', key: 'centreDistance', label: 'Between centres', dimension: 'length' },
  { group: '', key: 'swing', label: 'Swing over the bed', dimension: 'length' },
  { group: '', key: 'indicator', label: 'Indicator reads to', dimension: 'length' },
  { group: 'dial', key: 'division', label: 'Cross-slide dial, one division', dimension: 'length' },
  { group: 'compound', key: 'travel', label: 'Compound travel', dimension: 'length' },
  { group: 'compound', key: 'division', label: 'Compound scale, one division', dimension: 'angle' },
  { group: 'attachment', key: 'barTravel', label: 'Attachment travel', dimension: 'length' },
  { group: 'attachment', key: 'pivotLength', label: 'Pivot to the indicated end', dimension: 'length' },
  { group: 'attachment', key: 'maxHalfAngle', label: 'Steepest half angle', dimension: 'angle' },
  { group: 'attachment', key: 'division', label: 'Attachment scale, one division', dimension: 'angle' },
  { group: 'attachment', key: 'lash', label: 'Attachment lash, across', dimension: 'length' },
  { group: 'tailstock', key: 'limit', label: 'Tailstock sets over', dimension: 'length' },
  { group: 'tailstock', key: 'division', label: 'Set-over scale, one division', dimension: 'length' },
];
const holder = (document: MachineDocument, group: string): Record<string, Entry> | null =>
  (group === '' ? document : (document as unknown as Record<string, unknown>)[group]) as Record<
    string,
    Entry
  > | null;
const shown = computed(() => FIELDS.filter((f) => draft.value && holder(draft.value, f.group)));

function set(field: Spec, next: Entry | undefined): void {
  const target = draft.value && holder(draft.value, field.group);
  if (target && next) target[field.key] = next;
}

async function save(): Promise<void> {
  if (!machine.value || !draft.value) return;
  busy.value = true;
  note.value = '';
  try {
    const row = await request<MachineRow>('PUT', `/api/machines/${props.id}`, {
      version: machine.value.version,
      document: draft.value,
    });
    await shop.load();
    note.value = `Saved. ${row.document.name} is up to date.`;
  } catch (error) {
    if (error instanceof StaleHere) {
      await shop.load();
      note.value =
        'Somebody changed this lathe meanwhile. Yours is still here: look it over and save again to keep it.';
    } else if (error instanceof ServerAway)
      note.value = 'The server is away. Yours is still here: save again when it is back.';
    else if (error instanceof AnelloError)
      note.value = `${error.field ? `${error.field}: ` : ''}${error.message}`;
    else throw error;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <main class="machine">
    <p><router-link to="/machines" class="quiet">Machines</router-link></p>
    <template v-if="machine && draft">
      <h1>{{ machine.document.name }}</h1>
      <StillSetRow :machine="machine" />
      <form class="sheet" @submit.prevent="save">
        <v-text-field v-model="draft.name" label="Name" autocomplete="off" />
        <v-select v-model="draft.dial.reads" label="Dial reads" :items="['radius', 'diameter']" />
        <v-select v-model="draft.dial.units" label="Dial is cut in" :items="['mm', 'inch']" />
        <v-select
          v-if="draft.compound"
          v-model="draft.compound.zero"
          label="Compound’s zero lies"
          :items="[
            { value: 'along', title: 'along the bed' },
            { value: 'across', title: 'across the bed' },
          ]"
        />
        <v-select
          v-if="draft.attachment"
          v-model="draft.attachment.kind"
          label="Attachment is"
          :items="['plain', 'telescopic']"
        />
        <v-select
          v-if="draft.attachment"
          v-model="draft.attachment.indicatedEnd"
          label="Bar is read at its end toward"
          :items="['headstock', 'tailstock']"
        />
        <QuantityField
          v-for="field in shown"
          :key="field.group + field.key"
          :label="field.label"
          :dimension="field.dimension"
          required
          :model-value="holder(draft, field.group)?.[field.key]"
          :draft-key="`${id}.${field.group}.${field.key}`"
          @update:model-value="(next) => set(field, next)"
        />
        <v-textarea v-model="draft.note" class="wide" label="Note" />
        <p class="wide row">
          <v-btn class="go" type="submit" :disabled="busy">Save</v-btn><span role="status">{{ note }}</span>
        </p>
      </form>
    </template>
    <p v-else-if="shop.loaded">There is no such machine.</p>
    <p v-else class="quiet">Fetching the lathe…</p>
  </main>
</template>

<style scoped>
.machine {
  padding: 16px 26px 40px;
  overflow-y: auto;
  display: grid;
  gap: 14px;
  align-content: start;
}
h1 {
  font-size: 26px;
  font-weight: 650;
}
form {
  padding: 18px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(260px, 100%), 1fr));
  gap: 16px 14px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
.row {
  display: flex;
  gap: 16px;
  align-items: center;
}
@media (max-width: 640px) {
  .machine {
    padding: 12px;
  }
}
</style>

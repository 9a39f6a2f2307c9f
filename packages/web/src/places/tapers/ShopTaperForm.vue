<script setup lang="ts">
import { SHOP_TAPER_SCHEMA, type ShopTaper, type TaperRow } from '@anello/contract';
import { watch } from 'vue';
import { useDocumentEditor } from '../../data/useDocumentEditor';
import { plain } from '../../data/db';
import { newId } from '../../data/newId';
import { saveBundle } from '../../files/saveFile';
import { useKit } from '../../data/stores/kit';
import DocumentForm from '../../ui/DocumentForm.vue';
import EditorForm from '../../ui/EditorForm.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import { figure, type FormField } from '../../ui/formField';

/** A taper of the shop's own: a new one, with what is known of it already, or one to change. */
const open = defineModel<boolean>({ required: true });
const props = defineProps<{ row?: TaperRow; start?: Partial<ShopTaper> }>();
const kit = useKit();
const lead = useLeadOn();
let fresh = `taper-${newId()}`;

const FIELDS: readonly FormField[] = [
  { kind: 'text', key: 'name', label: 'Name' },
  figure('ratio', 'Taper on diameter', 'taper'),
  figure('halfAngle', 'or half angle', 'angle'),
  figure('gaugeDiameter', 'Gauge line diameter'),
  figure('beyondGauge', 'Past the gauge line'),
  figure('length', 'Gauge line to small end'),
  { kind: 'text', key: 'thread', label: 'Usual thread' },
  { kind: 'text', key: 'use', label: 'What it is found on', wide: true },
];

const editor = useDocumentEditor<ShopTaper>(
  async (document, { version, save: saveId }) => {
    await lead(async () => {
      const id = props.row?.id ?? fresh;
      await kit.keepTaper(id, version, document, saveId);
      open.value = false;
      fresh = `taper-${newId()}`;
      return document.archived ? '/tapers' : `/tapers/shop/${id}`;
    });
    return '';
  },
  // One that begins from a part that was copied is that part's, not what was typed before.
  () => (props.start ? null : `taper.${props.row?.id ?? 'new'}`),
);
const { draft, note, put, errorsUnder } = editor;
watch(
  open,
  (isOpen) => {
    if (!isOpen) return;
    note.value = '';
    editor.open(props.row ?? null, {
      schema: SHOP_TAPER_SCHEMA,
      name: '',
      use: '',
      archived: false,
      thread: '',
      ...plain(props.start ?? {}),
    });
  },
  { immediate: true },
);
const toFile = (): void => {
  if (props.row && draft.value)
    saveBundle(draft.value.name, { tapers: [{ id: props.row.id, document: draft.value }] });
};
</script>

<template>
  <v-dialog v-model="open" aria-label="A taper of our own" max-width="640">
    <EditorForm
      v-if="draft"
      class="sheet own"
      :editor="editor"
      :boxes="`taper.${row?.id ?? 'new'}.`"
      :wanting="draft.name.trim() === ''"
    >
      <h2>{{ row ? row.document.name : 'A taper of our own' }}</h2>
      <p class="quiet">
        Its ratio or its half angle; of the rest, what is known. The drawing gives what is left out.
      </p>
      <div class="grid">
        <DocumentForm
          :object="draft as unknown as Record<string, unknown>"
          :fields="FIELDS"
          :draft-key="`taper.${row?.id ?? 'new'}`"
          :errors="errorsUnder('')"
          @change="(key, value) => put(draft as unknown as Record<string, unknown>, key, value)"
        />
      </div>
      <template #more>
        <v-btn @click="open = false">Close</v-btn>
        <template v-if="row">
          <v-btn @click="toFile">Save as a file</v-btn>
          <v-btn @click="editor.saveOnly({ archived: true })">Put away</v-btn>
        </template>
      </template>
    </EditorForm>
  </v-dialog>
</template>

<style scoped>
.own {
  padding: 20px 24px;
  display: grid;
  gap: 14px;
  overflow-y: auto;
}
.grid {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px 14px;
  align-items: start;
}
.grid :deep(.wide) {
  grid-column: 1 / -1;
}
@media (max-width: 520px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { newKit, taperFigures, type KitDocument } from '@anello/contract';
import { taperSize } from '@anello/core/taper';
import { computed, onMounted, ref, watch } from 'vue';
import { useDocumentEditor } from '../../data/useDocumentEditor';
import { kindSpec } from './kitFields';
import KitTabs from './KitTabs.vue';
import { newId } from '../../data/newId';
import { saveBundle } from '../../files/saveFile';
import DocumentForm from '../../ui/DocumentForm.vue';
import EditorForm from '../../ui/EditorForm.vue';
import NoticeText from '../../ui/NoticeText.vue';
import TaperPicker from '../../ui/TaperPicker.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import { useKit } from '../../data/stores/kit';

/** One thing or set the shop owns: a new one of a kind, or one on record. */
const props = defineProps<{ id?: string; kind?: string }>();
const kit = useKit();
const lead = useLeadOn();
const row = computed(() => kit.kit.find((r) => r.id === props.id));
const newOne = ref(`kit-${newId()}`);
onMounted(() => void kit.load());

const editor = useDocumentEditor<KitDocument>(
  async (document, { version, save: saveId }) => {
    await lead(async () => {
      const id = props.id ?? newOne.value;
      try {
        await kit.keep(id, version, document, saveId);
      } catch (error) {
        await kit.load();
        throw error;
      }
      return props.id ? null : `/kit/${id}`;
    }, 'replace');
    return `Saved. ${document.name} is on record.`;
  },
  () => `kit.${props.id ?? `new-${props.kind}`}`,
);
const { draft, unsaved, put, errorsUnder } = editor;
/** The same page serves the next thing too; a new one just saved stays as it is. */
watch(
  () => props.id ?? `new ${props.kind}`,
  (now) => {
    if (now !== newOne.value) editor.open(null);
  },
);
watch(
  () => [row.value, props.kind, draft.value === null, unsaved.value] as const,
  ([found, kind, empty]) => {
    if (!empty) {
      if (found) editor.follow(found);
      return;
    }
    if (props.id) editor.open(found ?? null);
    else if (kind) {
      newOne.value = `kit-${newId()}`;
      const of = kindSpec(kind);
      editor.open(null, of ? newKit(of.kind) : null);
    }
  },
  { immediate: true },
);
/** What its boxes are named by. */
const boxes = computed(() => `kit.${props.id ?? `new-${props.kind}`}`);
const spec = computed(() => (draft.value ? kindSpec(draft.value.kind) : undefined));
const tapered = computed(() =>
  draft.value && (draft.value.kind === 'master' || draft.value.kind === 'taper-reamer') ? draft.value : null,
);

/** From the tables: the exact taper, and a name and length to start from. */
function useSize(key: string | null): void {
  if (!tapered.value || !key) return;
  const [series = '', size = ''] = key.split(/\/(.*)/s);
  const found = series === 'shop' ? kit.sizes.find((one) => one.size === size) : taperSize(series, size);
  if (!found) return;
  const figures = taperFigures(found, 'external');
  Object.assign(tapered.value, { series: { series, size }, ratio: figures.ratio });
  tapered.value.name ||= `${found.name} ${tapered.value.kind === 'master' ? 'plug gauge' : 'reamer'}`;
}
const series = computed(() =>
  tapered.value?.series ? `${tapered.value.series.series}/${tapered.value.series.size}` : null,
);

function change(key: string, value: unknown): void {
  if (!draft.value) return;
  put(draft.value as unknown as Record<string, unknown>, key, value);
  // A taper changed by hand is no longer the table's.
  if (key === 'ratio' && tapered.value) delete tapered.value.series;
}

const toFile = (): void => {
  if (draft.value && props.id)
    saveBundle(draft.value.name, { kit: [{ id: props.id, document: draft.value }] });
};
</script>

<template>
  <main class="page">
    <KitTabs />
    <template v-if="draft && spec">
      <header class="head">
        <h1>{{ row ? row.document.name : `New ${spec.one}` }}</h1>
        <v-btn v-if="row" @click="toFile">Save as a file</v-btn>
        <v-btn v-if="row" @click="editor.saveOnly({ archived: !draft.archived })">{{
          draft.archived ? 'Bring back' : 'Put away'
        }}</v-btn>
      </header>
      <NoticeText v-if="draft.archived" tone="warn"
        >Put away: no job is offered it; what was done with it stays.</NoticeText
      >
      <EditorForm class="sheets" :editor="editor" :boxes="`${boxes}.`" :wanting="draft.name.trim() === ''">
        <section class="sheet group">
          <div class="grid">
            <v-text-field
              v-model="draft.name"
              label="Name"
              autocomplete="off"
              :error-messages="errorsUnder('')['name'] ?? ''"
            />
            <TaperPicker v-if="tapered" :model-value="series" @update:model-value="useSize" />
            <DocumentForm
              :object="draft as unknown as Record<string, unknown>"
              :fields="spec.fields"
              :draft-key="boxes"
              :errors="errorsUnder('')"
              @change="change"
            />
            <table v-if="draft.kind === 'pin-block'" class="wide">
              <thead>
                <tr>
                  <th scope="col">Hole</th>
                  <th scope="col">Along</th>
                  <th scope="col">Across</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="hole in draft.holes" :key="hole.name">
                  <th scope="row">{{ hole.name }}</th>
                  <td class="fig">{{ hole.x.typed }}</td>
                  <td class="fig">{{ hole.y.typed }}</td>
                </tr>
              </tbody>
            </table>
            <v-textarea v-model="draft.note" class="wide" label="Note" rows="2" auto-grow />
          </div>
        </section>
      </EditorForm>
    </template>
    <p v-else-if="kit.loaded">There is no such thing among the kit.</p>
    <p v-else class="quiet">Opening the drawer…</p>
  </main>
</template>

<style scoped>
table {
  border-collapse: collapse;
}
th,
td {
  padding: 8px 14px;
  text-align: right;
  border-top: 1px solid var(--rule);
  font-weight: 400;
}
th:first-child {
  text-align: left;
}
</style>

<script setup lang="ts">
import type { MachineDocument } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { computed, onMounted, ref, watch } from 'vue';
import { useDocumentEditor } from '../../data/useDocumentEditor';
import { request, ServerAway } from '../../data/api';
import { plain } from '../../data/db';
import { saveBundle } from '../../files/saveFile';
import { newId } from '../../data/newId';
import ChuckList from './ChuckList.vue';
import { MACHINE_GROUPS, type MachineGroup } from './machineFields';
import BarMaps from './BarMaps.vue';
import LatheLikeness from './LatheLikeness.vue';
import ScaleFields from './ScaleFields.vue';
import CountsField from '../../ui/CountsField.vue';
import DocumentForm from '../../ui/DocumentForm.vue';
import EditorForm from '../../ui/EditorForm.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import StillSetRow from '../../job/record/StillSetRow.vue';
import { useShop } from '../../data/stores/shop';

/** One lathe's figures, as its owner measured them. */
const props = defineProps<{ id: string }>();
const shop = useShop();
const lead = useLeadOn();
const machine = computed(() => shop.byId(props.id));
onMounted(() => void shop.load());

/** What became of what is done from the top of the page, where the foot of the form is out of sight. */
const said = ref('');
const editor = useDocumentEditor<MachineDocument>(
  async (document, { version, save: id }) => {
    try {
      await request('PUT', `/api/machines/${props.id}`, { version, document, save: id });
    } finally {
      await shop.load();
    }
    return `Saved. ${document.name} is up to date.`;
  },
  () => `lathe.${props.id}`,
);
const { draft, note, busy, unsaved, put, errorsUnder } = editor;
watch(
  [machine, unsaved],
  ([found], [before]) => {
    if (!found) return;
    if (!draft.value || found.id !== before?.id) {
      said.value = '';
      editor.open(found);
    } else editor.follow(found);
  },
  { immediate: true },
);

const objectOf = (document: MachineDocument, group: MachineGroup): Record<string, unknown> | null =>
  (group.key === '' ? document : document[group.key]) as Record<string, unknown> | null;
const prefix = (group: MachineGroup): string => (group.key === '' ? '' : `${group.key}.`);

function has(group: MachineGroup, yes: boolean): void {
  if (!draft.value || group.key === '' || !group.usual) return;
  put(draft.value as Record<string, unknown>, group.key, yes ? group.usual() : null);
}

/** Once for each press that is meant: a second one while it is on its way is the same. */
async function copy(): Promise<void> {
  if (!draft.value || busy.value) return;
  const id = `lathe-${newId()}`;
  const document = {
    ...plain(draft.value),
    name: `${draft.value.name.slice(0, 50)} (copy)`,
    archived: false,
  };
  busy.value = true;
  said.value = '';
  try {
    await lead(async () => {
      await request('POST', '/api/machines', { id, document });
      await shop.load();
      return `/machines/${id}`;
    });
  } catch (error) {
    if (!(error instanceof ServerAway || error instanceof AnelloError)) throw error;
    said.value =
      error instanceof ServerAway
        ? 'The server is away: nothing was copied. Try again in a moment.'
        : error.message;
  } finally {
    busy.value = false;
  }
}

async function putAway(archived: boolean): Promise<void> {
  said.value = (await editor.saveOnly({ archived })) ? '' : note.value;
}

const toFile = (): void => {
  if (draft.value) saveBundle(draft.value.name, { machines: [{ id: props.id, document: draft.value }] });
};
</script>

<template>
  <main class="page">
    <p><router-link to="/machines" class="quiet">Machines and kit</router-link></p>
    <template v-if="machine && draft">
      <header class="head">
        <h1>{{ machine.document.name }}</h1>
        <v-btn :disabled="busy" @click="copy">Copy this lathe</v-btn>
        <v-btn @click="toFile">Save as a file</v-btn>
        <v-btn @click="putAway(!draft.archived)">{{ draft.archived ? 'Bring back' : 'Put away' }}</v-btn>
        <span v-if="said" role="status">{{ said }}</span>
      </header>
      <p v-if="draft.archived" class="quiet">
        Put away: no new job is offered it; what was done on it stays.
      </p>
      <StillSetRow :machine="machine" />
      <LatheLikeness :id="id" />
      <BarMaps :id="id" />
      <EditorForm class="sheets" :editor="editor" :boxes="`${id}.`">
        <section v-for="group in MACHINE_GROUPS" :key="group.key" class="sheet group">
          <header>
            <h2>{{ group.title }}</h2>
            <v-switch
              v-if="group.usual"
              :model-value="objectOf(draft, group) !== null"
              :label="objectOf(draft, group) ? 'has one' : 'has none'"
              :aria-label="`${group.title}: this lathe has one`"
              color="var(--blue)"
              density="compact"
              hide-details
              @update:model-value="(yes) => has(group, yes === true)"
            />
          </header>
          <div v-if="objectOf(draft, group)" class="grid">
            <DocumentForm
              :object="objectOf(draft, group)!"
              :fields="group.fields"
              :draft-key="`${id}.${group.key}`"
              :errors="errorsUnder(prefix(group))"
              @change="(key, value) => put(objectOf(draft!, group)!, key, value)"
            />
            <ScaleFields
              v-if="group.key === 'attachment' && draft.attachment"
              :scale="draft.attachment.scale"
              :draft-key="`${id}.scale`"
              :error="errorsUnder('attachment.scale.')['division']"
              @change="(scale) => put(draft!.attachment!, 'scale', scale)"
            />
          </div>
        </section>
        <section class="sheet group">
          <header><h2>Chucks, gears and speeds</h2></header>
          <div class="grid">
            <ChuckList v-model="draft.chucks" :draft-key="id" />
            <CountsField
              v-model="draft.changeGears"
              label="Change gears owned, teeth"
              :draft-key="`${id}.changeGears`"
              :range="{ least: 10, most: 250, what: 'change gear' }"
            />
            <CountsField
              :model-value="draft.speeds ?? []"
              label="Spindle speeds, turns a minute"
              :draft-key="`${id}.speeds`"
              :range="{ least: 1, most: 10000, what: 'spindle speed' }"
              @update:model-value="(speeds: number[]) => put(draft!, 'speeds', speeds)"
            />
          </div>
        </section>
        <section class="sheet group">
          <v-textarea v-model="draft.note" label="Note" rows="2" auto-grow />
        </section>
      </EditorForm>
    </template>
    <p v-else-if="shop.loaded">There is no such machine.</p>
    <p v-else class="quiet">Fetching the lathe…</p>
  </main>
</template>

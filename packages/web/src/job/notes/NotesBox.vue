<script setup lang="ts">
import { mdiCameraPlusOutline, mdiNotebookEditOutline } from '@mdi/js';
import { describeRecord, standing } from '@anello/core/job';
import { onClickOutside } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import FileTake from '../../ui/FileTake.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob, type About } from '../../data/stores/job';
import { ofShape, type View } from '../model/kind';
import { useJobModel } from '../model/useJobModel';
import PhotoShown from './PhotoShown.vue';
import { usePhotos } from './usePhotos';

/** A note or a picture of what is in hand, from wherever in the job one is; and those that are there already. */
const job = useJob();
const model = useJobModel();
const route = useRoute();
const photos = usePhotos();
const place = ref<HTMLElement | null>(null);
const open = ref(false);
const text = ref('');

const stage = computed(() => String(route.params['stage'] ?? 'part') as View);
/** The operation in hand, the shape in hand, or the piece. */
const about = computed<About>(() => {
  if (stage.value === 'work') return { operation: String(route.params['of'] ?? '') };
  return ofShape(stage.value) ? model.about.value : {};
});
const here = computed(() =>
  standing(job.records).filter(
    ({ piece, operation, body }) =>
      piece === job.piece &&
      (body.kind === 'note' || body.kind === 'photo') &&
      (about.value.operation === undefined || operation === about.value.operation),
  ),
);
const of = computed(() =>
  stage.value === 'work'
    ? 'Of this operation'
    : about.value.operation
      ? `Of ${job.document?.features.find((f) => f.id === about.value.feature)?.name ?? 'this shape'}`
      : `Of piece ${job.piece}`,
);

async function keepNote(): Promise<void> {
  const said = text.value.trim();
  if (!said) return;
  await job.keepAndOffer({ kind: 'note', text: said }, 'Note kept.', about.value);
  text.value = '';
}
async function takePhoto(file: File): Promise<void> {
  await photos.take(file, { about: about.value, text: text.value.slice(0, 400) });
  if (!photos.refused.value) text.value = '';
}
onClickOutside(place, () => (open.value = false), { ignore: ['.v-overlay'] });
</script>

<template>
  <div ref="place" class="notes" @keydown.escape="open = false">
    <button
      class="plain open"
      :aria-expanded="open"
      :aria-label="`Notes and photos, ${here.length} here`"
      @click="open = !open"
    >
      <v-icon :icon="mdiNotebookEditOutline" size="24" /><span v-if="here.length" class="count fig">{{
        here.length
      }}</span>
    </button>
    <section v-if="open" class="sheet list" aria-label="Notes and photos">
      <h2>{{ of }}</h2>
      <p v-if="here.length === 0" class="quiet">
        Nothing yet. A photo of how it is held tells the next one more than a page.
      </p>
      <ol v-else>
        <li v-for="{ id, body } in here" :key="id">
          <PhotoShown v-if="body.kind === 'photo'" :photo="body.photo" :text="body.text" />
          <PhraseText v-if="body.kind !== 'photo'" :phrase="describeRecord({ body, piece: job.piece })" />
          <span v-else>{{ body.text }}</span>
        </li>
      </ol>
      <v-textarea
        v-model="text"
        label="What the next one should know"
        rows="2"
        auto-grow
        maxlength="2000"
        hide-details
      />
      <div class="row">
        <v-btn :disabled="text.trim() === ''" @click="keepNote">Keep the note</v-btn>
        <FileTake
          :label="photos.busy.value ? 'Drawing it…' : 'Photo'"
          accept="image/*"
          :icon="mdiCameraPlusOutline"
          :disabled="photos.busy.value"
          @taken="takePhoto"
        />
      </div>
      <p v-if="photos.refused.value" class="bad" role="alert">{{ photos.refused.value }}</p>
    </section>
  </div>
</template>

<style scoped>
.notes {
  position: relative;
  flex: none;
}
.open {
  min-width: 48px;
  min-height: 48px;
  text-align: center;
  border: 1px solid var(--rule-2) !important;
  border-radius: 8px;
  background: var(--sheet);
  position: relative;
}
.count {
  position: absolute;
  top: 2px;
  right: 3px;
  min-width: 18px;
  padding: 0 4px;
  font-size: 13px;
  line-height: 18px;
  border-radius: 9px;
  background: var(--ink);
  color: var(--paper);
}
.list {
  position: absolute;
  right: 0;
  top: calc(100% + 6px);
  z-index: 20;
  width: min(420px, calc(100vw - 24px));
  max-height: 70vh;
  overflow-y: auto;
  padding: 14px;
  display: grid;
  gap: 12px;
  box-shadow: 0 6px 24px rgb(0 0 0 / 0.3);
}
h2 {
  font-size: 17px;
  font-weight: 650;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.bad {
  color: var(--red);
}
</style>

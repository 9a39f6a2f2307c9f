<script setup lang="ts">
import { mdiCameraPlusOutline } from '@mdi/js';
import { describeRecord, isPhoto } from '@anello/core/job';
import FileTake from '../../ui/FileTake.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import PhotoShown from './PhotoShown.vue';
import { useNotesHere } from './useNotesHere';
import { usePhotos } from './usePhotos';

/** A note or a picture of what is in hand, and those that are there already. */
const text = defineModel<string>({ required: true });
const job = useJob();
const photos = usePhotos();
const { about, here, of } = useNotesHere();

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
</script>

<template>
  <section class="sheet list" aria-label="Notes and photos">
    <h2>{{ of }}</h2>
    <p v-if="here.length === 0" class="quiet">
      Nothing yet. A photo of how it is held tells the next one more than a page.
    </p>
    <ol v-else>
      <li v-for="{ id, body } in here" :key="id">
        <PhotoShown v-if="isPhoto(body)" :photo="body.photo" :text="body.text" />
        <PhraseText v-if="!isPhoto(body)" :phrase="describeRecord({ body, piece: job.piece })" />
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
</template>

<style scoped>
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

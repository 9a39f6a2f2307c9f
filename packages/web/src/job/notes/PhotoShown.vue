<script setup lang="ts">
import { ref } from 'vue';
import { usePhotos } from './usePhotos';

/** A picture small among what was kept; whole when it is asked for. */
const props = defineProps<{ photo: string; text: string }>();
const { addressOf } = usePhotos();
const open = ref(false);
/** The server is away, or has none: said instead of a broken picture. */
const missing = ref(false);
const says = (): string => (props.text === '' ? 'Photo' : `Photo: ${props.text}`);
</script>

<template>
  <span v-if="missing" class="quiet"
    >The photo cannot be shown now.
    <button type="button" class="plain again" @click="missing = false">Try again</button></span
  >
  <button v-else type="button" class="plain small" :aria-label="`${says()}, larger`" @click="open = true">
    <img :src="addressOf(photo)" :alt="says()" loading="lazy" @error="missing = true" />
  </button>
  <v-dialog v-model="open" max-width="1100" :aria-label="says()">
    <figure class="sheet large">
      <img :src="addressOf(photo)" :alt="says()" />
      <figcaption>
        <span>{{ text }}</span>
        <v-btn autofocus @click="open = false">Close</v-btn>
      </figcaption>
    </figure>
  </v-dialog>
</template>

<style scoped>
.small {
  padding: 0;
  line-height: 0;
  border-radius: 8px;
  overflow: hidden;
}
.small img {
  width: 96px;
  height: 72px;
  object-fit: cover;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
}
.large {
  margin: 0;
  padding: 12px;
  display: grid;
  gap: 10px;
}
.large img {
  max-width: 100%;
  max-height: 76vh;
  margin: 0 auto;
}
figcaption {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  font-size: 17px;
}
.again {
  min-height: 44px;
  text-decoration: underline;
}
</style>

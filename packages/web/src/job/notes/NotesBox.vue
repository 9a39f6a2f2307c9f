<script setup lang="ts">
import { mdiNotebookEditOutline } from '@mdi/js';
import { onClickOutside } from '@vueuse/core';
import { defineAsyncComponent, ref } from 'vue';
import NotFetched from '../../ui/NotFetched.vue';
import { useNotesHere } from './useNotesHere';

/** Notes and pictures, from wherever in the job one is. */
const place = ref<HTMLElement | null>(null);
const open = ref(false);
/** Half-written it stays, closed and opened again. */
const text = ref('');
const { here } = useNotesHere();
/** Fetched when nobody waits for anything: the server may be away when it is wanted. */
const NotesPanel = defineAsyncComponent({
  loader: () => import('./NotesPanel.vue'),
  errorComponent: NotFetched,
});
onClickOutside(place, () => (open.value = false), { ignore: ['.v-overlay'] });
</script>

<template>
  <div ref="place" class="notes" @keydown.escape="open = false">
    <button
      type="button"
      class="plain open"
      :aria-expanded="open"
      :aria-label="`Notes and photos, ${here.length} here`"
      @click="open = !open"
    >
      <v-icon :icon="mdiNotebookEditOutline" size="24" /><span v-if="here.length" class="count fig">{{
        here.length
      }}</span>
    </button>
    <NotesPanel v-if="open" v-model="text" />
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
  border: 1px solid var(--rule-2);
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
</style>

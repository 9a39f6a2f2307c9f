<script setup lang="ts">
import { ref } from 'vue';
import type { Clash } from '../data/merge';
import { letGoTyped } from '../data/unsaved';
import type { DocumentEditor } from '../data/useDocumentEditor';
import { useScreen } from '../data/stores/screen';
import ClashPicks from './ClashPicks.vue';

/** The form of a document that is saved when it is said: what is not saved is seen to be, and can be thrown away. */
const props = defineProps<{
  editor: DocumentEditor;
  /** What the names of its boxes begin with. */
  boxes: string;
  /** There is not enough of it to be saved. */
  wanting?: boolean;
}>();
const { draft, note, busy, unsaved, clashes, setAnew } = props.editor;
const screen = useScreen();
const form = ref<HTMLFormElement | null>(null);

/** Nothing is saved past a box whose text says nothing: it would look saved. */
async function save(): Promise<void> {
  const wrong = form.value?.querySelector<HTMLElement>('.v-input--error :is(input, textarea)');
  if (wrong && !props.editor.refused.value) {
    note.value = 'Not saved: what stands here cannot be read.';
    wrong.focus();
    return;
  }
  await props.editor.save();
}

function throwAway(): void {
  const texts = letGoTyped(props.boxes);
  const back = props.editor.throwAway();
  screen.offerBack('What was not saved is thrown away.', () => {
    texts();
    back();
  });
}

const choose = (clash: Clash, whose: 'mine' | 'theirs'): void => props.editor.choose(clash, whose);
</script>

<template>
  <form v-if="draft" :key="`${boxes} ${setAnew}`" ref="form" @submit.prevent="save">
    <ClashPicks :clashes="clashes" :document="draft" @choose="choose" />
    <slot />
    <p class="foot">
      <v-btn class="go" type="submit" :disabled="busy || wanting">Save</v-btn>
      <v-btn :disabled="busy || !unsaved" @click="throwAway">Throw away</v-btn>
      <slot name="more" />
      <span role="status">{{ note || (unsaved ? 'Not saved yet.' : '') }}</span>
    </p>
  </form>
</template>

<style scoped>
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 12px;
  align-items: center;
}
/* On a page the end of a long form is out of sight, and with it that something is not saved. */
.page .foot {
  position: sticky;
  /* Down to the edge, over what the page keeps free there. */
  bottom: -40px;
  padding: 10px 0;
  border-top: 1px solid var(--rule-2);
  background: var(--paper);
  z-index: 1;
}
@media (max-width: 640px) {
  .page .foot {
    bottom: -12px;
  }
}
</style>

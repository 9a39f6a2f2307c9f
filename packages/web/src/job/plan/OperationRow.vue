<script setup lang="ts">
import { duration } from '@anello/core/figure';
import type { OperationSaid } from '@anello/core/plan';
import { mdiArrowDown, mdiArrowUp, mdiDragVertical } from '@mdi/js';
import FindingLines from './FindingLines.vue';
import PhraseText from '../../ui/PhraseText.vue';

/** One operation in a line with its figures; opened, what to look at first, and where else it could stand. */
defineProps<{
  said: OperationSaid;
  open: boolean;
  /** Done on this piece, the one to go on with, or still ahead. */
  state: 'done' | 'now' | 'ahead';
  /** Where it is worked. */
  to: string;
}>();
const emit = defineEmits<{ open: []; move: [by: -1 | 1] }>();
</script>

<template>
  <li :class="[state, { open, wrong: said.findings.some((f) => f.level !== 'note') }]">
    <div class="line-of">
      <v-icon class="grip" :icon="mdiDragVertical" aria-hidden="true" />
      <button
        type="button"
        class="plain row"
        :aria-expanded="open"
        aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
        @click="emit('open')"
        @keydown.alt.up.prevent="emit('move', -1)"
        @keydown.alt.down.prevent="emit('move', 1)"
      >
        <span v-if="state === 'done'" class="tick" aria-label="done">✓</span>
        <span class="lines"
          ><span v-for="(line, index) in said.lines" :key="index" class="line"
            ><PhraseText :phrase="line" /></span
        ></span>
        <span class="fig minutes"><PhraseText :phrase="duration(said.minutes + said.setUp)" /></span>
      </button>
      <v-btn :to="to" class="work" :class="{ go: state === 'now' }" :aria-label="`Work: ${said.name}`"
        >Work</v-btn
      >
    </div>
    <div v-if="said.findings.length" class="findings"><FindingLines :findings="said.findings" /></div>
    <div v-if="open" class="more">
      <ul v-if="said.before.length" class="before">
        <li v-for="(check, index) in said.before" :key="index"><PhraseText :phrase="check" /></li>
      </ul>
      <p class="moves">
        <v-btn :prepend-icon="mdiArrowUp" @click="emit('move', -1)">Earlier</v-btn
        ><v-btn :prepend-icon="mdiArrowDown" @click="emit('move', 1)">Later</v-btn>
      </p>
    </div>
  </li>
</template>

<style scoped>
.findings {
  padding: 2px 16px 8px;
}
li {
  list-style: none;
}
li + li {
  border-top: 1px solid var(--rule);
}
.line-of {
  display: flex;
  align-items: center;
  padding-right: 10px;
}
.grip {
  opacity: 0.55;
  cursor: grab;
  color: var(--ink-2);
  width: 40px;
  height: 48px;
  touch-action: none;
}
.tick {
  color: var(--green);
  font-weight: 700;
}
.done .lines {
  color: var(--ink-2);
}
.row {
  display: flex;
  flex: 1;
  min-width: 0;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  min-height: 56px;
  padding: 8px 16px 8px 4px;
  text-align: left;
}
.open > .line-of {
  background: var(--blue-wash);
}
.lines {
  flex: 1;
  display: grid;
  font-size: 17px;
  line-height: 1.35;
  min-width: 0;
}
.minutes {
  color: var(--ink-2);
  white-space: nowrap;
}
.more {
  padding: 4px 16px 14px;
  display: grid;
  gap: 10px;
}
.before {
  margin: 0;
  padding-left: 18px;
  color: var(--ink-2);
}
.before li {
  list-style: disc;
  border: 0;
}
.moves {
  display: flex;
  gap: 8px;
}
</style>

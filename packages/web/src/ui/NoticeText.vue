<script setup lang="ts">
import type { Tone } from '../data/stores/screen';

/** A remark with an edge that says how much it matters, in shape and word as well as colour. */
withDefaults(defineProps<{ tone?: Tone }>(), { tone: 'plain' });
const WORDS: Record<Tone, string> = { plain: '', good: 'Good', warn: 'Look', bad: 'Careful' };
</script>

<template>
  <div class="notice" :class="tone">
    <span v-if="WORDS[tone]" class="visually-hidden">{{ WORDS[tone] }}: </span><slot />
  </div>
</template>

<style scoped>
.notice {
  border-left: 4px solid var(--rule-2);
  border-radius: 4px 8px 8px 4px;
  padding: 10px 14px;
  font-size: 15px;
  background: var(--paper-2);
}
.good {
  border-color: var(--green);
  background: var(--green-wash);
}
.warn {
  border-color: var(--brass-edge);
  background: var(--brass-wash);
}
.bad {
  border-color: var(--red);
  background: var(--red-wash);
}
</style>

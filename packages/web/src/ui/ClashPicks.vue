<script setup lang="ts">
import { fieldName, shown } from '../data/clashWords';
import type { Clash } from '../data/merge';

/** The fields two people changed otherwise, each with both: one touch settles one. */
defineProps<{
  clashes: readonly Clash[];
  document: object;
  /** What goes by an id, by its name. */
  nameOf?: (id: string) => string | undefined;
}>();
const emit = defineEmits<{ choose: [clash: Clash, whose: 'mine' | 'theirs'] }>();
</script>

<template>
  <ul v-if="clashes.length" class="clashes" aria-label="Changed by two people">
    <li v-for="clash in clashes" :key="clash.path.join('.')">
      <span class="label">{{ fieldName(clash.path, document) }}</span>
      <button type="button" class="plain" @click="emit('choose', clash, 'mine')">
        Mine: <strong>{{ shown(clash.mine, nameOf) }}</strong>
      </button>
      <button type="button" class="plain" @click="emit('choose', clash, 'theirs')">
        Theirs: <strong>{{ shown(clash.theirs, nameOf) }}</strong>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.clashes {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
.label {
  min-width: 160px;
}
button {
  min-height: 48px;
  padding: 0 14px;
  border: 1.5px solid var(--rule);
  border-radius: 8px;
  background: var(--paper);
  text-align: left;
}
</style>

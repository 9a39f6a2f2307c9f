<script
  setup
  lang="ts"
  generic="
    Row extends {
      readonly jobId: string;
      readonly number: string;
      readonly title: string;
      readonly material: string;
    }
  "
>
import { mdiChevronDown, mdiChevronUp } from '@mdi/js';
import type { Phrase } from '@anello/core/figure';
import { ref } from 'vue';
import PhraseText from '../../ui/PhraseText.vue';

/** How this shop did the same before: one line of it, and all of it on a tap. */
defineProps<{
  /** The job that is told of in the line, and what is said. */
  told: { readonly row: Row; readonly line: Phrase };
  rows: readonly Row[];
  placeOf: (row: Row) => string;
  /** When, by whom and where. */
  underOf: (row: Row) => string;
}>();
const open = ref(false);
defineExpose({ close: () => (open.value = false) });
</script>

<template>
  <section class="last" aria-label="Last time">
    <button type="button" class="plain line" :aria-expanded="open" @click="open = !open">
      <strong class="label">Last time</strong>
      <span class="fig number">{{ told.row.number }}</span>
      <span class="said"><PhraseText :phrase="told.line" /></span>
      <v-icon class="open" :icon="open ? mdiChevronUp : mdiChevronDown" aria-hidden="true" />
    </button>
    <ul v-if="open" class="rows">
      <li v-for="row in rows" :key="placeOf(row)">
        <p class="what">
          <router-link :to="placeOf(row)"
            ><span class="fig">{{ row.number }}</span> {{ row.title }}</router-link
          >
          <span class="quiet"
            >{{ underOf(row) }}<template v-if="row.material"> · {{ row.material }}</template></span
          >
        </p>
        <slot :row="row" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.last {
  border-bottom: 1px solid var(--rule);
  background: var(--paper-2);
}
.line {
  display: flex;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: 44px;
  padding: 0 18px;
  text-align: left;
  font-size: 15.5px;
}
.label {
  flex: none;
}
.number {
  flex: none;
  color: var(--ink-2);
}
.said {
  min-width: 0;
  /* On a phone it takes two lines, in the same room. */
  line-height: 1.3;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.open {
  flex: none;
  margin-left: auto;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0 18px 14px;
  display: grid;
  gap: 12px;
}
.rows li {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
:slotted(dl) {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 0;
}
:slotted(dl dt) {
  font-size: 13.5px;
  color: var(--ink-2);
}
:slotted(dl dd) {
  margin: 0;
  font-size: 17px;
  font-weight: 600;
}
:slotted(.cause) {
  max-width: 80ch;
}
</style>

<script setup lang="ts">
import type { KitRow } from '@anello/contract';
import { mdiPlus } from '@mdi/js';
import { checkDue } from '@anello/core/kit';
import { computed, onMounted } from 'vue';
import { KIT_KINDS } from './kitFields';
import KitTabs from './KitTabs.vue';
import { useKit } from '../../data/stores/kit';
import NoticeText from '../../ui/NoticeText.vue';
import { checkSaid, today } from '../../ui/checkWords';
import { dueOfKit } from '../../ui/dueOfKit';
import { usePreferences } from '../../data/stores/preferences';

/** What the shop owns besides its lathes, drawer by drawer. */
const kit = useKit();
const preferences = usePreferences();
onMounted(() => void kit.load());
const of = (kind: string, archived: boolean): KitRow[] =>
  kit.kit.filter((row) => row.document.kind === kind && row.document.archived === archived);
const dueOf = ({ document }: KitRow) => checkDue(dueOfKit(document), today());
/** What somebody should see to, wherever it lies. */
const late = computed(() =>
  kit.kit.filter((row) => !row.document.archived && ['overdue', 'never'].includes(dueOf(row)?.state ?? '')),
);
const away = computed(() => kit.kit.filter((row) => row.document.archived));
const specOf = (row: KitRow) => KIT_KINDS.find((k) => k.kind === row.document.kind);
</script>

<template>
  <main class="page">
    <KitTabs />
    <header class="head">
      <h1>Kit</h1>
    </header>
    <NoticeText v-if="late.length" tone="warn">
      To be checked:
      <template v-for="(row, i) in late" :key="row.id"
        ><template v-if="i">, </template
        ><router-link :to="`/kit/${row.id}`">{{ row.document.name }}</router-link></template
      >.
    </NoticeText>
    <p v-if="!kit.loaded" class="quiet">Opening the drawers…</p>
    <div class="drawers">
      <section v-for="spec in KIT_KINDS" :key="spec.kind" class="sheet group">
        <header>
          <h2>{{ spec.title }}</h2>
          <v-btn
            :to="spec.kind === 'pin-block' ? '/pin-block' : `/kit/new/${spec.kind}`"
            :icon="mdiPlus"
            variant="text"
            :aria-label="`Add a ${spec.one}`"
          />
        </header>
        <ul>
          <li v-for="row in of(spec.kind, false)" :key="row.id">
            <router-link :to="`/kit/${row.id}`">
              <strong>{{ row.document.name }}</strong>
              <span class="quiet">{{ spec.says(row.document, preferences.units) }}</span>
              <span v-if="dueOf(row)" class="due" :class="dueOf(row)?.state">{{
                checkSaid(dueOf(row)!)
              }}</span>
            </router-link>
          </li>
        </ul>
        <p v-if="of(spec.kind, false).length === 0" class="quiet">None on record.</p>
      </section>
    </div>
    <section v-if="away.length" class="sheet group">
      <header><h2>Put away</h2></header>
      <ul>
        <li v-for="row in away" :key="row.id">
          <router-link :to="`/kit/${row.id}`">
            <strong>{{ row.document.name }}</strong><span class="quiet">{{ specOf(row)?.one }}</span>
          </router-link>
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.drawers {
  columns: 2 340px;
  column-gap: 14px;
}
.drawers section {
  break-inside: avoid;
  margin-bottom: 14px;
}
.due {
  flex-basis: 100%;
  font-size: 14px;
  color: var(--ink-2);
}
.due.soon {
  color: var(--brass);
}
.due.overdue,
.due.never {
  color: var(--red);
  font-weight: 600;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li + li {
  border-top: 1px solid var(--rule);
}
li a {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 14px;
  align-items: center;
  min-height: 48px;
  text-decoration: none;
}
li a:hover strong {
  text-decoration: underline;
}
</style>

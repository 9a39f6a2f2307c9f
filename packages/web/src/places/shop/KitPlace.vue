<script setup lang="ts">
import type { Imported, KitRow } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { mdiPlus } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { KIT_KINDS } from './kitFields';
import KitTabs from './KitTabs.vue';
import { request, ServerAway, WHOLE_SHOP } from '../../data/api';
import FileTake from '../../ui/FileTake.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';
import { useShop } from '../../data/stores/shop';

/** What the shop owns besides its lathes, drawer by drawer; all of it in and out as a file. */
const kit = useKit();
const shop = useShop();
const preferences = usePreferences();
onMounted(() => void kit.load());
const of = (kind: string, archived: boolean): KitRow[] =>
  kit.kit.filter((row) => row.document.kind === kind && row.document.archived === archived);
const away = computed(() => kit.kit.filter((row) => row.document.archived));
const specOf = (row: KitRow) => KIT_KINDS.find((k) => k.kind === row.document.kind);

const said = ref<{ tone: 'good' | 'bad'; text: string } | null>(null);
async function takeIn(file: File): Promise<void> {
  try {
    const bundle: unknown = JSON.parse(await file.text());
    const done = await request<Imported>('POST', '/api/shop/bundle', bundle, WHOLE_SHOP);
    await Promise.all([kit.load(), shop.load()]);
    said.value = { tone: 'good', text: outcome(done) };
  } catch (error) {
    if (error instanceof SyntaxError)
      said.value = { tone: 'bad', text: `${file.name} is not a JSON file. Nothing was taken in.` };
    else say(error);
  }
}

function say(error: unknown): void {
  if (error instanceof AnelloError)
    said.value = {
      tone: 'bad',
      text: `Nothing was taken in. ${error.field ? `${error.field}: ` : ''}${error.message}`,
    };
  else if (error instanceof ServerAway)
    said.value = { tone: 'bad', text: 'The server is away. Nothing was taken in; try again in a moment.' };
  else throw error;
}

const list = (names: readonly string[]): string => names.join(', ');
const records = (count: number): string => `${count} ${count === 1 ? 'record' : 'records'}`;
function outcome({ added, same, beside, kept, left }: Imported): string {
  const parts = [
    added.length ? `Taken in: ${list(added)}.` : '',
    beside.length ? `Beside what was here: ${list(beside)}.` : '',
    same.length ? `Already here, the same: ${same.length}.` : '',
    kept ? `${records(kept)} and settings taken in.` : '',
    left.withoutJob ? `Left out: ${records(left.withoutJob)} of jobs or pieces that are not here.` : '',
    left.different
      ? `Left out: ${records(left.different)} that say something else here; what is here stands.`
      : '',
  ].filter(Boolean);
  return parts.join(' ') || 'The file is empty.';
}
</script>

<template>
  <main class="page">
    <KitTabs />
    <header class="head">
      <h1>Kit</h1>
      <v-btn href="/api/shop/bundle" download="shop.anello.json">Save everything as a file</v-btn>
      <FileTake label="Take a file in" accept=".json,application/json" @taken="takeIn" />
    </header>
    <NoticeText v-if="said" :tone="said.tone">{{ said.text }}</NoticeText>
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
    <p class="quiet small">
      The file’s form is published at
      <a href="/api/schemas/shop-bundle.json">/api/schemas/shop-bundle.json</a>. Taking one in never
      overwrites what is here.
    </p>
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
.file {
  display: inline-flex;
  align-items: center;
  padding: 0 16px;
  cursor: pointer;
}
.file:focus-within {
  outline: 3px solid var(--blue);
  outline-offset: 2px;
}
.small {
  font-size: 14px;
}
</style>

<script setup lang="ts">
import { describeRecord } from '@anello/core/job';
import { FEATURE_KINDS, featureKind } from '@anello/core/part';
import { TAPER_SERIES } from '@anello/core/taper';
import { NAMED_WAYS } from '@anello/core/ways';
import { useDebounceFn, whenever } from '@vueuse/core';
import { computed, nextTick, onMounted, ref } from 'vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useShop } from '../../data/stores/shop';
import { useLeftAt } from '../../ui/useLeftAt';
import LogTabs from './LogTabs.vue';
import { KINDS, placeOf } from './kinds';
import type { Search } from '@anello/contract';
import { ASKS, useLog, type Ask, type Asked } from './useLog';
import { useSearches } from './useSearches';

/** The logbook: every kept thing of every job, found by what is remembered of it. */
const shop = useShop();
const place = ref<HTMLElement | null>(null);
const left = useLeftAt(() => ({ top: place.value?.scrollTop ?? 0, count: log.rows.value.length }));
const log = useLog(left?.count);
/** Come back to, it stands where it was scrolled to. */
if (left)
  whenever(
    () => log.state.value === 'ready',
    () => nextTick(() => place.value?.scrollTo({ top: left.top })),
    { once: true },
  );
const searches = useSearches();
onMounted(() => {
  if (!shop.loaded) void shop.load();
});
const VERDICTS = [
  { value: 'accepted', title: 'Accepted' },
  { value: 'rework', title: 'Sent back' },
  { value: 'scrap', title: 'Scrapped' },
];
const set = (key: Ask, value: string | null | undefined): void => log.ask({ [key]: value ?? '' });
/** Typed words are asked for when the typing rests. */
const words = ref(log.asked.value.words ?? '');
const askWords = useDebounceFn((text: string) => set('words', text), 250);
const operator = ref(log.asked.value.operator ?? '');
const askOperator = useDebounceFn((text: string) => set('operator', text.trim().toUpperCase()), 250);
const material = ref(log.asked.value.material ?? '');
const askMaterial = useDebounceFn((text: string) => set('material', text.trim()), 250);
/** What a part can be about has a loop of its own, and is asked for by that. */
const PLAIN = FEATURE_KINDS.filter((kind) => featureKind(kind).chief === undefined);
const SHAPES = [
  { value: 'taper', title: 'Tapers' },
  { value: 'eccentric', title: 'Eccentrics' },
  { value: 'curve', title: 'Curves and sets of grooves' },
  ...PLAIN.map((kind) => ({ value: kind, title: featureKind(kind).name })),
];
const SERIES = TAPER_SERIES.map(({ id, title }) => ({ value: id, title }));
const sizesAsked = computed(() => {
  const { series } = log.asked.value;
  const sizes = TAPER_SERIES.find(({ id }) => id === series)?.sizes ?? [];
  return sizes.map(({ size, name }) => ({ value: size, title: name }));
});
const WAYS = NAMED_WAYS.map(({ id, title }) => ({ value: id, title }));
/** Whatever is picked from a list; the sizes are of the taper that was picked. */
const lists = computed<{ key: Ask; label: string; items: { value: string; title: string }[] }[]>(() => [
  { key: 'machine', label: 'Lathe', items: shop.byName },
  { key: 'kind', label: 'What was kept', items: KINDS },
  { key: 'verdict', label: 'Outcome', items: VERDICTS },
  { key: 'shape', label: 'Feature', items: SHAPES },
  { key: 'series', label: 'Taper', items: SERIES },
  ...(sizesAsked.value.length > 0
    ? [{ key: 'size' as const, label: 'Its size', items: sizesAsked.value }]
    : []),
  { key: 'way', label: 'Way', items: WAYS },
]);
/** Another taper has other sizes. */
const pick = (key: Ask, value: string | null): void =>
  key === 'series' ? log.ask({ series: value ?? '', size: '' }) : set(key, value);
const narrowed = computed(() => Object.keys(log.asked.value).length > 0);
const time = (at: string): string =>
  new Date(at).toLocaleString('en-GB', {
    day: '2-digit',
    month: 'short',
    year: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
  });

const name = ref('');
function keepSearch(): void {
  if (!name.value.trim()) return;
  void searches.keep(name.value.trim(), { ...log.asked.value } as Search['asked']);
  name.value = '';
}
function takeSearch(asked: Search['asked']): void {
  const nothing = Object.fromEntries(ASKS.map((key) => [key, '']));
  words.value = asked.words ?? '';
  operator.value = asked.operator ?? '';
  material.value = asked.material ?? '';
  log.ask({ ...nothing, ...(asked as Asked) });
}
</script>

<template>
  <main ref="place" class="log">
    <LogTabs />
    <header class="top">
      <h1>Logbook</h1>
      <v-text-field
        v-model="words"
        class="words"
        label="Words: a note, a cause, a job"
        clearable
        autocomplete="off"
        @update:model-value="(text: string | null) => askWords(text ?? '')"
      />
    </header>
    <div class="filters" role="group" aria-label="Which rows">
      <v-select
        v-for="{ key, label, items } in lists"
        :key="key"
        :label="label"
        clearable
        :items="items"
        :model-value="log.asked.value[key] ?? null"
        @update:model-value="(v: string | null) => pick(key, v)"
      />
      <v-text-field
        v-model="material"
        label="Material"
        maxlength="80"
        autocomplete="off"
        @update:model-value="(text: string) => askMaterial(text)"
      />
      <v-text-field
        v-model="operator"
        class="who"
        label="Who"
        maxlength="12"
        autocomplete="off"
        @update:model-value="(text: string) => askOperator(text)"
      />
      <v-text-field
        label="From"
        type="date"
        :model-value="log.asked.value.from ?? ''"
        @update:model-value="(v: string) => set('from', v)"
      />
      <v-text-field
        label="To"
        type="date"
        :model-value="log.asked.value.to ?? ''"
        @update:model-value="(v: string) => set('to', v)"
      />
    </div>
    <div class="kept">
      <span v-for="one in searches.searches.value" :key="one.name" class="saved">
        <v-btn @click="takeSearch(one.asked)">{{ one.name }}</v-btn>
        <button
          type="button"
          class="plain drop"
          :aria-label="`Forget the search ${one.name}`"
          @click="searches.drop(one.name)"
        >
          ×
        </button>
      </span>
      <form v-if="narrowed" class="keep" @submit.prevent="keepSearch">
        <v-text-field v-model="name" label="Keep this search as" maxlength="40" autocomplete="off" />
        <v-btn type="submit" :disabled="!name.trim()">Keep</v-btn>
      </form>
      <span class="files">
        <a :href="log.file('csv')" download>CSV</a>
        <a :href="log.file('json')" download>JSON</a>
      </span>
    </div>
    <p v-if="searches.refused.value && log.state.value !== 'failed'" class="quiet" role="status">
      {{ searches.refused.value }}
    </p>
    <p v-if="log.state.value === 'waiting'" class="quiet">Fetching what was kept…</p>
    <p v-else-if="log.state.value === 'failed'" class="quiet" role="status">
      The logbook could not be fetched: the server is away. What was kept is safe.
    </p>
    <p v-else-if="log.rows.value.length === 0" class="quiet" role="status">
      {{ narrowed ? 'Nothing kept matches that.' : 'Nothing is kept yet. It fills as the work is done.' }}
    </p>
    <ol v-else class="rows sheet" aria-label="What was kept, newest first">
      <li v-for="row in log.rows.value" :key="row.seq" :class="{ gone: row.gone }">
        <time class="fig" :datetime="row.record.at">{{ time(row.record.at) }}</time>
        <span class="fig who-kept">{{ row.record.operator }}</span>
        <router-link class="job" :to="placeOf(row)"
          ><span class="fig">{{ row.number }}</span> {{ row.title
          }}<span class="quiet"> · piece {{ row.record.piece }}</span></router-link
        >
        <span class="said"
          ><PhraseText :phrase="describeRecord(row.record)" /><span v-if="row.gone" class="quiet"
            >, taken back</span
          ></span
        >
      </li>
    </ol>
    <v-btn v-if="log.more.value" class="more" @click="log.loadMore()">Show older</v-btn>
  </main>
</template>

<style scoped>
.log {
  padding: 20px 26px 40px;
  overflow-y: auto;
  height: 100%;
  display: grid;
  gap: 14px;
  align-content: start;
}
.top {
  display: flex;
  align-items: center;
  gap: 18px;
  flex-wrap: wrap;
}
h1 {
  font-size: 26px;
  font-weight: 650;
  margin-right: auto;
}
.words {
  flex: 1 1 320px;
  max-width: 560px;
}
.filters {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(172px, 1fr));
  gap: 10px;
}
.kept {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.keep {
  display: flex;
  gap: 8px;
  align-items: center;
}
.keep .v-text-field {
  min-width: 200px;
}
.saved {
  display: inline-flex;
  align-items: center;
}
.drop {
  min-width: 44px;
  min-height: 44px;
  font-size: 20px;
}
.files {
  margin-left: auto;
  display: flex;
  gap: 16px;
}
.files a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}
.rows li {
  display: grid;
  grid-template-columns: 136px 44px minmax(200px, 1fr) minmax(0, 1.6fr);
  gap: 12px;
  align-items: center;
  min-height: 48px;
  padding: 6px 14px;
  font-size: 15.5px;
}
.rows li + li {
  border-top: 1px solid var(--rule);
}
time,
.who-kept {
  font-size: 14px;
  color: var(--ink-2);
}
.job {
  color: var(--ink);
  min-width: 0;
}
.gone .said {
  text-decoration: line-through;
  color: var(--ink-2);
}
.more {
  justify-self: start;
}
@media (max-width: 860px) {
  .rows li {
    grid-template-columns: 1fr auto;
  }
  .job,
  .said {
    grid-column: 1 / -1;
  }
}
</style>

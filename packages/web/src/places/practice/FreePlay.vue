<script setup lang="ts">
import {
  BADNESS,
  FAULT_IDS,
  FAULT_KINDS,
  LEVELS,
  type Badness,
  type FaultId,
} from '@anello/core/virtual-lathe';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import { nameOf, useFreePlay } from './useFreePlay';

/** Any job tried first at the practice lathe: its own cards, on a lathe as bad as is wanted. */
const route = useRoute();
const lead = useLeadOn();
const asked = (key: string): string | undefined => {
  const value = route.query[key];
  return typeof value === 'string' ? value : undefined;
};
const desk = useFreePlay({ job: asked('job'), feature: asked('feature') });
const { form, jobs, search, away, shapes, ways, lathe, why, ready } = desk;
const jobItems = computed(() => jobs.value.map((job) => ({ value: job.id, title: nameOf(job) })));
const LEVEL_ITEMS = LEVELS.map((value) => ({
  value,
  title: value === 0 ? 'Nothing wrong with it' : `Level ${value} of 5`,
}));
const BAD: Readonly<Record<Badness, string>> = { none: 'Not there', slight: 'Slight', worst: 'At its worst' };
const BAD_ITEMS = [
  { value: null, title: 'As it comes' },
  ...BADNESS.map((value) => ({ value, title: BAD[value] })),
];
function choose(id: FaultId, how: Badness | null): void {
  const { [id]: _before, ...rest } = form.faults;
  form.faults = how ? { ...rest, [id]: how } : rest;
}
/** What is typed then takes the place of the one that stands there. */
function pickAll({ target }: Event): void {
  if (target instanceof HTMLInputElement) target.select();
}
const begin = (): Promise<void> => lead(desk.begin);
</script>

<template>
  <main class="page">
    <header>
      <h1>Try a job first</h1>
      <p class="quiet">
        A job of the rack on a lathe nobody knows, with its own cards beside it. Nothing of it goes back to
        the job, to the lathe or to the logbook.
      </p>
    </header>
    <NoticeText v-if="away" tone="warn">The server is away: its jobs cannot be fetched.</NoticeText>
    <div class="form sheet">
      <v-autocomplete
        v-model="form.job"
        v-model:search="search"
        label="Job"
        placeholder="by number or words"
        :items="jobItems"
        no-filter
        no-data-text="No job matches that."
        autocomplete="off"
        class="wide"
        @click="pickAll"
      />
      <v-select
        v-model="form.feature"
        label="Shape of it"
        :items="[...shapes]"
        :disabled="shapes.length === 0"
      />
      <v-select v-if="ways.length" v-model="form.way" label="Made by" :items="[...ways]" />
      <v-select
        v-if="lathe"
        v-model="form.own"
        label="On a lathe like"
        :items="[
          { value: true, title: lathe },
          { value: false, title: 'Practice lathe' },
        ]"
      />
      <v-select v-model="form.level" label="How much is wrong with it" :items="LEVEL_ITEMS" />
    </div>
    <NoticeText v-if="why" tone="warn"><PhraseText :phrase="why" /></NoticeText>
    <v-btn class="go begin" size="large" :disabled="!ready" @click="begin">To the practice lathe</v-btn>
    <details>
      <summary>
        Choose what is wrong yourself: {{ Object.keys(form.faults).length || 'nothing chosen' }}
      </summary>
      <ul class="faults sheet">
        <li v-for="id in FAULT_IDS" :key="id">
          <v-select
            :label="FAULT_KINDS[id].title"
            :items="BAD_ITEMS"
            :model-value="form.faults[id] ?? null"
            @update:model-value="(how: Badness | null) => choose(id, how)"
          />
        </li>
      </ul>
    </details>
  </main>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
  align-content: start;
}
.form {
  max-width: 980px;
  padding: 16px 18px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 12px;
}
.form .wide {
  grid-column: 1 / -1;
}
.begin {
  justify-self: start;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 600;
}
.faults {
  max-width: 980px;
  margin: 0;
  padding: 10px 18px;
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 8px 22px;
}
.faults li {
  display: grid;
  gap: 4px;
}
</style>

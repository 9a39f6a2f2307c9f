<script setup lang="ts">
import { begunAs, type JobCard, type JobView } from '@anello/contract';
import { ref } from 'vue';
import PartThumb from '../../drawing/PartThumb.vue';
import { request } from '../../data/api';
import { newest } from '../../data/newest';
import { useJobSearch } from '../../data/useJobSearch';
import type { Begun } from './begun';

/** A part begun as an earlier job was: its features, its bar, how its shapes are made and its line of work; nothing kept of it. */
const emit = defineEmits<{ begun: [begun: Begun] }>();
const MOST = 8;
const { search, found: jobs, away } = useJobSearch(MOST);
const picked = ref<string | null>(null);

const picking = newest();
async function pick(card: JobCard): Promise<void> {
  picked.value = card.id;
  const counts = picking();
  try {
    const { job } = await request<JobView>('GET', `/api/jobs/${encodeURIComponent(card.id)}`);
    if (!counts()) return;
    away.value = false;
    const { title, machineId } = job.document;
    emit('begun', { title, machineId, part: begunAs(job.document) });
  } catch {
    away.value = true;
  }
}
</script>

<template>
  <section class="earlier" aria-label="Earlier jobs">
    <v-text-field v-model="search" label="Find an earlier job" clearable autocomplete="off" />
    <p v-if="away" class="quiet" role="status">The jobs could not be fetched: the server is away.</p>
    <p v-else-if="jobs.length === 0" class="quiet">No job matches that.</p>
    <ul>
      <li v-for="job in jobs" :key="job.id">
        <button
          type="button"
          class="plain job"
          :aria-pressed="picked === job.id"
          :class="{ on: picked === job.id }"
          @click="pick(job)"
        >
          <PartThumb :features="job.features" />
          <span
            ><span class="fig">{{ job.number }}</span> {{ job.title }}</span
          >
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.earlier {
  display: grid;
  gap: 10px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  max-height: 300px;
  overflow-y: auto;
}
.job {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 52px;
  text-align: left;
  padding: 4px 8px;
}
.job :deep(svg) {
  height: 40px;
}
.job.on {
  background: var(--blue-wash);
}
</style>

<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import type { RackSort } from '@anello/contract';
import { whenever } from '@vueuse/core';
import { computed, nextTick, onMounted, ref } from 'vue';
import WaitingFile from '../../files/WaitingFile.vue';
import { ago } from '../shop/amounts';
import RackCard from './RackCard.vue';
import NotTaken from '../../job/record/NotTaken.vue';
import StillSetRow from '../../job/record/StillSetRow.vue';
import { useOutbox } from '../../data/stores/outbox';
import { useCopies } from '../../data/stores/copies';
import { useShop } from '../../data/stores/shop';
import { useLeftAt } from '../../ui/useLeftAt';
import { useRack } from './useRack';
import PickOne from '../../ui/PickOne.vue';

/** Jobs on the rack, what each needs next, and what the lathes are still set to. */
const shop = useShop();
const outbox = useOutbox();
const copies = useCopies();
const place = ref<HTMLElement | null>(null);
const left = useLeftAt(() => ({ top: place.value?.scrollTop ?? 0, count: jobs.value.length }));
const { jobs, total, broken, search, show, sort, state, seenAt, failed, here, load, putAway } = useRack(
  left?.count,
);
/** Come back to, it stands where it was scrolled to, once all that stands above has come. */
const come = computed(() => state.value !== 'waiting' && shop.loaded);
if (left)
  whenever(come, () => nextTick(() => place.value?.scrollTo({ top: left.top })), {
    immediate: true,
    once: true,
  });
const aside = computed(() => [...broken.value, ...shop.aside]);
const SHOWN = [
  { value: 'rack', title: 'On the rack' },
  { value: 'away', title: 'Put away' },
] as const;
const SORTS: readonly { value: RackSort; title: string }[] = [
  { value: 'touched', title: 'Worked on last' },
  { value: 'due', title: 'Wanted soonest' },
  { value: 'number', title: 'Number' },
];
/** What is found by a word goes out as one file. */
const file = computed(
  () => `/api/shop/bundle.zip?jobs=${jobs.value.map(({ id }) => encodeURIComponent(id)).join(',')}`,
);
onMounted(() => {
  void shop.load();
  void copies.load();
});
</script>

<template>
  <main ref="place" class="rack">
    <header class="top">
      <h1>Rack</h1>
      <v-text-field v-model="search" class="search" label="Find a job" clearable @click:clear="search = ''" />
      <v-select v-model="sort" class="sort" label="Order" :items="SORTS" />
      <PickOne v-model="show" class="show" :picks="SHOWN" label="Which jobs" />
      <v-btn class="go" :prepend-icon="mdiPlus" to="/new">New job</v-btn>
    </header>
    <p v-if="outbox.away" class="quiet away" role="status">
      The server is away. What is kept stays in this browser until it is back. <WaitingFile />
    </p>

    <ul v-if="here.length || aside.length" class="here sheet" aria-label="To be looked at">
      <li v-for="one in here" :key="one.id">
        <router-link :to="`/job/${one.id}`">{{ one.name }}</router-link>: {{ one.why }}
      </li>
      <li v-for="one in aside" :key="one.id">
        <strong>{{ one.name }}</strong> cannot be read: {{ one.sentence }}
      </li>
    </ul>

    <p v-if="copies.troubles.length" class="here sheet copies" role="status">
      {{ copies.troubles[0] }} <router-link to="/book">To the book</router-link>
    </p>
    <NotTaken v-if="outbox.refused.length || outbox.count" class="orphans" />

    <section class="lathes" aria-label="What the lathes are still set to">
      <StillSetRow v-for="machine in shop.machines" :key="machine.id" :machine="machine" />
    </section>

    <p v-if="failed" class="quiet" role="status">{{ failed }}</p>
    <p v-if="state === 'waiting'" class="quiet">Fetching the jobs…</p>
    <p v-else-if="state === 'failed'" class="quiet">
      The jobs could not be fetched. They appear when the server is back.
    </p>
    <p v-else-if="jobs.length === 0" class="quiet">
      {{
        search
          ? 'No job matches that.'
          : show === 'away'
            ? 'Nothing is put away yet. A finished job leaves the rack by the box on its card.'
            : 'No jobs on the rack. The next one starts with New job.'
      }}
    </p>
    <p v-if="seenAt !== null" class="quiet seen" role="status">
      The jobs as they were seen here {{ ago(seenAt) }}. Those that were opened on this screen open, with all
      that is kept.
    </p>
    <ul class="cards">
      <RackCard v-for="job in jobs" :key="job.id" :job="job" @away="(away: boolean) => putAway(job, away)" />
    </ul>
    <p v-if="search && jobs.length" class="more">
      <v-btn :href="file" download="jobs.anello.zip"
        >{{ jobs.length === 1 ? 'This job' : `These ${jobs.length} jobs` }} as a file</v-btn
      >
    </p>
    <v-btn v-if="jobs.length < total" class="more" @click="load('more')"
      >Show more ({{ total - jobs.length }})</v-btn
    >
  </main>
</template>

<style scoped>
.rack {
  padding: 20px 26px 40px;
  overflow-y: auto;
}
.here {
  margin: 0 0 16px;
  padding: 10px 18px 10px 34px;
  border: 2px solid var(--brass-edge);
  display: grid;
  gap: 4px;
}
.seen {
  margin-bottom: 12px;
}
.orphans {
  margin: 0 0 16px;
}
.top {
  display: flex;
  align-items: center;
  gap: 18px;
  margin-bottom: 16px;
  flex-wrap: wrap;
}
.top h1 {
  font-size: 26px;
  font-weight: 650;
  margin-right: auto;
}
.search {
  max-width: 320px;
  flex: 1 1 200px;
}
.away {
  margin-bottom: 12px;
}
.lathes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: 12px;
  margin-bottom: 20px;
}
.cards {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr));
  gap: 14px;
}
.sort {
  max-width: 190px;
}
.more {
  margin-top: 16px;
}
@media (max-width: 640px) {
  .rack {
    padding: 14px 12px 30px;
  }
}
</style>

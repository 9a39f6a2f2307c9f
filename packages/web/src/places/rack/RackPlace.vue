<script setup lang="ts">
import { mdiArchiveArrowDownOutline, mdiArchiveArrowUpOutline, mdiPlus } from '@mdi/js';
import type { Aside, JobCard, Rack, RackSort } from '@anello/contract';
import { STAGES } from '@anello/core/job';
import { useDebounceFn, useLocalStorage } from '@vueuse/core';
import { computed, onMounted, ref, watch } from 'vue';
import LineOfWork from './LineOfWork.vue';
import PartThumb from '../../drawing/PartThumb.vue';
import { request } from '../../data/api';
import { useChanges } from '../../data/live';
import { LOCAL } from '../../data/names';
import NotTaken from '../../job/record/NotTaken.vue';
import StillSetRow from '../../job/record/StillSetRow.vue';
import { useOutbox } from '../../data/stores/outbox';
import { useCopies } from '../../data/stores/copies';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { dueIn } from './due';

/** Jobs on the rack, what each needs next, and what the lathes are still set to. */
const shop = useShop();
const outbox = useOutbox();
const screen = useScreen();
const copies = useCopies();
const PAGE = 24;
/** The server gives no more at once. */
const MOST = 100;
const jobs = ref<JobCard[]>([]);
const total = ref(0);
const broken = ref<Aside[]>([]);
const aside = computed(() => [...broken.value, ...shop.aside]);
const search = ref('');
/** What is finished and put away stands apart; looked for by a word, it is found wherever it is. */
const show = ref<'rack' | 'away'>('rack');
const sort = useLocalStorage<RackSort>(LOCAL.rackSort, 'touched');
const SORTS: readonly { value: RackSort; title: string }[] = [
  { value: 'touched', title: 'Worked on last' },
  { value: 'due', title: 'Wanted soonest' },
  { value: 'number', title: 'Number' },
];
const state = ref<'waiting' | 'ready' | 'failed'>('waiting');

async function load(more = false, again = false): Promise<void> {
  const offset = more ? jobs.value.length : 0;
  try {
    const rack = await request<Rack>(
      'GET',
      `/api/jobs?limit=${again ? Math.min(MOST, Math.max(PAGE, jobs.value.length)) : PAGE}&offset=${offset}&show=${show.value}&sort=${sort.value}&search=${encodeURIComponent(search.value ?? '')}`,
    );
    broken.value = rack.aside ?? [];
    jobs.value = more ? [...jobs.value, ...rack.jobs] : rack.jobs;
    total.value = rack.total;
    state.value = 'ready';
    outbox.reached();
  } catch (error) {
    state.value = jobs.value.length > 0 ? 'ready' : 'failed';
    outbox.noticeAway(error);
  }
}
/** Jobs of which something lies in this browser alone, and why. */
const here = computed(() => {
  const why = new Map<string, string>();
  for (const draft of outbox.drafts) {
    const reason = draft.theirs
      ? 'changed here and by somebody else: to be settled'
      : draft.refused
        ? `an edit was not taken: ${draft.refused.sentence}`
        : outbox.away
          ? 'an edit is held in this browser'
          : '';
    if (reason) why.set(draft.jobId, reason);
  }
  for (const { body, refused } of outbox.refused) {
    const jobId = (body as { jobId?: string | null } | null)?.jobId;
    if (jobId) why.set(jobId, `something kept was not taken: ${refused?.sentence}`);
  }
  return [...why].map(([id, reason]) => {
    const job = jobs.value.find((j) => j.id === id);
    return { id, name: job ? `${job.number} ${job.title}` : id, why: reason };
  });
});
const searchSoon = useDebounceFn(() => load(), 200);
watch(search, searchSoon);
watch([show, sort], () => load());
const failed = ref('');
async function putAway(job: JobCard, away: boolean): Promise<void> {
  try {
    await request('PUT', `/api/jobs/${encodeURIComponent(job.id)}/away`, { away });
    failed.value = '';
    await load();
    screen.offerBack(away ? `${job.number} put away.` : `${job.number} is on the rack again.`, () =>
      putAway(job, !away),
    );
  } catch (error) {
    outbox.noticeAway(error);
    failed.value = `${job.number} could not be moved just now. Try again when the server answers.`;
  }
}
watch(
  () => outbox.away || outbox.signIn,
  (away) => !away && void load(),
);
/** What another screen has kept shows here; of as many jobs as are shown. */
useChanges(['record', 'job', 'all'], () => void load(false, true));
onMounted(() => {
  void load();
  void shop.load();
  void copies.load();
});

const LABELS = {
  part: 'Part',
  way: 'Way',
  set: 'Set',
  cut: 'Cut',
  prove: 'Prove',
  record: 'Record',
} as const;
/** A plain operation that is next leads to its card; a shape to the step it has come to. */
const plainNow = (job: JobCard) => {
  const now = job.line?.now;
  return now && !now.loop && !job.finished && job.stages[0]?.state === 'done' ? now : null;
};
function placeOf(job: JobCard): string {
  const now = plainNow(job);
  return now && now.piece === job.piece
    ? `/job/${job.id}/work/${now.operation}`
    : `/job/${job.id}/${now ? 'plan' : job.now}`;
}
function nextOf(job: JobCard): string {
  const now = plainNow(job);
  if (!now) return job.next;
  const what = now.on ? `${now.name}: ${now.on}` : now.name;
  return now.piece === job.piece ? what : `Piece ${now.piece}, ${what.toLowerCase()}`;
}
const machineName = (id: string): string => shop.byId(id)?.document.name ?? '';
const reached = (job: JobCard): string =>
  job.scrapped
    ? 'scrapped'
    : job.finished
      ? 'finished'
      : `${LABELS[job.now]}${job.quantity > 1 ? `, piece ${job.piece} of ${job.quantity}` : ''}`;
</script>

<template>
  <main class="rack">
    <header class="top">
      <h1>Rack</h1>
      <v-text-field v-model="search" class="search" label="Find a job" clearable @click:clear="search = ''" />
      <v-select v-model="sort" class="sort" label="Order" :items="SORTS" />
      <v-btn-toggle v-model="show" class="show" mandatory aria-label="Which jobs">
        <v-btn value="rack">On the rack</v-btn>
        <v-btn value="away">Put away</v-btn>
      </v-btn-toggle>
      <v-btn class="go" :prepend-icon="mdiPlus" to="/new">New job</v-btn>
    </header>
    <p v-if="outbox.away" class="quiet away" role="status">
      The server is away. What is kept stays in this browser until it is back.
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
    <ul class="cards">
      <li v-for="job in jobs" :key="job.id" class="one">
        <router-link class="card sheet" :to="placeOf(job)">
          <span class="head"
            ><span class="fig number">{{ job.number }}</span
            ><span class="machine">{{ machineName(job.machineId) }}</span></span
          >
          <span class="title">{{ job.title }}</span>
          <PartThumb :features="job.features" />
          <LineOfWork v-if="job.line && !job.finished" :line="job.line" />
          <ol v-else class="stages" :aria-label="`Stage reached: ${reached(job)}`">
            <li
              v-for="stage in STAGES"
              :key="stage"
              :class="[
                job.stages.find((s) => s.stage === stage)?.state,
                { stale: job.stages.find((s) => s.stage === stage)?.stale },
              ]"
            >
              <span>{{ LABELS[stage] }}</span>
            </li>
          </ol>
          <span class="next" :class="{ bad: job.scrapped }"
            ><span class="fig">{{ job.quantity > 1 ? `${job.piece}/${job.quantity}` : '1 off' }}</span>
            {{ nextOf(job) }}</span
          >
          <span v-if="job.due || job.who || job.tags?.length" class="about">
            <span v-if="job.due" :class="['due', dueIn(job).tone]">{{ dueIn(job).said }}</span>
            <span v-if="job.who" class="fig">{{ job.who }}</span>
            <span v-for="tag in job.tags" :key="tag" class="tag">{{ tag }}</span>
          </span>
        </router-link>
        <v-btn
          v-if="job.finished || job.putAway"
          class="away-box"
          variant="text"
          :icon="job.putAway ? mdiArchiveArrowUpOutline : mdiArchiveArrowDownOutline"
          :aria-label="job.putAway ? `Bring ${job.number} back to the rack` : `Put ${job.number} away`"
          :title="job.putAway ? 'Bring it back to the rack' : 'Put it away'"
          @click="putAway(job, !job.putAway)"
        />
      </li>
    </ul>
    <v-btn v-if="jobs.length < total" class="more" @click="load(true)"
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
.one {
  position: relative;
}
.away-box {
  position: absolute;
  right: 6px;
  bottom: 6px;
}
.about {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  font-size: 14.5px;
  padding-right: 48px;
}
.due {
  font-weight: 650;
}
.due.late {
  color: var(--red);
}
.due.soon {
  color: var(--brass);
}
.tag {
  border: 1px solid var(--rule-2);
  border-radius: 4px;
  padding: 0 6px;
  color: var(--ink-2);
}
.sort {
  max-width: 190px;
}
.card {
  display: grid;
  gap: 6px;
  padding: 14px 16px 12px;
  text-decoration: none;
  height: 100%;
  align-content: start;
}
.card:hover {
  border-color: var(--blue);
}
.head {
  display: flex;
  justify-content: space-between;
  font-size: 14.5px;
  color: var(--ink-2);
}
.title {
  font-weight: 650;
  font-size: 17px;
}
.stages {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 3px;
  list-style: none;
  padding: 0;
  margin: 4px 0 2px;
  font-size: 12.5px;
  color: var(--ink-2);
  text-align: center;
}
.stages li {
  border-top: 4px solid var(--rule);
  padding-top: 4px;
}
.stages .done {
  border-color: var(--green);
  color: var(--green);
}
.stages .now {
  border-color: var(--blue);
  color: var(--blue);
  font-weight: 700;
}
.stages .stale {
  border-top-style: dashed;
  border-color: var(--brass-edge);
  color: var(--brass);
}
.next {
  font-size: 15.5px;
}
.next .fig {
  color: var(--ink-2);
  margin-right: 6px;
}
.next.bad {
  color: var(--red);
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

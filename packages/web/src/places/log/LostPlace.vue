<script setup lang="ts">
import type { LossesSaid } from '@anello/contract';
import { tallyLosses } from '@anello/core/memory';
import { computed, onMounted, ref, watch } from 'vue';
import { request } from '../../data/api';
import { useChanges } from '../../data/live';
import { newest } from '../../data/newest';
import { useOutbox } from '../../data/stores/outbox';
import { useShop } from '../../data/stores/shop';
import LogTabs from './LogTabs.vue';
import MonthBars from './MonthBars.vue';
import { byMonth, hours } from './months';

/** What the shop loses most by, over time, and the card that would have caught it. */
const shop = useShop();
const outbox = useOutbox();
const said = ref<LossesSaid | null>(null);
const failed = ref(false);
const machine = ref<string | null>(null);
/** The cause that is opened. */
const open = ref<string | null>(null);

const ask = newest();
async function load(): Promise<void> {
  const counts = ask();
  try {
    const of = machine.value ? `?machine=${encodeURIComponent(machine.value)}` : '';
    const losses = await request<LossesSaid>('GET', `/api/losses${of}`);
    if (!counts()) return;
    said.value = losses;
    failed.value = false;
  } catch (error) {
    if (counts()) failed.value = true;
    outbox.noticeAway(error);
  }
}
watch(machine, load);
useChanges(['record', 'all'], () => void load());
onMounted(() => {
  void load();
  if (!shop.loaded) void shop.load();
});

const tallies = computed(() => tallyLosses(said.value?.losses ?? []));
const sum = (of: (one: (typeof tallies.value)[number]) => number): number =>
  tallies.value.reduce((all, one) => all + of(one), 0);
const scrapped = computed(() => sum((one) => one.scrapped));
const reworked = computed(() => sum((one) => one.reworked));
const minutes = computed(() => sum((one) => one.minutes));
const most = computed(() => Math.max(1, ...tallies.value.map((one) => one.minutes)));
const months = computed(() => (said.value ? byMonth(said.value.losses, said.value.from) : []));
const keyOf = (one: (typeof tallies.value)[number]): string => one.cause?.id ?? 'other';
const pieces = (count: number): string => `${count} ${count === 1 ? 'piece' : 'pieces'}`;
const day = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: '2-digit' });
</script>

<template>
  <main class="page">
    <LogTabs />
    <header class="head">
      <h1>What was lost</h1>
      <v-select v-model="machine" class="lathe" label="Lathe" clearable :items="shop.byName" />
    </header>
    <p v-if="failed && !said" class="quiet" role="status">
      The server is away: what was lost is told when it is back.
    </p>
    <template v-if="said">
      <section class="sheet sums" aria-label="In the last year">
        <div>
          <p class="label">
            <span class="key scrap" aria-hidden="true" />Scrapped since {{ day(said.from) }}
          </p>
          <p class="big fig">{{ scrapped }}</p>
          <p class="quiet">beside {{ said.accepted }} accepted</p>
        </div>
        <div>
          <p class="label"><span class="key" aria-hidden="true" />Sent back</p>
          <p class="big fig">{{ reworked }}</p>
        </div>
        <div>
          <p class="label">Work lost by it</p>
          <p class="big fig">{{ hours(minutes) }}</p>
        </div>
        <MonthBars v-if="said.losses.length" :months="months" />
      </section>
      <p v-if="said.losses.length === 0" class="quiet">
        Nothing was scrapped or sent back. When something is, its cause is counted here.
      </p>
      <ol v-else class="sheet causes" aria-label="What it was lost by, dearest first">
        <li v-for="one in tallies" :key="keyOf(one)">
          <button
            type="button"
            class="plain cause"
            :aria-expanded="open === keyOf(one)"
            @click="open = open === keyOf(one) ? null : keyOf(one)"
          >
            <span class="says">{{ one.cause?.says ?? 'Other causes' }}</span>
            <span class="bar" aria-hidden="true"
              ><span :style="{ width: `${(100 * one.minutes) / most}%` }"
            /></span>
            <span class="fig cost">{{ hours(one.minutes) }}</span>
            <span class="count quiet"
              >{{ one.scrapped ? `${pieces(one.scrapped)} scrapped` : ''
              }}{{ one.scrapped && one.reworked ? ', ' : ''
              }}{{ one.reworked ? `${pieces(one.reworked)} sent back` : '' }}</span
            >
          </button>
          <p v-if="one.cause?.caught" class="caught">
            <strong>Would have caught it:</strong> {{ one.cause.caught.by }}
            <router-link
              v-if="one.losses[0]"
              :to="`/job/${encodeURIComponent(one.losses[0].jobId)}/${one.cause.caught.stage}`"
              >The card, in {{ one.losses[0].number }}</router-link
            >
          </p>
          <ul v-if="open === keyOf(one)" class="rows">
            <li v-for="loss in one.losses" :key="loss.at + loss.jobId + loss.piece">
              <time class="fig" :datetime="loss.at">{{ day(loss.at) }}</time>
              <router-link :to="`/job/${encodeURIComponent(loss.jobId)}/record`"
                ><span class="fig">{{ loss.number }}</span> piece {{ loss.piece }}</router-link
              >
              <span>{{ loss.cause || 'No cause was said.' }}</span>
              <span class="fig quiet">{{ loss.operator }}</span>
            </li>
          </ul>
        </li>
      </ol>
      <p v-if="said.more" class="quiet">Only the newest are counted: there are more.</p>
    </template>
  </main>
</template>

<style scoped>
.lathe {
  max-width: 260px;
}
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 16px 48px;
  padding: 16px 20px;
  align-items: start;
}
.sums svg {
  flex: 1 1 420px;
}
.key {
  display: inline-block;
  width: 13px;
  height: 13px;
  margin-right: 7px;
  border: 2px solid var(--brass);
  vertical-align: -1px;
}
.key.scrap {
  border-color: var(--red);
  background: var(--red);
}
.big {
  font-size: 34px;
  font-weight: 650;
  line-height: 1.15;
}
.causes {
  list-style: none;
  margin: 0;
  padding: 4px 18px;
}
.causes > li {
  padding: 10px 0;
}
.causes > li + li {
  border-top: 1px solid var(--rule);
}
.cause {
  width: 100%;
  min-height: 48px;
  display: grid;
  grid-template-columns: minmax(190px, 260px) minmax(80px, 1fr) 110px minmax(150px, 240px);
  gap: 8px 18px;
  align-items: center;
  text-align: left;
}
.says {
  font-size: 18px;
  font-weight: 650;
}
.bar {
  height: 16px;
  background: var(--paper-2);
  border-radius: 3px;
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--red);
}
.cost {
  font-size: 18px;
  font-weight: 600;
}
.caught {
  color: var(--ink);
  max-width: 900px;
}
.rows {
  list-style: none;
  margin: 8px 0 0;
  padding: 0 0 0 14px;
  border-left: 3px solid var(--rule-2);
}
.rows li {
  display: grid;
  grid-template-columns: 90px 150px minmax(0, 1fr) auto;
  gap: 4px 14px;
  align-items: center;
  min-height: 44px;
}
@media (max-width: 860px) {
  .cause,
  .rows li {
    grid-template-columns: 1fr auto;
  }
}
</style>

<script setup lang="ts">
import { shapesOf, startedWith, STARTERS, type Starter } from '@anello/contract';
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import PartThumb from '../../drawing/PartThumb.vue';
import NoticeText from '../../ui/NoticeText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import { useKit } from '../../data/stores/kit';
import { useShop } from '../../data/stores/shop';
import { HELD } from '../../data/names';
import type { Begun } from './begun';
import NewJobFields from './NewJobFields.vue';
import { linkBack, startMate } from './useMate';
import { useNewJob } from './useNewJob';
import { useStarter } from './useStarter';

/** What are you making? Drawn parts to begin from, each with its few figures; the part is drawn as they are typed. */
const TaperPicker = defineAsyncComponent(() => import('../../ui/TaperPicker.vue'));
const lead = useLeadOn();
const kit = useKit();
const shop = useShop();
const route = useRoute();
// A mate is made of what its taper says, not of what was typed here before.
const isMate = 'mate' in route.query;
const desk = useNewJob(isMate ? undefined : HELD.newJob);
const { chosen, given, started, ...part } = useStarter(isMate ? undefined : HELD.newPart);
const NewFromJob = defineAsyncComponent(() => import('./NewFromJob.vue'));
const NewFromFile = defineAsyncComponent(() => import('./NewFromFile.vue'));
onMounted(async () => {
  if (!kit.loaded) void kit.load();
  if (!shop.loaded) await shop.load();
  await beginMate();
  await desk.prepare();
});

/** Where it is taken from, besides the drawn parts. */
type Source = 'nothing' | 'job' | 'file' | 'mate';
const source = ref<Source>('nothing');
const begun = shallowRef<Begun | null>(null);
/** A mate to be made, of which taper of which job. */
const mateOf = computed(() => {
  const { mate, feature } = route.query;
  return typeof mate === 'string' && typeof feature === 'string' ? { id: mate, feature } : null;
});
const mateTaper = ref<string | null>(null);
const mateProblem = ref('');
async function beginMate(): Promise<void> {
  const of = mateOf.value;
  if (!of) return;
  const start = await startMate(of.id, of.feature).catch(() => null);
  if (!start) {
    mateProblem.value =
      'Its mate could not be begun: the taper’s figures do not settle it, or the server is away.';
    return;
  }
  source.value = 'mate';
  mateTaper.value = start.feature;
  begin(start);
}
function begin(from: Begun): void {
  begun.value = from;
  desk.offerTitle(from.title);
  if (from.machineId && shop.byId(from.machineId)) desk.form.machineId = from.machineId;
}

const NOTHING = { figures: {}, tapers: {} };
const cards = STARTERS.map((starter) => ({ starter, ...startedWith(starter, NOTHING) }));

function choose(starter: Starter | null, from: Source = 'nothing'): void {
  source.value = from;
  begun.value = null;
  part.choose(starter);
}
watch(started, (now) => begun.value || desk.offerTitle(now?.title ?? ''), { immediate: true });
const OTHERS = [
  { source: 'job', title: 'An earlier job', says: 'the same part, or nearly' },
  { source: 'file', title: 'A drawing file', says: 'DXF, SVG or places as CSV' },
  { source: 'nothing', title: 'Nothing yet', says: 'from the drawing, or your head' },
] as const;
const HEADS: Readonly<Record<Source, string>> = {
  job: 'As an earlier job',
  file: 'From a drawing file',
  nothing: 'A job with nothing drawn yet',
  mate: 'Its mate, on the same setting',
};

/** On to the job that was made; null where something is to be read here first. */
async function add(): Promise<string | null> {
  const made =
    begun.value?.part ??
    (started.value ? { features: started.value.features, work: started.value.work } : {});
  const row = await desk.add(made);
  if (!row) return null;
  part.done();
  if (source.value === 'mate' && mateOf.value && mateTaper.value) {
    try {
      await linkBack(mateOf.value, row, mateTaper.value);
    } catch {
      mateProblem.value = `${row.document.number} is on the rack; the job it was begun from could not be told of it.`;
      return null;
    }
  }
  const [shape] = shapesOf({ features: made.features ?? [] });
  return `/job/${row.id}/${shape ? 'way' : made.features ? 'plan' : 'part'}`;
}
</script>

<template>
  <main class="new">
    <header class="head">
      <h1>What are you making?</h1>
      <p class="quiet">
        Pick what is nearest and type its figures; everything can be changed after. Or copy
        <router-link to="/identify">an old part</router-link> or an earlier job, read a drawing, or begin with
        nothing.
      </p>
    </header>
    <div class="cols">
      <section class="starters" aria-label="Parts to begin from">
        <button
          v-for="{ starter, features } in cards"
          :key="starter.id"
          type="button"
          class="plain sheet starter"
          :class="{ on: starter.id === chosen?.id }"
          :aria-pressed="starter.id === chosen?.id"
          @click="choose(starter)"
        >
          <PartThumb :features="features" />
          <strong>{{ starter.name }}</strong>
        </button>
        <button
          v-for="one in OTHERS"
          :key="one.source"
          type="button"
          class="plain sheet starter blank"
          :class="{ on: chosen === null && source === one.source }"
          :aria-pressed="chosen === null && source === one.source"
          @click="choose(null, one.source)"
        >
          <strong>{{ one.title }}</strong>
          <span class="quiet">{{ one.says }}</span>
        </button>
      </section>
      <form class="sheet form" @submit.prevent="lead(add)">
        <template v-if="chosen && started">
          <h2>{{ chosen.name }}</h2>
          <PartThumb :features="started.features" class="drawn" />
          <div class="asks">
            <template v-for="one in chosen.asks" :key="`${chosen.id}.${one.key}`">
              <TaperPicker
                v-if="one.kind === 'table-size'"
                :model-value="given.tapers[one.key] ?? null"
                class="wide"
                :label="one.label"
                @update:model-value="(size) => part.put('tapers', one.key, size)"
              />
              <QuantityField
                v-else
                :label="one.label"
                :dimension="one.dimension"
                :model-value="given.figures[one.key]"
                :draft-key="`new.${chosen.id}.${one.key}`"
                @update:model-value="(next) => part.put('figures', one.key, next)"
              />
            </template>
          </div>
        </template>
        <template v-else>
          <h2>{{ HEADS[source] }}</h2>
          <NewFromJob v-if="source === 'job'" @begun="begin" />
          <NewFromFile v-if="source === 'file'" @begun="begin" />
          <PartThumb v-if="begun?.part.features" :features="begun.part.features" class="drawn" />
        </template>
        <NoticeText v-if="mateProblem" tone="bad">{{ mateProblem }}</NoticeText>
        <NewJobFields :desk="desk" />
        <div class="row">
          <v-btn class="go" type="submit" :disabled="desk.busy.value">Put it on the rack</v-btn>
          <v-btn to="/rack">Not now</v-btn>
        </div>
      </form>
    </div>
  </main>
</template>

<style scoped>
.new {
  padding: 18px 26px 32px;
  display: grid;
  gap: 14px;
  align-content: start;
  height: 100%;
  overflow-y: auto;
}
h1 {
  font-size: 26px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: baseline;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 18px;
  align-items: start;
}
.starters {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(164px, 1fr));
  gap: 10px;
}
.starter {
  display: grid;
  gap: 4px;
  padding: 10px 12px;
  text-align: left;
  align-content: end;
  background: var(--sheet);
  border: 2px solid var(--rule);
  border-radius: 10px;
}
.starter :deep(svg) {
  height: 56px;
  width: 100%;
}
.starter.on {
  border-color: var(--blue);
}
.form {
  padding: 18px;
  display: grid;
  gap: 14px;
  position: sticky;
  top: 0;
}
h2 {
  font-size: 19px;
  font-weight: 650;
}
.asks {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 12px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
.row {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
}
@media (max-width: 900px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
  .form {
    position: static;
  }
}
</style>

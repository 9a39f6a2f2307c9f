<script setup lang="ts">
import { chiefOf } from '@anello/core/part';
import { plainText } from '@anello/core/figure';
import type { Stage } from '@anello/core/job';
import { computed, defineAsyncComponent, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useLive } from '../../data/live';
import { isPractice } from '../../data/practice/names';
import { useFetchedWhenIdle } from '../../ui/useFetchedWhenIdle';
import { useKeys } from '../../ui/useKeys';
import { provideJobModel } from '../model/useJobModel';
import AxisStrip from './AxisStrip.vue';
import JobHeader from './JobHeader.vue';
import NoticeText from '../../ui/NoticeText.vue';
import ReadingBar from './ReadingBar.vue';
import StageTabs from './StageTabs.vue';
import { ofShape, viewOf, VIEWS, viewsOf, type View } from '../model/kind';
import type { HeldAs } from '../model/heldAs';
import { useGo } from '../model/useGo';
import { useRoomForLast } from '../memory/useRoomForLast';
import { LOW, useLowStrip } from './useLowStrip';
import ShapePicks from './ShapePicks.vue';
import { loadOf, provideJobKind, restOf } from '../kinds/registry';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useOutbox } from '../../data/stores/outbox';
import { usePreferences } from '../../data/stores/preferences';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';

/** One job: the part on its axis, the plan and the stages of the work, and the reading bar. */
const props = defineProps<{ id: string; stage?: string; of?: string }>();
const router = useRouter();
const stage = computed<View>(() => VIEWS.find((s) => s === props.stage) ?? 'part');
const job = useJob();
const shop = useShop();
const kit = useKit();
const outbox = useOutbox();
const screen = useScreen();
const preferences = usePreferences();
const live = useLive();
/** What was picked last: a shape's own steps are of it, on whichever screen that was. */
const model = provideJobModel(
  () => (ofShape(stage.value) && props.of) || screen.selectedFeature || undefined,
);
const operation = ref<string | null>(null);
const fetchWhenIdle = useFetchedWhenIdle();

/** Seldom wanted: fetched when they are. */
const AcrossShop = defineAsyncComponent(() => import('./AcrossShop.vue'));
const LookFirst = defineAsyncComponent(() => import('./LookFirst.vue'));
const JobClash = defineAsyncComponent(() => import('./JobClash.vue'));
const drawn = ref<HTMLElement | null>(null);
const { low, style: drawnStyle, onScroll, reset } = useLowStrip(drawn);
const scroller = ref<HTMLElement | null>(null);
const heldAs = shallowRef<HeldAs | null>(null);
/** What is waited for is there: the line of work may be fetched and worked out. */
const calm = ref(false);
/** Worked out beside what is looked at: the strip draws it when it is known. */
const HeldWatch = defineAsyncComponent(() => import('../plan/HeldWatch.vue'));
/** What the shop did before waits for nobody: asked for when the view is there. */
const LastTime = defineAsyncComponent(() => import('../memory/LastTime.vue'));
const BarMapLine = defineAsyncComponent(() => import('../memory/BarMapLine.vue'));
/** Where it is chosen by what its bar is like, and where that is set. */
const ALONG_A_BAR: readonly View[] = ['way', 'set'];
const NotTaken = defineAsyncComponent(() => import('../record/NotTaken.vue'));

const kind = provideJobKind(model);
/** Where a taper that is not settled is no matter, or is said already. */
/** These draw the piece as it stands in its holding instead. */
const OWN_DRAWING: readonly View[] = ['plan', 'work'];
/** A practice job has its lathe under it, with the piece on it. */
const ownDrawing = computed(() => OWN_DRAWING.includes(stage.value) || isPractice(props.id));
const ANY_PART: readonly View[] = ['part', 'plan', 'work', 'record'];
const view = computed(() => viewOf(loadOf(kind.value, stage.value)));
/** Given to its own views only: the others find what they need in the model. */
const given = computed(() => (kind.value.stages[stage.value] ? kind.value.props(model) : {}));

/** The step of the shape's loop that is looked at; null on the job's own views. */
const stepOfShape = computed<Stage | null>(() => (ofShape(stage.value) ? (stage.value as Stage) : null));

const roomForLast = useRoomForLast(
  () => stepOfShape.value && `${props.id}.${stepOfShape.value}`,
  () => kind.value.id,
);

/** Another view begins at its top. */
watch(
  () => [props.id, props.stage, props.of],
  () => {
    reset();
    if (scroller.value) scroller.value.scrollTop = 0;
  },
  { flush: 'post' },
);
watch(
  () => props.id,
  (id) => {
    // Who has a practice job open is nobody else's matter.
    live.at = isPractice(id) ? null : id;
    void job.open(id);
  },
  { immediate: true },
);
onUnmounted(() => (live.at = null));
/** An operation stays in hand until a shape's step or another operation is. */
watch(
  () => [props.id, stage.value, props.of] as const,
  ([id, view, of], before) => {
    if (view === 'work') operation.value = of ?? null;
    else if (ofShape(view) || id !== before?.[0]) operation.value = null;
    if (ofShape(view) && of) screen.selectedFeature = of;
  },
  { immediate: true },
);
onMounted(() => {
  if (!shop.loaded) void shop.load();
  if (!kit.loaded) void kit.load();
});
watch(
  () => job.state,
  (state) => {
    if (state === 'ready' && !props.stage && model.progress.value)
      void router.replace(go.path(model.progress.value.now));
    // The view that is waited for first: what comes after must not be fetched beside it.
    if (state === 'ready')
      fetchWhenIdle([
        () => loadOf(kind.value, stage.value)(),
        async () => void (calm.value = true),
        () => import('../notes/NotesPanel.vue'),
        ...restOf(kind.value),
      ]);
    if (state === 'ready' && job.document)
      document.title = `${job.document.number} ${job.document.title} · Anello`;
  },
);
watch(
  () => outbox.away || outbox.signIn,
  (away) => {
    if (!away && job.state === 'failed') void job.open(props.id);
  },
);

const names = computed(() => Object.fromEntries((job.document?.features ?? []).map((f) => [f.id, f.name])));
const taper = computed(() => {
  const found = model.taper.value;
  return (
    found && {
      id: found.feature.id,
      z0: found.z0,
      z1: found.z1,
      solved: found.solved,
      internal: found.feature.side === 'internal',
      largeEnd: found.feature.largeEnd,
    }
  );
});
const selected = computed(() => {
  const inHand = model.shape.value?.feature;
  if (ofShape(stage.value)) return inHand ?? null;
  return screen.selectedFeature ?? inHand ?? chiefOf(job.document?.features ?? [])?.id ?? null;
});

function pick(id: string): void {
  screen.selectedFeature = id;
  const shape = model.shapes.value.some((one) => one.feature === id);
  if (ofShape(stage.value) && shape) void router.push(`/job/${props.id}/${stage.value}/${id}`);
  else if (stage.value !== 'part') void router.push(`/job/${props.id}/part`);
}
watch(
  () => props.id,
  () => (screen.selectedFeature = null),
);

/** What the tabs lead to; the keys are their numbers. */
const go = useGo(model);
const tabs = computed(() =>
  viewsOf(operation.value !== null).map((view) => ({
    view,
    to: view === 'work' ? `${go.path('work')}/${operation.value}` : go.path(view),
  })),
);
const byNumber = (index: number) => (): void => {
  const tab = tabs.value[index];
  if (tab) void router.push(tab.to);
};
useKeys({
  ...Object.fromEntries(VIEWS.map((_, index) => [String(index + 1), byNumber(index)])),
  b: () => (screen.acrossOpen = !screen.acrossOpen),
  Escape: () => (screen.acrossOpen = false),
  r: () => screen.focusBar++,
});
const taperProblem = computed(() =>
  model.taperError.value ? plainText(model.taperError.value.phrase, preferences.units) : '',
);
</script>

<template>
  <div
    v-if="job.state === 'ready' && job.document && model.progress.value"
    class="job"
    :style="{ '--low': ownDrawing ? '0px' : `${LOW}px` }"
  >
    <JobHeader />
    <div ref="scroller" class="scroller" @scroll.passive="onScroll">
      <div v-if="!ownDrawing" ref="drawn" class="drawn" :style="drawnStyle">
        <div class="seen">
          <AxisStrip
            :layout="model.layout.value"
            :names="names"
            :taper="taper"
            :between-centres="model.wayChosen.value?.betweenCentres ?? false"
            :selected="selected"
            :marks="screen.marks"
            :handles="screen.handles"
            :held-as="ofShape(stage) ? heldAs : null"
            :compact="low"
            @pick="pick"
          />
          <LookFirst v-if="ofShape(stage) && heldAs?.look.length" :checks="heldAs.look" />
          <ShapePicks v-if="ofShape(stage) && model.shapes.value.length > 1" :stage="stage" />
        </div>
      </div>
      <StageTabs class="pinned" :tabs="tabs" :stage="stage" :stages="model.stages.value" />
      <main class="stage" tabindex="-1">
        <JobClash v-if="job.saveState === 'conflict'" />
        <NotTaken v-if="outbox.refused.length || outbox.count || job.lost.length" :job-id="id" />
        <NoticeText v-if="!ANY_PART.includes(stage) && taperProblem" tone="warn" class="missing">
          The taper is not settled: {{ taperProblem }}
          <router-link :to="`/job/${id}/part`">To the part</router-link>
        </NoticeText>
        <template v-if="stepOfShape && !isPractice(id)">
          <p v-if="roomForLast.kept.value" class="room" aria-hidden="true" />
          <LastTime v-if="calm" :stage="stepOfShape" @known="roomForLast.hear" />
        </template>
        <BarMapLine v-if="calm && ALONG_A_BAR.includes(stage)" />
        <p v-if="stage === 'way' && !isPractice(id) && model.shape.value" class="try-first">
          <router-link :to="`/practice/job?job=${id}&feature=${model.shape.value.feature}`"
            >Try it first at the practice lathe</router-link
          >
        </p>
        <HeldWatch v-if="calm && ofShape(stage)" @held="heldAs = $event" />
        <component
          :is="view"
          :key="`${id}-${stage}-${job.piece}-${kind.id}-${stage === 'work' ? of : model.key.value}`"
          v-bind="given"
        />
      </main>
    </div>
    <ReadingBar :calm="calm" />
    <AcrossShop v-if="screen.acrossOpen" />
  </div>
  <main v-else class="wait">
    <template v-if="job.state === 'missing'">
      <h1>There is no such job</h1>
      <p class="quiet">Its address may have been mistyped.</p>
      <v-btn to="/rack">To the rack</v-btn>
    </template>
    <template v-else-if="job.state === 'failed'">
      <h1>The job could not be fetched</h1>
      <p class="quiet">
        The server is away and this browser has not seen the job before. It opens by itself when the server is
        back.
      </p>
      <v-btn @click="job.open(id)">Try now</v-btn>
    </template>
    <p v-else class="quiet">Fetching the job…</p>
  </main>
</template>

<style scoped>
.job {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  height: 100%;
  min-width: 0;
}
.scroller {
  display: flex;
  flex-direction: column;
  overflow-y: auto;
  min-width: 0;
  /* What is hidden from the eye lies in it, and does not make the whole page scroll. */
  position: relative;
  /* What is scrolled to comes to lie under what stays above. */
  scroll-padding-top: calc(var(--low) + 56px);
}
.drawn {
  display: flex;
  flex-direction: column;
  flex: none;
  justify-content: flex-end;
  position: sticky;
  z-index: 4;
  min-width: 0;
}
.seen {
  position: relative;
  min-width: 0;
}
/* As tall as the line that comes there. */
.room {
  flex: none;
  height: 45px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper-2);
}
.pinned {
  flex: none;
  position: sticky;
  top: var(--low);
  z-index: 4;
}
.stage {
  flex: 1 0 auto;
  display: flex;
  flex-direction: column;
  outline: none;
  min-width: 0;
}
.stage > :deep(:last-child) {
  flex: 1 0 auto;
}
/* Another place to begin, and no more than a line. */
.try-first {
  margin: 10px 18px 0;
}
.missing {
  margin: 14px 18px 0;
}
.wait {
  padding: 48px;
  display: grid;
  gap: 16px;
  align-content: start;
  justify-items: start;
}
@media (max-width: 860px), (max-height: 620px) {
  .job {
    display: flex;
    flex-direction: column;
    overflow-y: auto;
  }
  .job > * {
    flex: none;
  }
  .job > .scroller {
    overflow: visible;
    flex: 1 0 auto;
  }
  .drawn,
  .pinned {
    position: static;
  }
  .job > :deep(.bar) {
    position: sticky;
    bottom: 0;
    z-index: 5;
  }
}
</style>

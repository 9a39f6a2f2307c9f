<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core';
import { computed, defineAsyncComponent, onMounted, reactive, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useTheme } from 'vuetify';
import { useKeys } from '../ui/useKeys';
import AppRail from './AppRail.vue';
import KeepingSlip from './KeepingSlip.vue';
import { askToPersist } from '../data/db';
import { isPractice } from '../data/practice/names';
import { isUnfetched } from '../data/unfetched';
import { fetchAhead } from './router';
import { usePageFailed } from './usePageFailed';
import { useChanges, useLive } from '../data/live';
import { useKit } from '../data/stores/kit';
import { useOutbox } from '../data/stores/outbox';
import { usePreferences } from '../data/stores/preferences';
import { useScreen } from '../data/stores/screen';
import { useShop } from '../data/stores/shop';

/** Whoever has stayed at a screen for so long has what it needs, ms. */
const AT_REST = 8000;

/** Fetched on their own: the first screen does not wait for them. */
const SignIn = defineAsyncComponent({
  loader: () => import('./SignIn.vue'),
  // Asked for, the server is there: what it could not give a moment ago comes with the page.
  onError: (error, _retry, fail) => (isUnfetched(error) ? window.location.reload() : fail()),
});
const PageFailed = defineAsyncComponent(() => import('./PageFailed.vue'));
const KeyList = defineAsyncComponent(() => import('./KeyList.vue'));
const QuickSum = defineAsyncComponent(() => import('../ui/QuickSum.vue'));
const PracticeDock = defineAsyncComponent(() => import('../places/practice/PracticeDock.vue'));
const preferences = usePreferences();
const outbox = useOutbox();
const screen = useScreen();
const shop = useShop();
const kit = useKit();
const live = useLive();
const router = useRouter();
const route = useRoute();
/** The practice job that is worked: its lathe stands under it. */
const practised = computed(() => {
  const id = route.name === 'job' ? String(route.params['id']) : null;
  return isPractice(id) ? id : null;
});
/** It takes the whole place: worked without what its job says. */
const latheAlone = ref(false);
watch(practised, () => (latheAlone.value = false));
const theme = useTheme();
const failed = usePageFailed();

watch(
  () => preferences.theme,
  (name) => theme.change(name),
  { immediate: true },
);

onMounted(async () => {
  await outbox.takeInLeftOvers();
  void outbox.flush();
  void shop.load();
  void askToPersist();
  live.open();
  setTimeout(fetchAhead, AT_REST);
});
watch(
  () => outbox.away || outbox.signIn,
  (away) => !away && void shop.load(),
);

/** What another screen has changed in the shop is seen here. */
useChanges(['shelf', 'all'], () => {
  void shop.load();
  if (kit.loaded) void kit.load();
});

useKeys({
  u: () => preferences.swapUnits(),
  d: () => preferences.swapTheme(),
  g: () => void router.push('/rack'),
  '?': () => (screen.keysOpen = true),
  '/': () => (screen.quickOpen = true),
  z: () => takeBack(),
});

/** Said for as long as it takes to read twice, then out of the way of the work; Z takes it back all the same. */
const SAID_FOR = 8000;
const said = ref(false);
const { start } = useTimeoutFn(() => (said.value = false), SAID_FOR, { immediate: false });
watch(
  () => screen.undoable,
  (slip) => {
    said.value = slip !== null;
    if (slip) start();
  },
);

/** Cards are there from when they are first asked for: the first screen does not wait for them. */
const wanted = reactive({ keys: false, quick: false });
watch([() => screen.keysOpen, () => screen.quickOpen], ([keys, quick]) => {
  wanted.keys ||= keys;
  wanted.quick ||= quick;
});

function takeBack(): void {
  screen.undoable?.run();
  screen.undoable = null;
}
</script>

<template>
  <div class="v-application" :class="theme.themeClasses.value">
    <div class="whole">
      <KeepingSlip />
      <div class="house">
        <AppRail />
        <div class="place" :class="{ alone: latheAlone }">
          <PageFailed v-if="failed" :error="failed" @again="failed = null" />
          <router-view v-else />
          <PracticeDock v-if="practised" :id="practised" :key="practised" @alone="latheAlone = $event" />
        </div>
      </div>
    </div>
    <SignIn v-if="outbox.signIn" />
    <div v-if="screen.undoable && said" class="slip frame" role="status">
      <span>{{ screen.undoable.text }}</span>
      <button type="button" class="plain" @click="takeBack">Take it back <kbd>Z</kbd></button>
      <button type="button" class="plain" aria-label="Leave it" @click="screen.undoable = null">
        Leave it
      </button>
    </div>
    <KeyList v-if="wanted.keys" />
    <QuickSum v-if="wanted.quick" />
  </div>
</template>

<style scoped>
.whole {
  display: flex;
  flex-direction: column;
  height: 100dvh;
}
.house {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr);
  flex: 1 1 0;
  min-height: 0;
}
/* A place, and under it the practice lathe where one is worked. */
.place {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  grid-template-columns: minmax(0, 1fr);
  min-height: 0;
  min-width: 0;
}
/* Told by a class: asked of what is inside, all of the page was styled anew at every change of anything in it. */
.place.alone {
  grid-template-rows: 0 minmax(0, 1fr);
}
.place.alone > :first-child {
  visibility: hidden;
  overflow: hidden;
}
.slip {
  position: fixed;
  left: 50%;
  bottom: 84px;
  transform: translateX(-50%);
  z-index: 1500;
  display: flex;
  gap: 20px;
  align-items: center;
  background: var(--ink);
  color: var(--paper);
  border-radius: 10px;
  padding: 4px 20px;
  max-width: calc(100vw - 24px);
}
.slip button {
  min-height: 48px;
  font-weight: 650;
  color: var(--brass-key);
}
.v-theme--dark .slip {
  background: var(--frame-2);
  color: var(--frame-ink);
}
@media (max-width: 640px) {
  .house {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
  }
  .slip {
    bottom: 150px;
    width: calc(100vw - 24px);
  }
}
</style>

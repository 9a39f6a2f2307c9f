<script setup lang="ts">
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { computed, defineAsyncComponent } from 'vue';
import { useJobModel } from '../model/useJobModel';
import MethodPicks from '../../ui/MethodPicks.vue';
import NoTaper from '../shared/NoTaper.vue';
import { useJobKind, viewOf } from '../model/kind';

/** From stock to finish: the passes by dial, and what surrounds them, one view at a time. */
const model = useJobModel();
const VIEWS = computed(() => [
  { id: 'passes', title: model.taper.value ? 'Passes' : 'The cut' },
  { id: 'hold', title: 'Hold it true' },
  { id: 'speeds', title: 'Speeds' },
  { id: 'ends', title: 'Ends and threads' },
  { id: 'listen', title: 'Listen' },
]);
const view = useHeld(HELD.cutView, 'passes');
const kind = useJobKind();
/** A part with nothing that has a way says so instead. */
const hasWay = computed(() => kind.value.ready?.(model) ?? true);
const OTHERS: Readonly<Record<string, ReturnType<typeof defineAsyncComponent>>> = {
  hold: defineAsyncComponent(() => import('./HoldPanel.vue')),
  speeds: defineAsyncComponent(() => import('./SpeedsPanel.vue')),
  ends: defineAsyncComponent(() => import('./EndsPanel.vue')),
  listen: defineAsyncComponent(() => import('./listen/ListenPanel.vue')),
};
const other = computed(() => OTHERS[view.value] ?? null);
</script>

<template>
  <div class="views"><MethodPicks v-model="view" label="What to look at" :methods="VIEWS" /></div>
  <div v-if="other" class="alone"><component :is="other" /></div>
  <component :is="viewOf(kind.passes)" v-else-if="hasWay" v-bind="kind.props(model)" />
  <NoTaper v-else-if="!model.taperError.value" />
</template>

<style scoped>
.views {
  padding: 14px 18px 0;
}
.alone {
  padding: 14px 18px 24px;
  max-width: 1120px;
}
</style>

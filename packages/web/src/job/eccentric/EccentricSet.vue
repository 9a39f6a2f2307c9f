<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import type { EccentricPart } from '@anello/core/eccentric';
import { eccentricWayOf } from '@anello/core/ways';
import { computed, defineAsyncComponent, type Component } from 'vue';
import { useEccentric } from './useEccentric';
import MethodPicks from '../../ui/MethodPicks.vue';
import DialInPanel from './DialInPanel.vue';

/** Setting a throw over: marked out, held, packed or centred, and dialled in until the needle agrees. */
defineProps<{ part: EccentricPart }>();
const model = useJobModel();
const desk = useEccentric();
const VIEWS = [
  { id: 'dial', title: 'Dial it in' },
  { id: 'packing', title: 'Packing' },
  { id: 'mark', title: 'Mark it out' },
  { id: 'centres', title: 'Offset centres' },
  { id: 'lean', title: 'Does it lean' },
  { id: 'valve', title: 'Valve motion' },
];
const picked = useHeld(HELD.eccentricSet(model.key.value), '');
const beginsWith = computed(() => {
  const { way } = desk.choice.value;
  return way ? eccentricWayOf(way).beginsWith : 'dial';
});
const view = computed({
  get: () => picked.value || beginsWith.value,
  set: (next) => void (picked.value = next),
});
const PANELS: Readonly<Record<string, Component>> = {
  dial: DialInPanel,
  packing: defineAsyncComponent(() => import('./PackingPanel.vue')),
  mark: defineAsyncComponent(() => import('./MarkOutPanel.vue')),
  centres: defineAsyncComponent(() => import('./CentresPanel.vue')),
  lean: defineAsyncComponent(() => import('./LeanPanel.vue')),
  valve: defineAsyncComponent(() => import('./ValvePanel.vue')),
};
</script>

<template>
  <div class="views"><MethodPicks v-model="view" label="What to look at" :methods="VIEWS" /></div>
  <component :is="PANELS[view] ?? DialInPanel" :desk="desk" :part="part" />
</template>

<style scoped>
.views {
  padding: 14px 18px 0;
}
</style>

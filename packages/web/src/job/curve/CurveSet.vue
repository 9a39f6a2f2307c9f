<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { computed, defineAsyncComponent, type Component } from 'vue';
import { useCurve } from './useCurve';
import { useStageScreen } from '../model/useStageScreen';
import MethodPicks from '../../ui/MethodPicks.vue';

/** Before the curve is cut: what the tool reaches, the drawing to follow, the form tool to make. */
const model = useJobModel();
const desk = useCurve();
const VIEWS = computed(() => [
  ...(desk.pieces.value
    ? [
        { id: 'reach', title: 'What the tool reaches' },
        { id: 'drawing', title: 'Drawing to follow' },
        { id: 'pair', title: 'Plug and socket' },
      ]
    : []),
  { id: 'form-tool', title: 'Form tool' },
  { id: 'hardening', title: 'Hardening' },
]);
const picked = useHeld(HELD.curveSet(model.key.value), '');
const view = computed({
  get: () =>
    VIEWS.value.find((v) => v.id === picked.value)?.id ??
    VIEWS.value.find((v) => v.id === desk.choice.value.way)?.id ??
    VIEWS.value[0]?.id ??
    '',
  set: (next) => void (picked.value = next),
});
const PANELS: Readonly<Record<string, Component>> = {
  reach: defineAsyncComponent(() => import('./ReachPanel.vue')),
  drawing: defineAsyncComponent(() => import('./TemplatePanel.vue')),
  pair: defineAsyncComponent(() => import('./PairPanel.vue')),
  'form-tool': defineAsyncComponent(() => import('./FormToolPanel.vue')),
  hardening: defineAsyncComponent(() => import('./HardeningPanel.vue')),
};
useStageScreen({});
</script>

<template>
  <div class="views"><MethodPicks v-model="view" label="What to look at" :methods="VIEWS" /></div>
  <component :is="PANELS[view]" v-if="PANELS[view]" :desk="desk" />
</template>

<style scoped>
.views {
  padding: 14px 18px 0;
}
</style>

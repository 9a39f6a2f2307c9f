<script setup lang="ts">
import { plainText } from '@anello/core/figure';
import type { OperationSaid } from '@anello/core/plan';
import { computed, watch } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import type { HeldAs } from '../model/heldAs';
import { useJobModel } from '../model/useJobModel';
import { usePlan } from './usePlan';

/** Tells the strip how the piece is held while the shape in hand is worked; draws nothing itself. */
const emit = defineEmits<{ held: [as: HeldAs | null] }>();
const plan = usePlan();
const { shape } = useJobModel();
const preferences = usePreferences();
const as = computed<HeldAs | null>(() => {
  const feature = shape.value?.feature;
  const ofShape = (one: OperationSaid): boolean =>
    one.loop && feature !== undefined && one.operation.features.includes(feature);
  const found = plan.said.value?.holdings.find((held) => held.operations.some(ofShape));
  if (!found) return null;
  const { grips, toward } = found.holding;
  const free = found.centres.includes(toward);
  return {
    grips,
    turned: toward === 'headstock',
    by: found.drawn,
    drawbar: found.drawbar,
    centreFree: free,
    centreSpindle: found.centres.length > (free ? 1 : 0),
    said: plainText(found.held, preferences.units),
    look: found.operations.find(ofShape)?.before ?? [],
  };
});
watch(as, (now) => emit('held', now), { immediate: true });
</script>

<template><i hidden /></template>

<script setup lang="ts">
import { length } from '@anello/core/figure';
import { threadLimits, usualClass, type NamedThread, type VeeThread } from '@anello/core/thread';
import { computed } from 'vue';
import { tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import { usePreferences } from '../../data/stores/preferences';

/** What the thread may measure by its class: the one written with it, or the usual one of its family. */
const props = defineProps<{ thread: VeeThread & Partial<NamedThread>; side: 'external' | 'internal' }>();
const preferences = usePreferences();
const written = computed(() => props.thread.class ?? null);
const by = computed(() => written.value ?? usualClass(props.thread.form, props.side));
const limits = computed(() => {
  const { value: cls } = by;
  return cls === null ? null : tried(() => threadLimits(props.thread, cls), preferences.units);
});
</script>

<template>
  <p v-if="limits?.found">
    {{ by }}{{ written ? '' : ', where the drawing says no class' }}: pitch diameter
    <FigureText :figure="length(limits.found.pitchDiameter.least, 0.001)" /> to
    <strong><FigureText :figure="length(limits.found.pitchDiameter.most, 0.001)" /></strong>,
    {{ side === 'external' ? 'outside' : 'inside' }}
    <FigureText :figure="length(limits.found.crest.least, 0.001)" /> to
    <FigureText :figure="length(limits.found.crest.most, 0.001)" />.
  </p>
  <p v-if="thread.hand === 'left'">
    <strong>Left hand:</strong> feed away from the chuck, tool turned over or spindle reversed.
  </p>
</template>

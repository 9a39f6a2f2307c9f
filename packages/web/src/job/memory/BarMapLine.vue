<script setup lang="ts">
import { dayOf } from '../../ui/days';
import PhraseText from '../../ui/PhraseText.vue';
import { useJobModel } from '../model/useJobModel';
import { useBarMap } from './useBarMap';

/** What the sweeps kept on this lathe say of the bar or slide that this shape is cut along. */
const model = useJobModel();
const known = useBarMap();
</script>

<template>
  <p v-if="known" class="map" role="note">
    <strong>{{ model.wayChosen.value?.device === 'compound' ? 'Slide' : 'Bar' }}</strong>
    <span class="quiet">{{ dayOf(known.at) }}, {{ known.number }}</span>
    <span><PhraseText :phrase="known.map.said" />.</span>
  </p>
</template>

<style scoped>
.map {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  padding: 10px 18px;
  border-bottom: 1px solid var(--rule);
  font-size: 15.5px;
}
strong {
  font-size: 14.5px;
}
</style>

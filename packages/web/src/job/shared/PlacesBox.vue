<script setup lang="ts">
import { count } from '@anello/core/figure';
import type { MeasuredPlaces } from '../model/useMeasuredPlaces';
import FigureText from '../../ui/FigureText.vue';
import FileTake from '../../ui/FileTake.vue';

/** Measured places typed, or taken in from a CSV. */
const props = defineProps<{ places: MeasuredPlaces; label: string }>();
const { text } = props.places;
const take = async (file: File): Promise<void> => void (text.value = await file.text());
</script>

<template>
  <div class="places">
    <v-textarea v-model="text" :label="label" rows="7" class="figures-in" hint="8, 15.2" />
    <FileTake label="From a CSV" accept=".csv,text/csv,text/plain" @taken="take" />
    <p class="quiet"><FigureText :figure="count(places.read.value.places.length)" /> places read.</p>
  </div>
</template>

<style scoped>
.places {
  display: grid;
  gap: 8px;
}
</style>

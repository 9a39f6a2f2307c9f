<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { usePreferences } from '../../../../data/stores/preferences';
import { nextStation, stationsOf, textOf, wrongWith } from './typedStations';

/** Readings typed at stations: the next place stands there already, so that each wants one figure and Enter. */
const text = defineModel<string>({ required: true });
const preferences = usePreferences();
const unit = computed(() => (preferences.units === 'mm' ? 'mm' : 'in'));
const stations = computed(() => stationsOf(text.value) ?? []);
/** What was typed last stands beside the boxes; the rest is below it. */
const newestFirst = computed(() => stations.value.map((station, i) => ({ station, i })).reverse());
const at = ref(nextStation(stations.value));
const seen = ref('');
const said = ref<{ at: string | null; seen: string | null }>({ at: null, seen: null });
/** The station that is typed again; null of a new one. */
const changing = ref<number | null>(null);
const place = useTemplateRef<{ focus(): void }>('place');
const reading = useTemplateRef<{ focus(): void; select(): void }>('reading');

async function keep(): Promise<void> {
  said.value = { at: wrongWith(at.value, unit.value), seen: wrongWith(seen.value, unit.value) };
  if (said.value.at !== null || said.value.seen !== null) return;
  const typed = { at: at.value.trim(), seen: seen.value.trim() };
  const now = [...stations.value];
  now.splice(changing.value ?? now.length, 1, typed);
  text.value = textOf(now);
  changing.value = null;
  await nextTick();
  at.value = nextStation(stations.value);
  seen.value = '';
  (at.value === '' ? place : reading).value?.focus();
}
function without(index: number): void {
  text.value = textOf(stations.value.filter((_, i) => i !== index));
  changing.value = null;
}
/** Back into the boxes, to be typed over. */
async function again(index: number): Promise<void> {
  const station = stations.value[index];
  if (!station) return;
  [at.value, seen.value] = [station.at, station.seen];
  changing.value = index;
  await nextTick();
  reading.value?.select();
}
</script>

<template>
  <div class="stations">
    <form class="next figures-in" @submit.prevent="keep">
      <v-text-field
        ref="place"
        v-model="at"
        label="Slide stands at"
        inputmode="text"
        autocomplete="off"
        :suffix="unit"
        :error-messages="said.at ?? ''"
        @keydown.enter.prevent="seen === '' ? reading?.focus() : keep()"
      />
      <v-text-field
        ref="reading"
        v-model="seen"
        label="Needle reads"
        inputmode="text"
        autocomplete="off"
        :suffix="unit"
        :error-messages="said.seen ?? ''"
      />
      <v-btn type="submit">{{ changing === null ? 'Next station' : 'Put it back' }}</v-btn>
    </form>
    <div v-if="stations.length" class="rows" role="group" aria-label="Stations typed" tabindex="0">
      <table>
        <thead>
          <tr>
            <th scope="col">Slide at</th>
            <th scope="col">Needle</th>
            <th scope="col"><span class="visually-hidden">Change</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ station, i } in newestFirst" :key="i" :class="{ changing: changing === i }">
            <td>{{ station.at }}</td>
            <td>{{ station.seen }}</td>
            <td>
              <button
                type="button"
                class="plain"
                :aria-label="`Type the reading at ${station.at} again`"
                @click="again(i)"
              >
                again
              </button>
              <button
                type="button"
                class="plain"
                :aria-label="`Leave out the reading at ${station.at}`"
                @click="without(i)"
              >
                ✕
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.stations {
  display: grid;
  gap: 10px;
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: start;
}
.next > :not(button) {
  flex: 1 1 150px;
  max-width: 220px;
}
/* Twenty stations do not push what they say off the screen. */
.rows {
  max-height: 236px;
  overflow-y: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 17px;
  font-variant-numeric: tabular-nums;
}
th {
  text-align: left;
  font-size: 14.5px;
  font-weight: 500;
}
td,
th {
  padding: 2px 12px 2px 0;
  border-bottom: 1px solid var(--rule);
}
tr.changing {
  color: var(--brass);
}
button.plain {
  min-height: 44px;
  min-width: 44px;
}
</style>

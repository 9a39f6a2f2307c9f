<script setup lang="ts">
import { length } from '@anello/core/figure';
import { useInUse } from '../../../../data/wire/inUse';
import FigureText from '../../../../ui/FigureText.vue';
import type { SettingDesk } from '../useSetting';
import { useStationsTaken } from './useStationsTaken';

/** Where a readout tells the travel: how far it is, and whether stations take themselves. */
const props = defineProps<{ desk: SettingDesk }>();
const inUse = useInUse();
const { on, zeroBoth } = useStationsTaken(props.desk);
/** A readout's step. */
const STEP = 0.01;
</script>

<template>
  <section
    v-if="inUse.travel !== null && inUse.reading !== null"
    class="stations sheet"
    aria-label="By the readout"
  >
    <p>
      Travel <strong class="at"><FigureText :figure="length(inUse.travel, STEP)" large /></strong>
    </p>
    <v-btn @click="zeroBoth">Zero both here</v-btn>
    <v-btn :aria-pressed="on" :class="{ go: on }" @click="on = !on">{{
      on ? '✓ Stations take themselves' : 'Let stations take themselves'
    }}</v-btn>
  </section>
</template>

<style scoped>
.stations {
  padding: 8px 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
p {
  margin-right: auto;
}
.at {
  font-size: 26px;
}
</style>

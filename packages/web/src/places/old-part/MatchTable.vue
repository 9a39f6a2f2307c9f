<script setup lang="ts">
import { length, ratio } from '@anello/core/figure';
import { taperSeries, type Identification } from '@anello/core/taper';
import FigureText from '../../ui/FigureText.vue';

/** The nearest tapers, how far off each is, and whether what was measured lies on its cone. */
defineProps<{ found: Identification }>();
const SHOWN = 6;
</script>

<template>
  <div class="scroll">
    <table class="sheet">
      <thead>
        <tr>
          <th scope="col">Taper</th>
          <th scope="col">Ratio</th>
          <th scope="col">Off over this length</th>
          <th scope="col">Place on the cone</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="match in found.matches.slice(0, SHOWN)" :key="`${match.size.series}/${match.size.size}`">
          <th scope="row">
            <router-link :to="`/tapers/${match.size.series}/${encodeURIComponent(match.size.size)}`">{{
              match.size.name
            }}</router-link>
            <span v-if="match.size.series.startsWith('morse') || match.size.series === 'shop'" class="quiet">
              {{ taperSeries(match.size.series).title }}
            </span>
          </th>
          <td><FigureText :figure="ratio(match.size.ratio)" /></td>
          <td><FigureText :figure="length(match.overLength, 0.001, { signed: true })" /></td>
          <td>
            <template v-if="match.outside > 0"
              ><FigureText :figure="length(match.outside, 0.01)" /> outside it</template
            ><template v-else>fits</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="../../ui/figureTable.css"></style>
<style scoped>
th a {
  font-weight: 650;
  display: inline-flex;
  min-height: 32px;
  align-items: center;
}
@media (max-width: 640px) {
  th,
  td {
    padding: 8px;
    white-space: normal;
  }
}
</style>

<script setup lang="ts">
import { CENTRE_HOLE, offsetCentres, type EccentricPart } from '@anello/core/eccentric';
import { degrees, length, TENTH_OF_DEGREE } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { useStageScreen } from '../model/useStageScreen';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';

/** Where the centres lie on the end faces, for one throw or several, and what checks them. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const found = computed(() =>
  offsetCentres({
    throws: props.desk.throws.value.map(({ name, throw: e, phase }) => ({ name, throw: e, phase })),
    barDiameter: Math.max(...props.desk.throws.value.map((t) => t.diameter)),
    hole: CENTRE_HOLE,
  }),
);
useStageScreen({});
</script>

<template>
  <div class="alone">
    <article class="card sheet">
      <h2>Centres on both ends, seen from the tailstock</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Centre of</th>
            <th scope="col">Off the axis</th>
            <th scope="col">Round at</th>
            <th scope="col">Across</th>
            <th scope="col">Up</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="mark in found.marks" :key="mark.name">
            <th scope="row">{{ mark.name }}</th>
            <td><FigureText :figure="length(mark.throw, 0.01)" /></td>
            <td><FigureText :figure="degrees(mark.phase, TENTH_OF_DEGREE)" /></td>
            <td><FigureText :figure="length(mark.x, 0.01)" /></td>
            <td><FigureText :figure="length(mark.y, 0.01)" /></td>
          </tr>
        </tbody>
      </table>
      <p v-for="chord in found.chords" :key="`${chord.from}${chord.to}`" class="quiet">
        {{ chord.from }} to {{ chord.to }}: <FigureText :figure="length(chord.distance, 0.01)" /> between the
        middles.
      </p>
      <NoticeText v-for="(problem, index) in found.problems" :key="index" tone="bad"
        ><PhraseText :phrase="problem"
      /></NoticeText>
      <NoticeText tone="plain"
        >Drill both ends in one jig that fits the bar, turned end for end about a line scribed along it:
        centres that are not in line wind the throw along its length. Pack the gap of a crank before turning,
        and keep the speed low.</NoticeText
      >
    </article>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>

<script setup lang="ts">
import {
  carriageTable,
  USUAL_CARRIAGE_TOOLS,
  type CarriageTools,
  type EccentricPart,
} from '@anello/core/eccentric';
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { usePreferences } from '../../data/stores/preferences';

/** Where the carriage stands for each groove and for parting off, from one zeroed face. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const preferences = usePreferences();
const tools = computed<CarriageTools>(() => {
  const { grooveTool, partTool, leastLand } = props.desk.choice.value;
  return {
    grooveTool: grooveTool?.value ?? USUAL_CARRIAGE_TOOLS.grooveTool,
    partTool: partTool?.value ?? USUAL_CARRIAGE_TOOLS.partTool,
    leastLand: leastLand?.value ?? USUAL_CARRIAGE_TOOLS.leastLand,
  };
});
const rows = computed(() => tried(() => carriageTable(props.part, tools.value), preferences.units));
</script>

<template>
  <article class="sheet panel">
    <h2>Carriage positions from the zeroed face</h2>
    <p class="quiet">
      Zero with the tool’s headstock-side edge touching the tailstock face; figures grow toward the headstock.
    </p>
    <NoticeText v-if="rows.said" tone="bad">{{ rows.said }}</NoticeText>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Cut</th>
          <th scope="col">The sum</th>
          <th scope="col">Carriage at</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="row in rows.found ?? []" :key="row.name">
          <tr>
            <th scope="row">{{ row.name }}</th>
            <td>
              <template v-for="(one, i) in row.sum.parts" :key="i"
                ><FigureText :figure="one" />{{
                  i < row.sum.parts.length - 1 ? ` ${row.sum.signs[i]} ` : ''
                }}</template
              >
            </td>
            <td>
              <template v-for="(stand, i) in row.stands" :key="i"
                ><strong><FigureText :figure="length(stand, 0.01)" /></strong
                >{{ i < row.stands.length - 1 ? ', ' : '' }}</template
              >
            </td>
          </tr>
          <tr v-if="row.warning">
            <td colspan="3" class="warned"><PhraseText :phrase="row.warning" /></td>
          </tr>
        </template>
      </tbody>
    </table>
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>

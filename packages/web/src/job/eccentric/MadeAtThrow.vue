<script setup lang="ts">
import { boreTools } from '@anello/core/cutting';
import type { EccentricPart, MadeId } from '@anello/core/eccentric';
import { length } from '@anello/core/figure';
import { ofKind } from '@anello/core/job';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { useGo } from '../model/useGo';
import { useJobModel } from '../model/useJobModel';
import DrillFigure from '../../ui/DrillFigure.vue';
import FigureText from '../../ui/FigureText.vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';

/** What is cut at that setting, with the bore's tools, and ticked off as it is done. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const job = useJob();
const model = useJobModel();
const go = useGo();
const kit = useKit();
const bore = computed(() => {
  const { bore: diameter } = props.part;
  if (diameter === null) return null;
  const { drills, reamers } = kit.core;
  return { diameter, ...boreTools({ diameter, drills, reamers }) };
});
const made = computed(
  () =>
    new Set(
      ofKind(model.records.value, 'made', job.piece)
        .filter((r) => r.body.eccentric === props.part.id)
        .map((r) => r.body.what),
    ),
);
const STEPS: readonly { what: MadeId; todo: string; done: string }[] = [
  { what: 'bore', todo: 'It is bored', done: 'Bored' },
  { what: 'outside', todo: 'The outside is turned', done: 'Outside turned' },
  { what: 'groove', todo: 'The grooves are cut', done: 'Grooves cut' },
];
const steps = computed(() =>
  STEPS.filter(
    ({ what }) =>
      (what !== 'bore' || props.part.bore !== null) && (what !== 'groove' || props.part.grooves.length > 0),
  ),
);
</script>

<template>
  <article class="sheet panel">
    <h2>{{ bore ? 'Bore at that setting' : 'Turn at that setting' }}</h2>
    <p v-if="bore">
      <template v-if="bore.drill"
        >Drill <strong>⌀<DrillFigure :diameter="bore.drill" /></strong
      ></template>
      <template v-else
        >No drill owned is under
        <strong>⌀<FigureText :figure="length(bore.drillUnder, 0.01)" /></strong></template
      >, bore true{{ bore.reamer ? ', then ream ' : ' to '
      }}<strong>⌀<FigureText :figure="length(bore.diameter, 0.01)" /></strong>
      {{
        bore.reamer
          ? 'at the same setting: the reamer follows the bore.'
          : '; no reamer of that size is owned.'
      }}
    </p>
    <div class="figures">
      <v-btn
        v-for="step in steps"
        :key="step.what"
        :disabled="made.has(step.what)"
        @click="desk.keepMade(step.what)"
        >{{ made.has(step.what) ? `${step.done} ✓` : step.todo }}</v-btn
      >
      <v-btn :to="go.path('prove')">On to Prove</v-btn>
    </div>
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>

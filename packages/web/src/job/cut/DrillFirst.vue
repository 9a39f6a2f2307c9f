<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import { drillPlan, LEFT_TO_BORE, type DrillStep } from '@anello/core/cutting';
import { length, plainText } from '@anello/core/figure';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import DrillFigure from '../../ui/DrillFigure.vue';
import FigureText from '../../ui/FigureText.vue';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';

/** Before boring a taper: which of the drills owned, how deep, in steps, clear of the finished cone. */
const model = useJobModel();
const kit = useKit();
const preferences = usePreferences();
const plan = computed<{ steps: readonly DrillStep[]; error: string }>(() => {
  const task = model.taper.value?.task;
  if (!task || task.member === 'external' || kit.core.drills.length === 0) return { steps: [], error: '' };
  try {
    return { steps: drillPlan({ ...task, drills: kit.core.drills, margin: LEFT_TO_BORE }), error: '' };
  } catch (error) {
    if (error instanceof AnelloError) return { steps: [], error: plainText(error.phrase, preferences.units) };
    throw error;
  }
});
</script>

<template>
  <section v-if="plan.steps.length || plan.error" class="drill sheet" aria-label="Drill first">
    <h2 class="label">Drill first, smallest to largest</h2>
    <p v-if="plan.error" class="bad">{{ plan.error }}</p>
    <ol v-else>
      <li v-for="(step, index) in plan.steps" :key="step.diameter">
        <strong>⌀<DrillFigure :diameter="step.diameter" /></strong>
        <span v-if="index === 0"
          >through, or its point to <FigureText :figure="length(step.tip, 0.1)"
        /></span>
        <span v-else
          >full diameter to <FigureText :figure="length(step.depth, 0.1)" />, point to
          <FigureText :figure="length(step.tip, 0.1)"
        /></span>
      </li>
    </ol>
    <p class="quiet">
      Each stays <FigureText :figure="length(LEFT_TO_BORE, 0.1)" /> under the finished cone at its own corner.
      Clear the chips often; long holes from both ends.
    </p>
  </section>
</template>

<style scoped>
.drill {
  padding: 10px 14px;
  display: grid;
  gap: 6px;
}
ol {
  margin: 0;
  padding-left: 20px;
}
li strong {
  font-size: 19px;
  margin-right: 8px;
}
.bad {
  color: var(--red);
  font-weight: 600;
}
</style>

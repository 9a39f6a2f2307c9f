<script setup lang="ts">
import { isBore } from '@anello/core/part';
import { AnelloError } from '@anello/core/basics';
import { eccentricFaults, endOn } from '@anello/core/eccentric';
import { length } from '@anello/core/figure';
import { sizeLimits } from '@anello/core/fit';
import { computed } from 'vue';
import { useEccentric } from './useEccentric';
import EndOn from './EndOn.vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';

/** What an eccentric comes to: travel, swing, walls, the fit of its bore, and what is wrong with it. */
const job = useJob();
const desk = useEccentric();
const part = computed(() => desk.part.value);
const seen = computed(() => (part.value ? endOn(part.value) : null));
const faults = computed(() => (part.value ? eccentricFaults(part.value) : []));
const fit = computed(() => {
  const bore = job.document?.features.find(isBore);
  if (!isBore(bore) || !bore.fit || !bore.diameter) return null;
  try {
    return {
      name: bore.fit,
      ...sizeLimits({ size: bore.diameter.value, side: 'internal', given: { fit: bore.fit } }),
    };
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
});
</script>

<template>
  <section v-if="part && seen" class="sheet figures" aria-label="The eccentric">
    <h2 class="label">Seen from the tailstock</h2>
    <EndOn :part="part" :throws="desk.throws.value" />
    <NoticeText v-for="fault in faults" :key="fault.field" :tone="fault.grave ? 'bad' : 'warn'"
      ><PhraseText :phrase="fault.said"
    /></NoticeText>
    <dl>
      <dt>Whole travel</dt>
      <dd class="big"><FigureText :figure="length(seen.travel, 0.001)" large /></dd>
      <dt>Sweeps a circle of</dt>
      <dd><FigureText :figure="length(seen.swing, 0.01)" /></dd>
      <template v-if="seen.thinnest !== null && seen.thickest !== null">
        <dt>Wall, low side and high</dt>
        <dd>
          <FigureText :figure="length(seen.thinnest, 0.01)" />,
          <FigureText :figure="length(seen.thickest, 0.01)" />
        </dd>
      </template>
      <template v-if="fit">
        <dt>Bore {{ fit.name }}</dt>
        <dd>
          <FigureText :figure="length(fit.least, 0.001)" /> to
          <FigureText :figure="length(fit.most, 0.001)" />
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.figures {
  padding: 12px 16px;
  display: grid;
  gap: 8px;
}
dl {
  margin: 0;
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 16px;
  align-items: baseline;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  text-align: right;
  font-weight: 600;
}
.big {
  font-size: 30px;
}
</style>

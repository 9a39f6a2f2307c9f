<script setup lang="ts">
import { angle, length, ratio } from '@anello/core/figure';
import type { TaperOfPart } from '@anello/core/part';
import { computed } from 'vue';
import FigureText from '../../ui/FigureText.vue';

/** Everything the taper comes to, worked from whichever figures were given. */
const props = defineProps<{ taper: TaperOfPart }>();
const DEGREE_TENTHS = 1e-7;
const rows = computed(() => {
  const { solved, task } = props.taper;
  return [
    ['Ratio on diameter', ratio(solved.ratio)],
    ['Gauge line', length(solved.gaugeDiameter)],
    ['Large end', length(solved.largeDiameter)],
    ['Small end', length(solved.smallDiameter)],
    ['Length', length(solved.length)],
    ['Cone within', length(task.tolerance.overLength, 0.0001)],
  ] as const;
});
const includedAngle = computed(() => angle(2 * props.taper.solved.halfAngle, DEGREE_TENTHS));
</script>

<template>
  <section class="figures sheet" aria-label="The taper worked out">
    <p class="label">Half angle</p>
    <p class="big"><FigureText :figure="angle(taper.solved.halfAngle)" /></p>
    <p class="quiet included">included <FigureText :figure="includedAngle" /></p>
    <dl>
      <template v-for="[label, figure] in rows" :key="label">
        <dt>{{ label }}</dt>
        <dd><FigureText :figure="figure" /></dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.figures {
  padding: 14px 16px;
}
.big {
  font-size: 34px;
  font-weight: 650;
  line-height: 1.15;
}
.included {
  font-size: 14.5px;
  margin-bottom: 8px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px 12px;
  margin: 0;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  font-size: 15px;
}
dd {
  margin: 0;
  text-align: right;
}
</style>

<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import type { View } from '../model/kind';
import { useJob } from '../../data/stores/job';

/** Of a part with several shapes, which one these steps are of. */
defineProps<{ stage: View }>();
const job = useJob();
const model = useJobModel();
const done = (feature: string): boolean =>
  model.progress.value?.shapes.some((s) => s.feature === feature && s.done) ?? false;
</script>

<template>
  <nav class="shapes" aria-label="Which shape">
    <router-link
      v-for="{ feature, name } in model.shapes.value"
      :key="feature"
      :to="`/job/${job.id}/${stage}/${feature}`"
      class="shape"
      :class="{ in: feature === model.shape.value?.feature }"
      :aria-current="feature === model.shape.value?.feature ? 'page' : undefined"
      ><span v-if="done(feature)" aria-hidden="true">✓</span>{{ name
      }}<span v-if="done(feature)" class="visually-hidden">, proved</span></router-link
    >
  </nav>
</template>

<style scoped>
.shapes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  position: absolute;
  left: 16px;
  top: 8px;
  max-width: 40%;
}
@media (max-width: 860px) {
  .shapes {
    position: static;
    max-width: none;
    padding: 8px 10px;
  }
}
.shape {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  padding: 0 18px;
  border: 1px solid var(--rule-2);
  border-radius: 22px;
  background: var(--sheet);
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
}
.in {
  border: 2px solid var(--blue);
  color: var(--blue);
}
</style>

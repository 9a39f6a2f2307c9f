<script setup lang="ts">
import type { Entry } from '@anello/contract';
import { length } from '@anello/core/figure';
import FigureText from '../../ui/FigureText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import type { Warmth } from './useWarmth';

/** How warm the piece is when it is measured, and what that is worth on this diameter. */
const props = defineProps<{ warmth: Warmth; draftKey: string }>();
const set = (next: Entry | undefined): void => props.warmth.set(next);
</script>

<template>
  <div class="warm">
    <QuantityField
      label="The piece is at, °C"
      dimension="number"
      :model-value="warmth.given.value"
      :draft-key="draftKey"
      :error="warmth.problem.value"
      @update:model-value="set"
    />
    <p v-if="warmth.growth.value !== null" class="quiet">
      {{ warmth.material.value }} this warm measures
      <FigureText :figure="length(Math.abs(warmth.growth.value), 0.001)" />
      {{ warmth.growth.value >= 0 ? 'large' : 'small' }}; it is kept as at 20 °C.
    </p>
    <p v-else class="quiet">Empty: as cool as the room, 20 °C.</p>
  </div>
</template>

<style scoped>
.warm {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
.warm > :first-child {
  min-width: 220px;
}
</style>

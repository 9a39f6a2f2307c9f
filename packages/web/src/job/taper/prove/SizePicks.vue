<script setup lang="ts">
import { useJobModel } from '../../model/useJobModel';
import type { Entry } from '@anello/contract';
import type { SizeMethod } from '@anello/core/gauging';
import MethodPicks from '../../../ui/MethodPicks.vue';
import QuantityField from '../../../ui/QuantityField.vue';
import type { SizingDesk } from './useSizing';

/** How size is found at the try, and the figures that way needs once. */
const props = defineProps<{ desk: SizingDesk }>();
const model = useJobModel();
const pick = (id: string): void => props.desk.pick(id as SizeMethod['id']);
const set = (key: string, next: Entry | undefined): void => props.desk.set(key, next);
</script>

<template>
  <div class="sizing">
    <MethodPicks
      :model-value="desk.method.value.id"
      label="How size is found"
      :methods="desk.methods.value"
      @update:model-value="pick"
    />
    <p v-if="!desk.method.value.hint" class="quiet">{{ desk.method.value.how }}</p>
    <div v-if="desk.method.value.given.length" class="given">
      <QuantityField
        v-for="one in desk.method.value.given"
        :key="`${desk.method.value.id}.${one.key}`"
        :label="one.label"
        dimension="length"
        :model-value="desk.given(one.key)"
        :draft-key="`${model.key.value}.sizing.${desk.method.value.id}.${one.key}`"
        :error="desk.errorAt(one.key)"
        @update:model-value="(next) => set(one.key, next)"
      />
    </div>
  </div>
</template>

<style scoped>
.sizing {
  display: grid;
  gap: 10px;
  width: 100%;
}
.given {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 320px));
  gap: 12px;
  align-items: start;
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { BY_HAND, type CopyForm } from './useCopyForm';
import StaleTools from '../../../ui/StaleTools.vue';
import QuantityField from '../../../ui/QuantityField.vue';

/** The boxes of one way of measuring a taper: each figure, and what it was measured with. */
const props = defineProps<{ desk: CopyForm }>();
const tools = computed(() =>
  props.desk.method.value.inputs.filter(({ exact }) => !exact).map((input) => props.desk.toolOf(input)),
);
</script>

<template>
  <section class="sheet form" aria-label="What was measured">
    <div v-for="input in desk.method.value.inputs" :key="desk.key(input)" class="one">
      <QuantityField
        :label="input.hint ? `${input.label}, ${input.hint}` : input.label"
        dimension="length"
        :model-value="desk.value(input)"
        :draft-key="`${desk.draftKey}.${desk.key(input)}`"
        :error="desk.at(input)"
        @update:model-value="(next) => desk.set(input, next)"
      />
      <p v-if="input.exact" class="quiet exact">taken as exact</p>
      <template v-else>
        <v-select
          label="Measured with"
          :items="desk.choices(input)"
          :model-value="desk.toolOf(input)"
          @update:model-value="(tool: string) => desk.setTool(input, tool)"
        />
        <QuantityField
          v-if="desk.toolOf(input) === BY_HAND"
          label="good to ±"
          dimension="length"
          :model-value="desk.plus(input)"
          :draft-key="`${desk.draftKey}.plus.${desk.key(input)}`"
          @update:model-value="(next) => desk.setPlus(input, next)"
        />
      </template>
    </div>
  </section>
  <StaleTools :names="tools" />
  <p v-if="desk.elsewhere.value" class="bad" role="alert">{{ desk.elsewhere.value }}</p>
</template>

<style scoped>
.form {
  padding: 18px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(250px, 100%), 1fr));
  gap: 16px 16px;
  align-items: start;
}
.one {
  display: grid;
  gap: 10px;
}
.exact {
  font-size: 14px;
  padding: 0 4px;
}
.bad {
  color: var(--red);
  font-weight: 600;
}
</style>

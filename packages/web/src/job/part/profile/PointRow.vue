<script setup lang="ts">
import type { FeatureDocument } from '@anello/contract';
import { RUNS, type Run } from '@anello/core/curve';
import { mdiDeleteOutline } from '@mdi/js';
import QuantityField from '../../../ui/QuantityField.vue';
import PickOne from '../../../ui/PickOne.vue';

/** One point of a profile: where it lies, and how the curve runs to it. */
type Point = Extract<FeatureDocument, { kind: 'profile' }>['points'][number];
const props = defineProps<{
  point: Point;
  /** From 0. */
  index: number;
  draftKey: string;
  /** What is wrong here, by figure. */
  errors: Readonly<Record<string, string>>;
}>();
const emit = defineEmits<{ change: [point: Point]; remove: [] }>();

const RUN_NAMES: Readonly<Record<Run, string>> = {
  line: 'straight',
  arc: 'arc of a radius',
  tangent: 'arc without a corner',
  via: 'arc through a point',
  ellipse: 'quarter ellipse',
  ogee: 'ogee',
  spline: 'smooth curve',
};
const BULGES = [
  { value: 'out', title: 'Full' },
  { value: 'in', title: 'Hollow' },
] as const;
const RUN_ITEMS = RUNS.map((value) => ({ value, title: RUN_NAMES[value] }));

/** What an arc that is not given by its radius goes through. */
const THROUGH = [
  { key: 'viaZ', label: 'Through: along', says: 'via' },
  { key: 'viaDiameter', label: 'Through: diameter', says: '' },
] as const;

function set<K extends keyof Point>(key: K, next: Point[K] | undefined): void {
  const { [key]: _old, ...rest } = props.point;
  emit('change', (next === undefined ? rest : { ...rest, [key]: next }) as Point);
}
</script>

<template>
  <div class="point">
    <QuantityField
      :label="`${index + 1}: along`"
      dimension="length"
      :model-value="point.z"
      :draft-key="`${draftKey}.z`"
      :error="errors['z']"
      @update:model-value="(next) => set('z', next)"
    />
    <QuantityField
      label="Diameter there"
      dimension="length"
      :model-value="point.diameter"
      :draft-key="`${draftKey}.d`"
      :error="errors['diameter']"
      @update:model-value="(next) => set('diameter', next)"
    />
    <div :class="{ whole: index > 0 }">
      <v-select
        v-if="index > 0"
        label="Runs to it as"
        :items="RUN_ITEMS"
        :model-value="point.run ?? 'line'"
        :error-messages="errors['run'] ?? ''"
        @update:model-value="(run: Run) => set('run', run)"
      />
      <v-btn
        :icon="mdiDeleteOutline"
        variant="text"
        :aria-label="`Take point ${index + 1} out`"
        @click="emit('remove')"
      />
    </div>
    <QuantityField
      v-if="point.run === 'arc'"
      label="Radius"
      dimension="length"
      :model-value="point.radius"
      :draft-key="`${draftKey}.r`"
      :error="errors['radius']"
      @update:model-value="(next) => set('radius', next)"
    />
    <template v-if="point.run === 'via'">
      <QuantityField
        v-for="{ key, label, says } in THROUGH"
        :key="key"
        :label="label"
        dimension="length"
        :model-value="point[key]"
        :draft-key="`${draftKey}.${key}`"
        :error="errors[says]"
        @update:model-value="(next) => set(key, next)"
      />
    </template>
    <PickOne
      v-if="point.run === 'arc' || point.run === 'ellipse'"
      :model-value="point.bulge ?? 'out'"
      :picks="BULGES"
      :label="`Point ${index + 1}: bulges`"
      @update:model-value="(bulge) => set('bulge', bulge)"
    />
  </div>
</template>

<style scoped>
.point {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(130px, 100%), 1fr));
  gap: 10px;
  align-items: start;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
/* What leads to it needs room for its words. */
.whole {
  grid-column: 1 / -1;
  display: flex;
  gap: 10px;
}
</style>

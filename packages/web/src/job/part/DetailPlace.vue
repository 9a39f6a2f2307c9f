<script setup lang="ts">
import type { FeatureDocument } from '@anello/contract';
import { featureKind } from '@anello/core/part';
import { computed } from 'vue';
import { useJob } from '../../data/stores/job';

type Detail = Extract<FeatureDocument, { at: unknown }>;

/** What a detail lies on, and at which end. */
const props = defineProps<{
  feature: Detail;
  errors: Readonly<Record<string, string>>;
  /** They only ask for what is not said yet: nothing is wrong. */
  asking: boolean;
}>();
const emit = defineEmits<{ change: [key: string, next: unknown] }>();
const job = useJob();
const detail = computed(() => featureKind(props.feature.kind).detail);
const hosts = computed(() =>
  (job.document?.features ?? [])
    .filter((f) => !featureKind(f.kind).detail)
    .map(({ id, name }) => ({ value: id, title: name })),
);
const ENDS = [
  { value: 'headstock', title: 'Headstock' },
  { value: 'tailstock', title: 'Tailstock' },
];
</script>

<template>
  <v-select
    v-if="detail?.onFeature"
    label="Lies on"
    :items="hosts"
    :model-value="feature.on ?? null"
    :messages="asking ? (errors['on'] ?? '') : ''"
    :error-messages="asking ? '' : (errors['on'] ?? '')"
    @update:model-value="(on: string) => emit('change', 'on', on)"
  />
  <v-select
    :label="detail?.end ?? 'End'"
    :items="ENDS"
    :model-value="feature.at"
    :error-messages="errors['at'] ?? ''"
    @update:model-value="(at: string) => emit('change', 'at', at)"
  />
</template>

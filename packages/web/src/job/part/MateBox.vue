<script setup lang="ts">
import type { WorkKind } from '@anello/contract';
import { useWork } from '../model/useWork';

/** What the shape in hand goes into: the sleeve, the plug, the bearing it is tried in. */
const props = defineProps<{ kind: WorkKind }>();
const { work, lay } = useWork(props.kind);
</script>

<template>
  <v-text-field
    label="Tried in"
    :model-value="work.mate"
    maxlength="80"
    autocomplete="off"
    @update:model-value="(mate: string) => lay({ mate })"
  />
</template>

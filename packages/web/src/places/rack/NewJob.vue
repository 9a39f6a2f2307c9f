<script setup lang="ts">
import type { FeatureDocument } from '@anello/contract';
import { watch } from 'vue';
import { useLeadOn } from '../../ui/useLeadOn';
import NewJobFields from './NewJobFields.vue';
import { useNewJob } from './useNewJob';

/** A new job that begins with what was looked up: its number, what it is, and on which lathe. */
const open = defineModel<boolean>({ required: true });
/** What the part starts with, and a title for it. */
const props = defineProps<{ features?: readonly FeatureDocument[]; title?: string }>();
const lead = useLeadOn();
const desk = useNewJob();

watch(open, async (isOpen) => {
  if (!isOpen) return;
  desk.form.title ||= props.title ?? '';
  await desk.prepare();
});

const add = (): Promise<void> =>
  lead(async () => {
    const row = await desk.add({ features: [...(props.features ?? [])] });
    if (!row) return null;
    open.value = false;
    return `/job/${row.id}/part`;
  });
</script>

<template>
  <v-dialog v-model="open" aria-label="New job">
    <form class="sheet form" @submit.prevent="add">
      <h2>New job</h2>
      <NewJobFields :desk="desk" autofocus />
      <div class="row">
        <v-btn class="go" type="submit" :disabled="desk.busy.value">Put it on the rack</v-btn>
        <v-btn @click="open = false">Not now</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.form {
  padding: 22px 26px;
  display: grid;
  gap: 16px;
}
.row {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
}
</style>

<script setup lang="ts">
import { newJobDocument, type FeatureDocument, type JobRow, type Rack } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { computed, reactive, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { request, ServerAway } from '../../data/api';
import { newId } from '../../data/newId';
import { useShop } from '../../data/stores/shop';

/** A new job: its number, what it is, and on which lathe. The figures follow on its Part stage. */
const open = defineModel<boolean>({ required: true });
/** What the part starts with, and a title for it, when it comes from the tables. */
const props = defineProps<{ features?: readonly FeatureDocument[]; title?: string }>();
const shop = useShop();
const router = useRouter();
const form = reactive({ id: newId(), number: '', title: '', machineId: '', quantity: '1' });
const problem = ref<{ field: string | null; sentence: string } | null>(null);
const busy = ref(false);

watch(open, async (isOpen) => {
  if (!isOpen) return;
  form.machineId ||= shop.machines[0]?.id ?? '';
  form.title ||= props.title ?? '';
  if (!form.number) form.number = await nextNumber();
});

/** One more than the highest J-number in use. */
async function nextNumber(): Promise<string> {
  try {
    const { jobs } = await request<Rack>('GET', '/api/jobs?search=J-&limit=100');
    const highest = Math.max(100, ...jobs.map((job) => Number(/^J-(\d+)$/.exec(job.number)?.[1] ?? 0)));
    return `J-${highest + 1}`;
  } catch {
    return '';
  }
}

const at = (field: string): string => (problem.value?.field === field ? problem.value.sentence : '');
const elsewhere = computed(() =>
  problem.value && !['number', 'title', 'quantity', 'machineId'].includes(problem.value.field ?? '')
    ? problem.value.sentence
    : '',
);

async function add(): Promise<void> {
  problem.value = null;
  busy.value = true;
  try {
    // Asked for before the next number had come: it is waited for, not refused.
    if (!form.number) form.number = await nextNumber();
    const { id, quantity, ...rest } = form;
    const document = {
      ...newJobDocument({ ...rest, title: rest.title.trim(), quantity: Number(quantity) }),
      features: [...(props.features ?? [])],
    };
    const row = await request<JobRow>('POST', '/api/jobs', { id, document });
    open.value = false;
    Object.assign(form, { id: newId(), number: '', title: '', quantity: '1' });
    await router.push(`/job/${row.id}/part`);
  } catch (error) {
    if (error instanceof AnelloError) problem.value = { field: error.field, sentence: error.message };
    else if (error instanceof ServerAway)
      problem.value = {
        field: null,
        sentence:
          'The server is away, so the job is not on the rack yet. What you typed stays here: try again in a moment.',
      };
    else throw error;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <v-dialog v-model="open" aria-label="New job">
    <form class="sheet form" @submit.prevent="add">
      <h2>New job</h2>
      <div class="row">
        <v-text-field
          v-model="form.number"
          class="figures-in number"
          label="Number"
          :error-messages="at('number')"
          autocomplete="off"
        />
        <v-text-field
          v-model="form.quantity"
          class="figures-in few"
          label="How many"
          inputmode="numeric"
          :error-messages="at('quantity')"
          autocomplete="off"
        />
      </div>
      <v-text-field
        v-model="form.title"
        label="What it is"
        :error-messages="at('title')"
        autofocus
        autocomplete="off"
      />
      <v-select
        v-model="form.machineId"
        label="Lathe"
        :items="shop.byName"
        :error-messages="at('machineId')"
      />
      <p v-if="elsewhere" class="elsewhere" role="alert">{{ elsewhere }}</p>
      <div class="row">
        <v-btn class="go" type="submit" :disabled="busy">Put it on the rack</v-btn>
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
.number {
  flex: 2;
}
.few {
  flex: 1;
}
.elsewhere {
  color: var(--red);
}
</style>

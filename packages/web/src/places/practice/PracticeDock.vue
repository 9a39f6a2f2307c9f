<script setup lang="ts">
import { PRACTICE_MACHINE } from '@anello/contract';
import { computed, onMounted, shallowRef } from 'vue';
import { practiceJob } from '../../data/practice/book';
import type { PracticeJob } from '../../data/practice/kept';
import { shopsOwn } from '../../data/practice/names';
import { useShop } from '../../data/stores/shop';
import BenchDock from './BenchDock.vue';

/** Fetches the practice job that is worked, and its lathe. */
const props = defineProps<{ id: string }>();
const emit = defineEmits<{ alone: [yes: boolean] }>();
const shop = useShop();
const job = shallowRef<PracticeJob | null>(null);
onMounted(async () => {
  const found = await practiceJob(props.id).catch(() => null);
  shop.practise(found?.settings ?? [], PRACTICE_MACHINE);
  job.value = found;
});
/** One of the shop's lathes is known when the shop is. */
const known = computed(
  () => job.value && (shopsOwn(job.value.row.document.machineId) === null || shop.loaded),
);
</script>

<template>
  <BenchDock v-if="job && known" :job="job" @alone="emit('alone', $event)" />
</template>

<script setup lang="ts">
import { entry, type Entry, type JobDocument, type TaperWork } from '@anello/contract';
import { ALLOWANCE_FOR, allowanceFor, type AllowanceFor } from '@anello/core/cutting';
import { exactText, length, snap } from '@anello/core/figure';
import { computed } from 'vue';
import QuantityField from '../../ui/QuantityField.vue';
import { useJobModel } from '../model/useJobModel';
import { useWork } from '../model/useWork';
import { useJob } from '../../data/stores/job';

/** What the passes are counted from: stock, depth of a roughing cut, the last stock, the allowance. */
defineProps<{ end: string }>();
const job = useJob();
const { work, edit } = useWork('taper');
const cut = computed(() => ({ ...(job.document as JobDocument).cut, ...work.value.cut }));

/** What is of this taper only; the others are of the job. */
type Own = Exclude<keyof TaperWork['cut'], 'risk'>;
type Whole = Exclude<keyof JobDocument['cut'], 'tool' | 'materialRow'>;
type Figure = Own | Whole;
const OPTIONAL: readonly Figure[] = ['stock', 'feed', 'noseRadius'];
const isOwn = (key: Figure): key is Own => key in OWN;
const OWN: Readonly<Record<Own, true>> = { stock: true, lastStock: true, allowance: true };
function set(key: Figure, next: Entry | undefined): void {
  if (isOwn(key)) edit((draft) => put(draft.cut, key, next));
  else job.edit((draft) => put(draft.cut, key, next));
}
function put<K extends Figure>(
  figures: { [P in K]?: Entry | undefined },
  key: K,
  next: Entry | undefined,
): void {
  if (next) figures[key] = next;
  else if (OPTIONAL.includes(key)) delete figures[key];
}
const FOR: Readonly<Record<AllowanceFor, string>> = {
  try: 'a try',
  ream: 'reaming',
  grind: 'grinding',
  polish: 'polish',
};
/** Stock is left on to the hundredth. */
const LEFT = 0.01;
const model = useJobModel();
const at = computed(() => model.taper.value?.task.largeDiameter ?? 2 * model.layout.value.largestRadius);
const leaveFor = (next: AllowanceFor): void =>
  set('allowance', entry(exactText(length(snap(allowanceFor(next, at.value), LEFT)))));
const FIELDS: readonly { key: Figure; label: (end: string) => string; required: boolean }[] = [
  { key: 'stock', label: (end) => `Stock at the ${end}, diameter`, required: false },
  { key: 'roughDepth', label: () => 'Deepest roughing cut, on radius', required: true },
  { key: 'lastStock', label: () => 'Last stock, on diameter, in three cuts', required: true },
  { key: 'allowance', label: () => 'Allowance kept on, on diameter', required: true },
  { key: 'feed', label: () => 'Feed per turn, under power', required: false },
  { key: 'noseRadius', label: () => 'Nose of the tool, radius', required: false },
];
</script>

<template>
  <section class="fields" aria-label="What the passes are counted from">
    <template v-for="field in FIELDS" :key="field.key">
      <QuantityField
        :label="field.label(end)"
        dimension="length"
        :model-value="cut[field.key]"
        :required="field.required"
        :draft-key="`${isOwn(field.key) ? model.key.value : job.id}.cut.${field.key}`"
        @update:model-value="(next) => set(field.key, next)"
      />
      <div v-if="field.key === 'allowance'" class="for" role="group" aria-label="Leave it on for">
        <span class="quiet">Leave it for</span>
        <button v-for="next in ALLOWANCE_FOR" :key="next" class="plain" type="button" @click="leaveFor(next)">
          {{ FOR[next] }}
        </button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  padding-top: 6px;
}
.for {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 14px;
  margin-top: -10px;
}
.for button {
  min-height: 48px;
  color: var(--blue);
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>

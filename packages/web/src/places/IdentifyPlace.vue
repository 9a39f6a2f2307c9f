<script setup lang="ts">
import { entry, type Entry } from '@anello/contract';
import {
  AnelloError,
  COPY_IDS,
  COPY_METHODS,
  copyTaper,
  exactText,
  finest,
  formatFigure,
  length,
  plainText,
  ratio,
  snap,
  type Copied,
  type CopyInput,
} from '@anello/core';
import { useSessionStorage } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import MatchTable from '../parts/MatchTable.vue';
import MethodPicks from '../parts/MethodPicks.vue';
import CopiedFigures from '../parts/CopiedFigures.vue';
import QuantityField from '../parts/QuantityField.vue';
import ShopTaperForm from '../parts/ShopTaperForm.vue';
import { useKit } from '../stores/kit';
import { usePreferences } from '../stores/preferences';

/** An old part measured one of four ways: which taper it is, and how sure that is with these instruments. */
const preferences = usePreferences();
const kit = useKit();
onMounted(() => void (kit.loaded || kit.load()));
const id = useSessionStorage<string>('anello.copy.method', COPY_IDS[0]);
const method = computed(() => COPY_METHODS.find((m) => m.id === id.value) ?? COPY_METHODS[0]!);
const given = useSessionStorage<Record<string, Entry>>('anello.copy.given', {});
/** What each figure was measured with, by the name on record; none means typed by hand. */
const tools = useSessionStorage<Record<string, string>>('anello.copy.tools', {});
/** Plus or minus where no instrument on record is used. */
const byHand = useSessionStorage<Record<string, Entry>>('anello.copy.plus', {});
const key = (input: CopyInput): string => `${id.value}.${input.key}`;

/** A workshop instrument, where none of the kind is on record, mm. */
const UNKNOWN = 0.01;
const HAND = 'by hand';
const choices = (input: CopyInput): { value: string; title: string }[] => [
  ...kit.core.instruments
    .filter((one) => one.type === input.instrument || input.instrument !== 'indicator')
    .map((one) => ({ value: one.name, title: one.name })),
  { value: HAND, title: 'another, ± typed' },
];
function toolOf(input: CopyInput): string {
  const usual = finest(kit.core.instruments, input.instrument, given.value[key(input)]?.value ?? 0);
  return tools.value[key(input)] ?? usual?.name ?? HAND;
}
function uncertaintyOf(input: CopyInput): number {
  if (input.exact) return 0;
  const tool = kit.core.instruments.find((one) => one.name === toolOf(input));
  return tool?.uncertainty ?? byHand.value[key(input)]?.value ?? UNKNOWN;
}

const complete = computed(() => method.value.inputs.every((input) => given.value[key(input)]));
const answer = computed<{ found: Copied | null; error: AnelloError | null }>(() => {
  if (!complete.value) return { found: null, error: null };
  const measured = Object.fromEntries(
    method.value.inputs.map((input) => [
      input.key,
      { value: given.value[key(input)]?.value ?? 0, uncertainty: uncertaintyOf(input) },
    ]),
  );
  try {
    return { found: copyTaper(method.value.id, measured, kit.sizes), error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { found: null, error };
    throw error;
  }
});
const at = (input: CopyInput): string | undefined =>
  answer.value.error?.field === input.key
    ? plainText(answer.value.error.phrase, preferences.units)
    : undefined;
const elsewhere = computed(() => {
  const { error } = answer.value;
  return error && !method.value.inputs.some((i) => i.key === error.field)
    ? plainText(error.phrase, preferences.units)
    : '';
});

function set(input: CopyInput, next: Entry | undefined): void {
  const { [key(input)]: _old, ...rest } = given.value;
  given.value = next ? { ...rest, [key(input)]: next } : rest;
}
const setPlus = (input: CopyInput, next: Entry | undefined): void => {
  if (next) byHand.value = { ...byHand.value, [key(input)]: next };
};
const setTool = (input: CopyInput, tool: string): void =>
  void (tools.value = { ...tools.value, [key(input)]: tool });
const weakest = computed(
  () => method.value.inputs.find((i) => i.key === answer.value.found?.taper.weakest)?.label ?? '',
);

/** A diameter is written down no finer than it was measured. */
const MEASURED = 0.001;
const saving = ref(false);
const start = computed(() => {
  const taper = answer.value.found?.taper;
  if (!taper) return {};
  const found = { ratio: entry(formatFigure(ratio(taper.ratio.value), 'mm'), 'taper') };
  if (!taper.large) return found;
  const measured = length(snap(taper.large.value, MEASURED));
  return { ...found, gaugeDiameter: entry(exactText(measured)) };
});
</script>

<template>
  <main class="page">
    <p><router-link to="/tapers" class="quiet">Tapers</router-link></p>
    <h1>Copy an old part</h1>
    <MethodPicks v-model="id" label="How it is measured" :methods="COPY_METHODS" />
    <p class="quiet intro">{{ method.how }}</p>
    <section class="sheet form" aria-label="What was measured">
      <div v-for="input in method.inputs" :key="key(input)" class="one">
        <QuantityField
          :label="input.hint ? `${input.label}, ${input.hint}` : input.label"
          dimension="length"
          :model-value="given[key(input)]"
          :draft-key="`copy.${key(input)}`"
          :error="at(input)"
          @update:model-value="(next) => set(input, next)"
        />
        <p v-if="input.exact" class="quiet exact">taken as exact</p>
        <template v-else>
          <v-select
            label="Measured with"
            :items="choices(input)"
            :model-value="toolOf(input)"
            @update:model-value="(tool: string) => setTool(input, tool)"
          />
          <QuantityField
            v-if="toolOf(input) === HAND"
            label="good to ±"
            dimension="length"
            :model-value="byHand[key(input)]"
            :draft-key="`copy.plus.${key(input)}`"
            @update:model-value="(next) => setPlus(input, next)"
          />
        </template>
      </div>
    </section>
    <p v-if="elsewhere" class="bad" role="alert">{{ elsewhere }}</p>
    <template v-if="answer.found">
      <CopiedFigures :taper="answer.found.taper" :found="answer.found.identified" :weakest="weakest" />
      <MatchTable :found="answer.found.identified" />
      <p><v-btn @click="saving = true">Save it as our own taper</v-btn></p>
      <ShopTaperForm v-model="saving" :start="start" />
    </template>
    <p v-else-if="!answer.error" class="quiet">The answer appears when all of them are given.</p>
  </main>
</template>

<style scoped>
.intro {
  max-width: 80ch;
}
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

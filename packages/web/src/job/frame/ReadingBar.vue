<script setup lang="ts">
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { AnelloError } from '@anello/core/basics';
import type { Phrase } from '@anello/core/figure';
import { parseQuantity, type ParsedQuantity } from '@anello/core/quantity';
import { computed, defineAsyncComponent, nextTick, ref, watch, type ComponentPublicInstance } from 'vue';
import { useScreen, type BarQuestion, type Tone } from '../../data/stores/screen';
import PhraseText from '../../ui/PhraseText.vue';

/** Fetched when all else is there: a figure can be typed without it. */
const InBar = defineAsyncComponent(() => import('../../instruments/InBar.vue'));
const props = defineProps<{ calm?: boolean }>();
/** Always at the bottom: type what you see, any way you like; Enter keeps it. */
const screen = useScreen();
const drafts = useHeld<Record<string, string>>(HELD.bar, {});
const input = ref<HTMLInputElement | null>(null);
const form = ref<HTMLFormElement | null>(null);
const button = ref<ComponentPublicInstance | null>(null);
const doing = ref<string | null>(null);
const failed = ref<Phrase | null>(null);

const request = computed(() => screen.bar);
/** What is to be typed, where anything is. */
const question = computed(() => (screen.bar?.asks === 'figure' ? screen.bar : null));
const text = computed({
  get: () => drafts.value[request.value?.key ?? ''] ?? '',
  set: (value: string) => {
    failed.value = null;
    if (request.value) drafts.value = { ...drafts.value, [request.value.key]: value };
  },
});

interface Remark {
  readonly phrase: Phrase;
  readonly tone: Tone;
}
/** What is typed, and what that means; what cannot be read, or cannot be, is no figure. */
const parsed = computed<{ value: ParsedQuantity | null; remark?: Remark | null | undefined }>(() => {
  if (!question.value || text.value.trim() === '') return { value: null };
  try {
    const { dimension, defaultUnit, judge } = question.value;
    const value = parseQuantity({ text: text.value, dimension, defaultUnit });
    return { value, remark: judge?.(value.value) };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return { value: null, remark: { phrase: error.phrase, tone: 'bad' } };
  }
});

const remark = computed<Remark>(() =>
  failed.value
    ? { phrase: failed.value, tone: 'bad' }
    : (parsed.value.remark ?? { phrase: [request.value?.hint ?? ''], tone: 'plain' }),
);
const offered = computed(() => {
  const action = emptyAction.value;
  return action ? `${request.value?.key}/${action.label}/${action.turn ?? ''}` : null;
});
const busy = computed(() => doing.value !== null && doing.value === offered.value);
const emptyAction = computed(() => (text.value.trim() === '' ? request.value?.empty : undefined));

watch(() => screen.focusBar, focus);
watch(
  () => screen.handed,
  (handed) => {
    if (!handed || !question.value) return;
    text.value = handed.text;
    screen.handed = null;
    void nextTick(focus);
  },
);
// Whoever is typing here stays here when the question changes, before the next key is struck.
watch(request, () => {
  if (form.value?.contains(document.activeElement)) void nextTick(focus);
});

function focus(): void {
  if (input.value) input.value.focus();
  else (button.value?.$el as HTMLElement | undefined)?.focus();
}

/** What an instrument shows, as if it were typed and kept. */
async function take(shown: string): Promise<void> {
  text.value = shown;
  await keep();
}

async function keep(): Promise<void> {
  const { value } = parsed.value;
  if (!request.value || (!value && text.value.trim() !== '')) return;
  try {
    if (value && question.value) await keepTyped(question.value, value);
    else await doOffered();
  } catch (error) {
    failed.value =
      error instanceof AnelloError
        ? error.phrase
        : [error instanceof Error ? error.message : 'That could not be kept.'];
  }
  await nextTick();
  // Not when the hand has gone elsewhere meanwhile.
  if (document.activeElement === document.body || form.value?.contains(document.activeElement)) focus();
}

/** A key held down and the second tap of two are no press of their own: they would cut the next pass, which nobody has read. */
function pressedOnce(event: KeyboardEvent | MouseEvent): void {
  const again = event instanceof KeyboardEvent ? event.repeat : event.detail > 1;
  if (again) event.preventDefault();
}

/** The box is free for the next figure at once; if keeping fails the text comes back. */
async function keepTyped(asked: BarQuestion, value: ParsedQuantity): Promise<void> {
  const typed = text.value;
  const { [asked.key]: _kept, ...rest } = drafts.value;
  drafts.value = rest;
  try {
    await asked.keep(value, typed.trim());
  } catch (error) {
    drafts.value = { ...drafts.value, [asked.key]: typed };
    throw error;
  }
}

/** What the bar offers is done once, however often Enter is struck meanwhile; the next thing it offers is another matter. */
async function doOffered(): Promise<void> {
  const mine = offered.value;
  if (busy.value || !mine || !emptyAction.value) return;
  doing.value = mine;
  try {
    await emptyAction.value.run();
  } finally {
    if (doing.value === mine) doing.value = null;
  }
}
</script>

<template>
  <form ref="form" class="bar frame" :aria-busy="busy" @keydown.enter="pressedOnce" @submit.prevent="keep">
    <template v-if="request">
      <span v-if="!question" class="ask">{{ request.label }}</span>
      <label v-else class="ask" for="reading">{{ request.label }}</label>
      <input
        v-if="question"
        id="reading"
        ref="input"
        v-model="text"
        class="fig"
        type="text"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        enterkeyhint="send"
        :aria-invalid="!parsed.value && !!parsed.remark"
        aria-describedby="reading-remark"
      />
      <v-btn
        v-if="question || emptyAction"
        ref="button"
        class="key keep"
        type="submit"
        :disabled="!parsed.value && !emptyAction"
        @click="pressedOnce"
        >{{ emptyAction?.label ?? 'Keep' }}</v-btn
      >
      <span id="reading-remark" class="remark" :class="remark.tone" aria-live="polite"
        ><PhraseText :phrase="remark.phrase"
      /></span>
    </template>
    <span v-else class="ask nothing">Nothing to read here</span>
    <InBar v-if="props.calm" :question="question" :empty="text.trim() === ''" @take="take" />
    <span class="keys" aria-hidden="true"
      ><span><kbd>B</kbd> big figures</span><span><kbd>U</kbd> other units</span
      ><span><kbd>?</kbd> keys</span></span
    >
  </form>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 64px;
  padding: 8px 18px;
  background: var(--frame);
  color: var(--frame-ink);
  flex-wrap: wrap;
}
.ask {
  font-weight: 650;
  font-size: 16px;
}
.nothing {
  font-weight: 400;
  color: var(--frame-quiet);
}
input {
  width: min(340px, 46vw);
  height: 48px;
  padding: 0 14px;
  font-size: 20px;
  border: 2px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--field);
  color: var(--ink);
}
input[aria-invalid='true'] {
  border-color: var(--red);
}
.keep {
  min-width: 92px;
}
.remark {
  flex: 1 1 240px;
  font-size: 15px;
  color: var(--frame-quiet);
}
.remark.good {
  color: #a9dfbf;
}
.remark.good::before {
  content: '✓ ';
}
.remark.warn,
.remark.bad {
  color: #f4c9a8;
}
.remark.bad::before {
  content: '△ ';
}
.keys {
  display: flex;
  gap: 14px;
  font-size: 14px;
  color: var(--frame-quiet);
}
/* What an instrument shows is worth more than what can be looked up. */
.bar:has(.take) .keys {
  display: none;
}
.bar:has(.take) input {
  width: min(230px, 46vw);
}
.bar:has(.take) .remark {
  flex-basis: 150px;
}
@media (max-width: 1340px) {
  .keys {
    display: none;
  }
}
@media (max-width: 560px) {
  .bar {
    padding: 8px 10px;
    gap: 8px;
  }
  .ask {
    flex-basis: 100%;
    font-size: 15px;
  }
  input {
    flex: 1 1 0;
    width: auto;
    min-width: 0;
  }
  .remark {
    flex-basis: 100%;
    order: 1;
  }
}
</style>

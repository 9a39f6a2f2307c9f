<script setup lang="ts">
import { HELD } from '../data/names';
import { useHeld } from '../data/useHeld';
import { AnelloError } from '@anello/core/basics';
import { exactText } from '@anello/core/figure';
import { METRIC_88 } from '@anello/core/kit';
import {
  QUICK_PHRASES,
  quickCompletions,
  quickSum,
  type QuickAnswer,
  type QuickLine,
} from '@anello/core/quick';
import { useClipboard } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import { useKit } from '../data/stores/kit';
import { useScreen } from '../data/stores/screen';
import FigureText from './FigureText.vue';

/** One line that answers at once; Enter sends the answer into the reading bar, or copies it. */
const screen = useScreen();
const kit = useKit();
const preferences = usePreferences();
const text = useHeld(HELD.quick, '');
const input = ref<HTMLInputElement | null>(null);
const picked = ref(0);
const said = ref('');
const { copy } = useClipboard({ legacy: true });

const result = computed<{ answer: QuickAnswer | null; error: string }>(() => {
  if (text.value.trim() === '') return { answer: null, error: '' };
  try {
    return {
      answer: quickSum(text.value, {
        lengthUnit: preferences.units === 'mm' ? 'mm' : 'in',
        blocks: kit.core.blocks[0]?.sizes ?? METRIC_88,
      }),
      error: '',
    };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return { answer: null, error: error.message };
  }
});
const completions = computed(() => quickCompletions(text.value));
const lines = computed(() => result.value.answer?.lines ?? []);
const line = computed<QuickLine | null>(() => lines.value[picked.value] ?? lines.value[0] ?? null);
const fits = computed(
  () =>
    line.value?.figure.quantity === 'length' &&
    screen.bar?.asks === 'figure' &&
    screen.bar.dimension === 'length',
);

watch(text, () => {
  picked.value = 0;
  said.value = '';
});
watch(
  () => screen.quickOpen,
  (open) => {
    if (!open) return;
    said.value = '';
    if (!kit.loaded) void kit.load();
  },
  { immediate: true },
);
watch([() => screen.quickOpen, input], async ([open, box]) => {
  if (!open || !box) return;
  await nextTick();
  box.focus();
  box.select();
});

async function send(): Promise<void> {
  if (!line.value) return;
  if (fits.value) {
    screen.quickOpen = false;
    screen.handed = { text: exactText(line.value.figure) };
    return;
  }
  await copy(exactText(line.value.figure));
  said.value = 'Copied.';
}

/** Tab takes the first of what the line could become. */
function complete(event: KeyboardEvent): void {
  const [first] = completions.value;
  if (!first) return;
  event.preventDefault();
  text.value = first;
}

function use(example: string): void {
  text.value = example;
  input.value?.focus();
}
</script>

<template>
  <v-dialog v-model="screen.quickOpen" aria-label="Quick sum" max-width="720" location="top" origin="top">
    <form class="sheet quick" @submit.prevent="send">
      <label for="quick">Quick sum</label>
      <input
        id="quick"
        ref="input"
        v-model="text"
        class="fig"
        type="text"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        aria-describedby="quick-answer"
        @keydown.tab.exact="complete"
        @keydown.down.prevent="picked = Math.min(lines.length - 1, picked + 1)"
        @keydown.up.prevent="picked = Math.max(0, picked - 1)"
      />
      <p v-if="completions.length" class="completions" aria-label="It could become">
        <button
          v-for="(could, index) in completions"
          :key="could"
          type="button"
          class="plain fig"
          @click="use(could)"
        >
          {{ could }}<kbd v-if="index === 0">Tab</kbd>
        </button>
      </p>
      <div id="quick-answer" aria-live="polite">
        <template v-if="result.answer">
          <p class="label">{{ result.answer.heading }}</p>
          <ul class="lines">
            <li
              v-for="(item, index) in lines"
              :key="item.label"
              :class="{ first: index === 0, on: item === line }"
            >
              <span class="what">{{ item.label }}</span>
              <FigureText :figure="item.figure" />
              <span class="quiet"
                ><FigureText v-if="item.figure.quantity === 'length'" :figure="item.figure" other
              /></span>
            </li>
          </ul>
        </template>
        <p v-else-if="result.error" class="error">{{ result.error }}</p>
        <dl v-else>
          <template v-for="phrase in QUICK_PHRASES" :key="phrase.id">
            <dt>
              <button type="button" class="plain fig" @click="use(phrase.example)">
                {{ phrase.example }}
              </button>
            </dt>
            <dd class="quiet">{{ phrase.what }}</dd>
          </template>
        </dl>
      </div>
      <p class="row">
        <v-btn class="go" type="submit" :disabled="!line">{{ fits ? 'Into the reading bar' : 'Copy' }}</v-btn>
        <v-btn @click="screen.quickOpen = false">Close</v-btn>
        <span role="status">{{ said }}</span>
      </p>
    </form>
  </v-dialog>
</template>

<style scoped>
.quick {
  padding: 18px 22px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-width: 0;
  max-height: calc(100dvh - 48px);
}
/* What it knows is longer than a small screen: the line above it and the buttons below stay. */
#quick-answer {
  min-height: 0;
  overflow-y: auto;
}
label {
  font-weight: 650;
}
input {
  flex: none;
  height: 58px;
  width: 100%;
  padding: 0 16px;
  font-size: 24px;
  border: 2px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--field);
  color: var(--ink);
}
.completions {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.completions button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  color: var(--blue);
  font-family: var(--figures);
  font-size: 15px;
}
.completions kbd {
  margin-left: 8px;
}
.lines {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
.lines li {
  display: grid;
  grid-template-columns: 1fr auto minmax(110px, auto);
  gap: 16px;
  align-items: baseline;
  padding: 6px 10px;
  border-radius: 6px;
  text-align: right;
}
.lines .what {
  text-align: left;
  color: var(--ink-2);
}
.lines .first {
  font-size: 28px;
  font-weight: 650;
}
.lines .first .what,
.lines .first .quiet {
  font-size: 16px;
  font-weight: 400;
}
.lines .on {
  background: var(--blue-wash);
}
.error {
  color: var(--red);
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 20px;
  margin: 0;
  align-items: center;
}
dt button {
  min-height: 44px;
  color: var(--blue);
}
dd {
  min-width: 0;
  margin: 4px 0;
}
.row {
  display: flex;
  gap: 12px;
  align-items: center;
}
@media (max-width: 600px) {
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
  dt button {
    white-space: normal;
    text-align: left;
  }
  dd {
    margin: 0 0 8px;
  }
  .lines li {
    grid-template-columns: 1fr auto;
    gap: 0 16px;
  }
  .lines .what {
    grid-column: 1 / -1;
  }
}
</style>

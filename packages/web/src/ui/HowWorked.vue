<script setup lang="ts">
import { formatFigure, type Working } from '@anello/core/figure';
import { nextTick, ref, watchEffect } from 'vue';
import { inTex } from './inTex';
import { usePreferences } from '../data/stores/preferences';
import { idle } from './useFetchedWhenIdle';
import PhraseText from './PhraseText.vue';

/** The formula with this job's figures in it, and the neighbouring one people confuse it with. */
const props = defineProps<{ lines: readonly Working[] }>();
const preferences = usePreferences();
const html = ref<string[]>([]);
const list = ref<HTMLElement | null>(null);
/** A formula wider than its place is scrolled, by the keys as well. */
const wide = ref<boolean[]>([]);

watchEffect(async () => {
  const tex = props.lines.map((line) =>
    line.tex.replace(/#(\d)/g, (_, n: string) =>
      inTex(formatFigure(line.figures[Number(n)]!, preferences.units)),
    ),
  );
  // The heaviest thing of the page, and the last to be read: not beside what is waited for.
  await idle();
  const { typeset } = await import('./typeset');
  html.value = tex.map(typeset);
  await nextTick();
  wide.value = [...(list.value?.querySelectorAll('.formula') ?? [])].map(
    (f) => f.scrollWidth > f.clientWidth,
  );
});
</script>

<template>
  <ul ref="list" class="worked sheet">
    <li v-for="(line, index) in lines" :key="line.tex" :class="{ confusion: line.confusion }">
      <!-- eslint-disable-next-line vue/no-v-html -- typeset by our own formula renderer from the core's formulas -->
      <span class="formula" :tabindex="wide[index] ? 0 : undefined" v-html="html[index] ?? ''" />
      <span v-if="line.note" class="note"><PhraseText :phrase="line.note" /></span>
    </li>
  </ul>
</template>

<style scoped>
.worked {
  list-style: none;
  margin: 0;
  padding: 10px 14px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}
.formula {
  display: block;
  font-size: 15px;
  overflow-x: auto;
  overflow-y: hidden;
  padding: 2px 0;
}
.note {
  display: block;
  font-size: 14px;
  color: var(--ink-2);
}
.confusion {
  border-top: 1px dashed var(--rule-2);
  padding-top: 8px;
}
.confusion .note::before {
  content: 'Not this: ';
  font-weight: 600;
  color: var(--brass);
}
</style>

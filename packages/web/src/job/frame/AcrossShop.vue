<script setup lang="ts">
import { figureParts } from '@anello/core/figure';
import { useWindowSize } from '@vueuse/core';
import { computed } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { useScreen } from '../../data/stores/screen';
import PhraseText from '../../ui/PhraseText.vue';

/** The current figure as tall as the screen allows, to be read from the other side of the shop. */
const screen = useScreen();
const preferences = usePreferences();
const { width, height } = useWindowSize();
const shown = computed(() =>
  screen.across ? figureParts(screen.across.figure, preferences.units) : { text: '–', unit: '' },
);
/** A figure of this face is about 0.6 em wide. */
const size = computed(() =>
  Math.min((width.value - 48) / (0.62 * Math.max(3, shown.value.text.length)), height.value * 0.52),
);
</script>

<template>
  <div
    class="across"
    role="dialog"
    aria-modal="true"
    aria-label="Across the shop"
    @click="screen.acrossOpen = false"
  >
    <template v-if="screen.across">
      <p class="step"><PhraseText :phrase="screen.across.step" /></p>
      <p class="figure fig" :style="{ fontSize: `${size}px` }">{{ shown.text }}</p>
      <p class="unit">
        <span v-if="shown.unit" class="fig">{{ shown.unit }}</span>
        {{ [screen.across.after, screen.across.label].filter(Boolean).join(', ') }}
      </p>
      <p v-if="screen.across.band" class="band"><PhraseText :phrase="screen.across.band" /></p>
    </template>
    <p v-else class="step">No figure to show on this stage.</p>
    <button type="button" class="plain close" autofocus @click="screen.acrossOpen = false">
      Back to the job <kbd>Esc</kbd>
    </button>
  </div>
</template>

<style scoped>
.across {
  position: fixed;
  inset: 0;
  z-index: 3000;
  background: var(--sheet);
  color: var(--ink);
  display: grid;
  grid-template-rows: auto 1fr auto auto auto;
  justify-items: center;
  align-items: center;
  padding: 24px;
  text-align: center;
  overflow: hidden;
}
.step {
  font-size: clamp(20px, 3.2vw, 40px);
  font-weight: 600;
}
.figure {
  line-height: 1;
  font-weight: 600;
}
.unit {
  font-size: clamp(20px, 3vw, 36px);
  color: var(--ink-2);
}
.band {
  font-size: clamp(22px, 3.4vw, 44px);
  color: var(--green);
  font-weight: 600;
}
.close {
  margin-top: 14px;
  min-height: 48px;
  padding: 0 16px;
  color: var(--ink-2);
}
</style>

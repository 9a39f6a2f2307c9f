<script setup lang="ts">
import { length, type Phrase } from '@anello/core/figure';
import type { StairsCard } from '@anello/core/plan';
import { computed } from 'vue';
import { useHeld } from '../../../data/useHeld';
import { HELD } from '../../../data/names';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useDialFigure } from '../../model/useDialFigure';
import { useOperation } from '../useOperation';

/** The bulk of a cone taken off by plain shoulders: the one to cut now the largest, the others in a list. */
const props = defineProps<{ card: StairsCard; feature: string | null; line: Phrase }>();
const desk = useOperation();
const at = useHeld(HELD.shoulder(desk.key.value), 0);
const now = computed(() => props.card.steps[Math.min(at.value, props.card.steps.length - 1)]);
const dial = useDialFigure();
</script>

<template>
  <article class="card sheet" aria-live="polite">
    <h2><PhraseText :phrase="line" /></h2>
    <div v-if="now" class="figures">
      <div>
        <p class="label">
          Shoulder {{ Math.min(at, card.steps.length - 1) + 1 }} of {{ card.steps.length }}: dial to
        </p>
        <p class="big"><FigureText :figure="dial(now.dial)" large /></p>
      </div>
      <div>
        <p class="label">Along from the small end</p>
        <p class="then"><FigureText :figure="length(now.along, 0.1)" /></p>
      </div>
      <div>
        <p class="label">Diameter then</p>
        <p class="then"><FigureText :figure="length(now.diameter, 0.01)" /></p>
      </div>
    </div>
    <p class="facts">
      <v-btn :disabled="at === 0" @click="at--">One back</v-btn>
      <v-btn class="go" :disabled="at >= card.steps.length - 1" @click="at++">Cut, the next</v-btn>
      <span class="quiet"
        >Touched at the small end on <FigureText :figure="length(card.from, 0.01)" />, dial at zero.</span
      >
    </p>
  </article>
</template>

<style scoped src="./card.css"></style>

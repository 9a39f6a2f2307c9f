<script setup lang="ts">
import { angle, count, length, type Figure } from '@anello/core/figure';
import type { Outcome, RunStory } from '@anello/core/practice';
import { FAULT_IDS, FAULT_KINDS, type FaultId, type Truth } from '@anello/core/virtual-lathe';
import { computed } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import RunStoryView from './RunStoryView.vue';

/** The end of a run: how it came out, and everything that was hidden in the lathe. */
const props = defineProps<{
  about: readonly FaultId[];
  outcome: Outcome;
  truth: Truth;
  story: RunStory;
  /** What was found of it, by what was said or kept. */
  found: Readonly<Partial<Record<FaultId, number>>>;
}>();
/** What a good indicator shows. */
const FINE = 0.001;
const emit = defineEmits<{ show: [step: number] }>();
const SHOWN: Readonly<Record<(typeof FAULT_KINDS)[FaultId]['quantity'], (value: number) => Figure>> = {
  length: (value) => length(value, FINE),
  angle: (value) => angle(value),
  part: (value) => count(value, 0.001),
  compliance: (value) => length(100 * value, FINE),
};
const there = computed(() => FAULT_IDS.filter((id) => props.truth.faults[id] !== FAULT_KINDS[id].none));
const isAbout = (id: FaultId): boolean => props.about.includes(id);
const said = (id: FaultId) => ({
  id,
  title: FAULT_KINDS[id].title + (FAULT_KINDS[id].quantity === 'compliance' ? ', for 100 N' : ''),
  figure: SHOWN[FAULT_KINDS[id].quantity](props.truth.faults[id]),
  why: FAULT_KINDS[id].why,
  found: props.found[id] === undefined ? null : SHOWN[FAULT_KINDS[id].quantity](props.found[id]),
});
const asked = computed(() => there.value.filter(isAbout).map(said));
const rest = computed(() => there.value.filter((id) => !isAbout(id)).map(said));
</script>

<template>
  <section class="truth sheet" aria-label="The truth">
    <p class="verdict" :class="outcome.right ? 'in' : 'out'" role="status">
      {{ outcome.right ? '✓ Right' : '✗ Not right' }}
    </p>
    <dl>
      <div v-for="line in outcome.lines" :key="line.what">
        <dt>{{ line.what }}</dt>
        <dd :class="line.inside ? 'in' : 'out'">
          <FigureText v-if="line.is" :figure="line.is" large />
          <span class="quiet"><PhraseText :phrase="line.wanted" /></span>
        </dd>
      </div>
    </dl>
    <h2>What was hidden</h2>
    <p v-if="!asked.length" class="quiet">
      Nothing of what this exercise is about: this time it was not there.
    </p>
    <ul v-else>
      <li v-for="one in asked" :key="one.id" class="about">
        <span>{{ one.title }}</span> <strong><FigureText :figure="one.figure" /></strong>
        <span v-if="one.found" class="why">you found <FigureText :figure="one.found" /></span>
        <span class="why quiet">{{ one.why }}</span>
      </li>
    </ul>
    <RunStoryView :story="story" @show="(step) => emit('show', step)" />
    <details v-if="rest.length">
      <summary>What else this lathe has: {{ rest.length }}</summary>
      <ul>
        <li v-for="one in rest" :key="one.id">
          <span>{{ one.title }}</span> <strong><FigureText :figure="one.figure" /></strong>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.truth {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.verdict {
  font-size: 30px;
  font-weight: 650;
}
.in {
  color: var(--green);
}
.out {
  color: var(--red);
}
dl {
  margin: 0;
}
dd {
  margin: 0;
  font-size: 24px;
}
h2 {
  font-size: 18px;
  font-weight: 650;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 4px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
.about {
  font-weight: 600;
}
.why {
  grid-column: 1 / -1;
  font-weight: 400;
  font-size: 15px;
}
</style>

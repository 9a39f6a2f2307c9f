<script setup lang="ts">
import type { Entry } from '@anello/contract';
import {
  AnelloError,
  angle,
  halfAngleOf,
  identifyTaper,
  length,
  plainText,
  ratio,
  taperSeries,
  type Identification,
} from '@anello/core';
import { useSessionStorage } from '@vueuse/core';
import { computed } from 'vue';
import FigureText from '../parts/FigureText.vue';
import NoticeText from '../parts/NoticeText.vue';
import QuantityField from '../parts/QuantityField.vue';
import { usePreferences } from '../stores/preferences';

/** Two diameters a known distance apart on an old part: which standard taper it is, and how sure that is. */
const preferences = usePreferences();
type Key = 'largeDiameter' | 'smallDiameter' | 'length' | 'uncertainty';
const given = useSessionStorage<Partial<Record<Key, Entry>>>('anello.identify', {});
const FIELDS: readonly { key: Key; label: string }[] = [
  { key: 'largeDiameter', label: 'Larger diameter' },
  { key: 'smallDiameter', label: 'Smaller diameter' },
  { key: 'length', label: 'Distance between them' },
  { key: 'uncertainty', label: 'Each diameter good to ±' },
];
const SHOWN = 6;

function set(key: Key, next: Entry | undefined): void {
  const { [key]: _old, ...rest } = given.value;
  given.value = next ? { ...rest, [key]: next } : rest;
}

const answer = computed<{ found: Identification | null; error: AnelloError | null }>(() => {
  const { largeDiameter, smallDiameter, length: along, uncertainty } = given.value;
  if (!largeDiameter || !smallDiameter || !along || !uncertainty) return { found: null, error: null };
  try {
    return {
      found: identifyTaper({
        largeDiameter: largeDiameter.value,
        smallDiameter: smallDiameter.value,
        length: along.value,
        uncertainty: uncertainty.value,
      }),
      error: null,
    };
  } catch (error) {
    if (error instanceof AnelloError) return { found: null, error };
    throw error;
  }
});
const at = (key: Key): string | undefined =>
  answer.value.error?.field === key ? plainText(answer.value.error.phrase, preferences.units) : undefined;
const best = computed(() => answer.value.found?.matches[0] ?? null);
const agrees = computed(() => (best.value?.score ?? Infinity) < 1.25);
</script>

<template>
  <main class="identify">
    <p><router-link to="/tapers" class="quiet">Tapers</router-link></p>
    <h1>Copy an old part</h1>
    <p class="quiet intro">
      Measure two diameters as far apart as the cone allows, and the distance between the two places. Wipe it,
      stone off the bruises, and avoid the worn end.
    </p>
    <section class="sheet form" aria-label="What was measured">
      <QuantityField
        v-for="field in FIELDS"
        :key="field.key"
        :label="field.label"
        dimension="length"
        :model-value="given[field.key]"
        :draft-key="`identify.${field.key}`"
        :error="at(field.key)"
        @update:model-value="(next) => set(field.key, next)"
      />
    </section>
    <template v-if="answer.found && best">
      <NoticeText :tone="answer.found.told && agrees ? 'good' : 'warn'">
        <strong v-if="answer.found.told && agrees">{{ best.size.name }}.</strong>
        <strong v-else-if="agrees">Most like {{ best.size.name }}, but not told from the next.</strong>
        <strong v-else
          >No standard taper agrees within what was measured; the nearest is {{ best.size.name }}.</strong
        >
        Half angle <FigureText :figure="angle(halfAngleOf(answer.found.measuredRatio))" />, ratio
        <FigureText :figure="ratio(answer.found.measuredRatio)" />.
        <template v-if="!answer.found.told && answer.found.lengthToTell && answer.found.uncertaintyToTell">
          To tell them apart, measure each diameter to ±
          <FigureText :figure="length(answer.found.uncertaintyToTell, 0.0001)" /> over this length, or take
          them <FigureText :figure="length(answer.found.lengthToTell, 1)" /> apart.
        </template>
      </NoticeText>
      <div class="scroll">
        <table class="sheet">
          <thead>
            <tr>
              <th scope="col">Taper</th>
              <th scope="col">Ratio</th>
              <th scope="col">Off over this length</th>
              <th scope="col">Place on the cone</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="match in answer.found.matches.slice(0, SHOWN)"
              :key="`${match.size.series}/${match.size.size}`"
            >
              <th scope="row">
                <router-link :to="`/tapers/${match.size.series}/${encodeURIComponent(match.size.size)}`">{{
                  match.size.name
                }}</router-link>
                <span v-if="match.size.series.startsWith('morse')" class="quiet">
                  {{ taperSeries(match.size.series).title }}
                </span>
              </th>
              <td><FigureText :figure="ratio(match.size.ratio)" /></td>
              <td><FigureText :figure="length(match.overLength, 0.001, { signed: true })" /></td>
              <td>
                <template v-if="match.outside > 0"
                  ><FigureText :figure="length(match.outside, 0.01)" /> outside it</template
                ><template v-else>fits</template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
    <p v-else-if="!answer.error" class="quiet">The answer appears when all four are given.</p>
  </main>
</template>

<style scoped>
.identify {
  padding: 16px 26px 40px;
  overflow-y: auto;
  display: grid;
  gap: 14px;
  align-content: start;
  max-width: 1100px;
}
h1 {
  font-size: 26px;
  font-weight: 650;
}
.intro {
  max-width: 76ch;
}
.form {
  padding: 18px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(230px, 100%), 1fr));
  gap: 16px 14px;
  align-items: start;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: separate;
  border-spacing: 0;
  width: 100%;
}
th,
td {
  padding: 10px 16px;
  text-align: right;
  font-weight: 400;
  border-top: 1px solid var(--rule);
}
thead th {
  border-top: 0;
  color: var(--ink-2);
  font-size: 14.5px;
}
th:first-child {
  text-align: left;
}
th a {
  font-weight: 650;
  display: inline-flex;
  min-height: 32px;
  align-items: center;
}
@media (max-width: 640px) {
  .identify {
    padding: 12px;
  }
  th,
  td {
    padding: 8px;
  }
}
</style>

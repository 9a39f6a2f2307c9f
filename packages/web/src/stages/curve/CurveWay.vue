<script setup lang="ts">
import type { CurveWayId } from '@anello/contract';
import { chatterRisk, coordinateTable, count, length, tracerTemplate, type Figure } from '@anello/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useCurve } from '../../composables/useCurve';
import { useJobModel } from '../../composables/useJobModel';
import { useStageScreen } from '../../composables/useStageScreen';
import FigureText from '../../parts/FigureText.vue';
import NoticeText from '../../parts/NoticeText.vue';
import { useJob } from '../../stores/job';

/** Three ways to a curve: a drawing to follow, steps of two handles, a tool of its shape; what each takes here. */
const job = useJob();
const router = useRouter();
const model = useJobModel();
const desk = useCurve();
interface Card {
  readonly id: CurveWayId;
  readonly title: string;
  readonly label: string;
  readonly figure: Figure;
  readonly says: string;
}
const dial = computed(
  () => model.lathe.value?.dial ?? { division: 0.02, reads: 'diameter' as const, units: 'mm' as const },
);
const WIDEST = 20;
const cards = computed<Card[]>(() => {
  const { value: pieces } = desk.pieces;
  const { value: plunge } = desk.plunge;
  const found: Card[] = [];
  if (pieces) {
    const template = tracerTemplate({
      pieces,
      member: desk.member.value,
      noseRadius: desk.length('nose'),
      stylusRadius: desk.length('stylus'),
      step: 0.25,
    });
    found.push({
      id: 'drawing',
      title: 'Follow a full-size drawing',
      label: 'Hand moves, for the carriage’s one',
      figure: count(template.steepest, 0.1),
      says: 'Quick for one or two, and good to about 0.2 mm by eye. The paper or its magnet may creep: check points are re-read half-way.',
    });
    const table = coordinateTable({
      pieces,
      member: desk.member.value,
      noseRadius: desk.length('nose'),
      ridge: Math.max(desk.length('ridge'), 0.005),
      longest: desk.length('longest'),
      along: 0.1,
      division: dial.value.division,
      reads: dial.value.reads,
      of: 'centre',
      allowance: 0,
    });
    found.push({
      id: 'steps',
      title: 'Two-handle steps',
      label: 'Steps to the table',
      figure: count(table.rows.length),
      says: `About ${Math.round(table.minutes)} minutes at a steady pace; true to the dials, then file and cloth take the ridges off.`,
    });
  }
  const width = plunge?.width ?? (pieces ? model.layout.value.length : 0);
  if (plunge || (pieces && width <= WIDEST)) {
    const diameter = Math.min(
      ...(plunge?.work.map((p) => 2 * p.r) ?? [2 * model.layout.value.largestRadius]),
    );
    const { risk, because } = chatterRisk({
      width,
      diameter: Math.max(diameter, 1),
      stickOut: desk.length('stickOut'),
    });
    found.push({
      id: 'form-tool',
      title:
        plunge && plunge.grooves.length > 1
          ? `Form tool, ${plunge.grooves.length} grooves at once`
          : 'Form tool',
      label: 'Edge that cuts at once',
      figure: length(width, 0.1),
      says: `Alike every time. Chatter risk ${risk}: ${because}.`,
    });
  }
  return found;
});
const chosen = computed(() => desk.choice.value.way ?? null);
const best = computed<CurveWayId | null>(() =>
  desk.plunge.value ? 'form-tool' : (cards.value.find((c) => c.id === 'steps')?.id ?? null),
);
function takeBest(): void {
  if (best.value) desk.choose(best.value);
}
useStageScreen({
  bar: () => {
    if (!best.value) return null;
    const base = {
      key: 'curve-way',
      noInput: true,
      dimension: 'length',
      defaultUnit: 'mm',
      keep: () => undefined,
    } as const;
    return chosen.value
      ? {
          ...base,
          label: 'The way is chosen',
          hint: 'Another can be chosen above at any time.',
          empty: { label: 'On to Set', run: () => void router.push(`/job/${job.id}/set`) },
        }
      : {
          ...base,
          label: 'Take the recommended way',
          hint: 'Or choose another above.',
          empty: { label: 'Choose it', run: () => takeBest() },
        };
  },
});
</script>

<template>
  <div class="ways">
    <NoticeText v-if="cards.length === 0" tone="warn"
      >The curve is not settled yet: its points want their figures on the Part stage.</NoticeText
    >
    <div class="cards">
      <article
        v-for="card in cards"
        :key="card.id"
        class="sheet card"
        :class="{ chosen: card.id === chosen }"
        :aria-label="card.title"
      >
        <header>
          <h2>{{ card.title }}</h2>
          <span v-if="card.id === best" class="best">recommended</span>
        </header>
        <p class="label">{{ card.label }}</p>
        <p class="big"><FigureText :figure="card.figure" large /></p>
        <p class="quiet">{{ card.says }}</p>
        <v-btn :aria-pressed="card.id === chosen" @click="desk.choose(card.id)">{{
          card.id === chosen ? 'Chosen' : 'Choose it'
        }}</v-btn>
      </article>
    </div>
  </div>
</template>

<style scoped src="../way/cards.css"></style>

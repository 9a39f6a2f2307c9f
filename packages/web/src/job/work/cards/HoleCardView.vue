<script setup lang="ts">
import { length, type Phrase } from '@anello/core/figure';
import type { HoleCard } from '@anello/core/plan';
import { computed } from 'vue';
import DrillFigure from '../../../ui/DrillFigure.vue';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useKeptEntries } from '../../model/useKeptEntries';
import KeptBox from '../../shared/KeptBox.vue';
import { useOperation } from '../useOperation';

/** A hole from the tailstock: how deep by the barrel, when it is drawn back, what is drilled first. */
const props = defineProps<{ card: HoleCard; feature: string | null; line: Phrase }>();
const desk = useOperation();
const kept = useKeptEntries(() => `barrel.${desk.key.value}`);
/** What the barrel reads when the point touches the face; the drill's cone goes in before its full diameter does. */
const touched = computed(() => kept.value('touch') ?? 0);
const toPoint = (depth: number): number => touched.value + depth + props.card.point;
const DEEP = 10;
const deep = computed(() => props.card.depth > DEEP * props.card.diameter);
</script>

<template>
  <article class="card sheet">
    <h2><PhraseText :phrase="line" /></h2>
    <div class="figures">
      <div>
        <p class="label">Barrel reads at the depth</p>
        <p class="big"><FigureText :figure="length(toPoint(card.depth), 0.1)" large /></p>
      </div>
      <div>
        <p class="label">Drill</p>
        <p class="then">⌀<DrillFigure :diameter="card.diameter" /></p>
      </div>
      <div v-if="card.pilot !== null">
        <p class="label">Pilot first</p>
        <p class="then">⌀<DrillFigure :diameter="card.pilot" /></p>
      </div>
    </div>
    <p class="facts">
      <span>Full diameter <FigureText :figure="length(card.depth, 0.1)" /> deep</span>
      <span>its point <FigureText :figure="length(card.point, 0.1)" /> further</span>
      <span v-if="card.pecks.length > 1"
        >drawn back at
        <template v-for="(peck, index) in card.pecks.slice(0, -1)" :key="peck"
          ><template v-if="index">, </template><FigureText :figure="length(toPoint(peck), 0.1)" /></template
      ></span>
    </p>
    <NoticeText v-if="deep" tone="warn"
      >More than ten diameters deep: it wanders. Drawn right out at each stop, with oil to the point; from
      both ends where the part allows it.</NoticeText
    >
    <KeptBox class="touch" :entries="kept" name="touch" label="Barrel reads when the point touches" />
  </article>
</template>

<style scoped src="./card.css"></style>
<style scoped>
.touch {
  max-width: 320px;
  margin-top: 12px;
}
</style>

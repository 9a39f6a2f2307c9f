<script setup lang="ts">
import { entry } from '@anello/contract';
import { length, type Phrase } from '@anello/core/figure';
import { plungeStops, USUAL_PLUNGE_WIDTH } from '@anello/core/cutting';
import { dialOf } from '@anello/core/machine';
import type { PlaceCard } from '@anello/core/plan';
import { computed } from 'vue';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { usePreferences } from '../../../data/stores/preferences';
import { NOTHING_TRIED, tried } from '../../model/tried';
import { useKeptEntries } from '../../model/useKeptEntries';
import { useDialFigure } from '../../model/useDialFigure';
import { useJobModel } from '../../model/useJobModel';
import KeptBox from '../../shared/KeptBox.vue';

/** A groove or a parting-off, by the carriage from the zeroed face with the tool's width in the sum. */
const props = defineProps<{ card: PlaceCard; feature: string | null; line: Phrase }>();
const { lathe } = useJobModel();
const dialFigure = useDialFigure();
const preferences = usePreferences();
/** The tool stays in its holder from one groove to the next. */
const kept = useKeptEntries('plunge-tool');
if (!kept.entry('width')) kept.set('width', entry(`${USUAL_PLUNGE_WIDTH} mm`));
const width = computed(() => kept.value('width') ?? 0);
/** A parting tool cuts its own width; a groove is plunged from side to side. */
const found = computed(() => {
  const { near, far, through } = props.card;
  return through
    ? { ...NOTHING_TRIED, found: [near] }
    : tried(() => plungeStops({ near, far, width: width.value }), preferences.units);
});
const stops = computed(() => found.value.found ?? [props.card.near]);
const dial = computed(() => {
  const reads = lathe.value?.dial.reads ?? 'diameter';
  return dialFigure(dialOf((props.card.from - props.card.bottom) / 2, reads));
});
</script>

<template>
  <article class="card sheet">
    <h2><PhraseText :phrase="line" /></h2>
    <div class="figures">
      <div>
        <p class="label">Carriage from the face, tool’s near side</p>
        <p class="big"><FigureText :figure="length(stops[0] ?? 0, 0.01)" large /></p>
      </div>
      <div v-if="stops.length > 1">
        <p class="label">Last plunge at</p>
        <p class="then"><FigureText :figure="length(stops.at(-1) ?? 0, 0.01)" /></p>
      </div>
      <div>
        <p class="label">Cross-slide in from touching</p>
        <p class="then"><FigureText :figure="dial" /></p>
      </div>
    </div>
    <p class="facts">
      <span>Bottom ⌀<FigureText :figure="length(card.bottom, 0.01)" /></span>
      <span v-if="!card.through">Width <FigureText :figure="length(card.far - card.near, 0.01)" /></span>
      <span v-if="stops.length > 1">{{ stops.length }} plunges, then along the bottom</span>
      <span class="quiet"
        >Zero the carriage with the tool’s near side, the one toward the tailstock, touching the face.</span
      >
    </p>
    <KeptBox
      class="width"
      :entries="kept"
      name="width"
      label="Width of the tool"
      :error="found.said || undefined"
    />
  </article>
</template>

<style scoped src="./card.css"></style>
<style scoped>
.width {
  max-width: 260px;
  margin-top: 12px;
}
</style>

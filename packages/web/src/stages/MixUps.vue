<script setup lang="ts">
import { coreFeatures, entry, type Entry, type FeatureDocument } from '@anello/contract';
import {
  count,
  formatFigure,
  fractionBehind,
  fractionText,
  length,
  mixUps,
  solveTaperFeature,
  AnelloError,
  type MixUp,
  type Phrase,
  type Taper,
} from '@anello/core';
import { computed } from 'vue';
import { useFeatureEdit } from '../composables/useFeatureEdit';
import { useJobModel } from '../composables/useJobModel';
import FigureText from '../parts/FigureText.vue';
import PhraseText from '../parts/PhraseText.vue';
import { useScreen } from '../stores/screen';

/** Figures that look like a rounding, or like one taken for another: what it costs, and the right one to take. */
const props = defineProps<{ feature: FeatureDocument }>();
const model = useJobModel();
const screen = useScreen();
const { setField } = useFeatureEdit(() => props.feature.id);

interface Shown {
  readonly key: string;
  readonly said: Phrase;
  readonly cost: MixUp['cost'];
  readonly where: string;
  readonly offer: string;
}
const found = computed<readonly Shown[]>(() => {
  const { feature } = props;
  if (feature.kind === 'taper' && !feature.series) return ofTaper();
  if (feature.kind === 'eccentric') return ofThrow(feature.throw?.value);
  return [];
});

function ofTaper(): Shown[] {
  const [taper] = coreFeatures([props.feature]) as [Taper];
  try {
    return mixUps(taper, solveTaperFeature(taper)).map((m) => ({
      key: m.field,
      said: m.said,
      cost: m.cost,
      where: 'on diameter at the far end of this part',
      offer: m.offer,
    }));
  } catch (error) {
    if (error instanceof AnelloError) return [];
    throw error;
  }
}

/** A throw rounded from a fraction is out twice over in the travel. */
function ofThrow(mm: number | undefined): Shown[] {
  const fraction = mm === undefined ? null : fractionBehind(mm);
  if (mm === undefined || !fraction) return [];
  const off = Math.abs(fraction.inches * 25.4 - mm);
  return [
    {
      key: 'throw',
      said: [length(mm, 0.0254, { system: 'inch' }), ` looks like ${fractionText(fraction)} rounded off.`],
      cost: length(2 * off, 0.0001),
      where: 'in the finished travel, which is twice the throw',
      offer: fractionText(fraction),
    },
  ];
}

/** The cost counted on this lathe's own dial. */
const divisions = (cost: number): string => {
  const dial = model.lathe.value?.dial;
  if (!dial) return '';
  const onDial = cost / (dial.reads === 'diameter' ? 1 : 2) / dial.division;
  return onDial < 0.05
    ? ''
    : `${formatFigure(count(onDial, onDial < 10 ? 0.1 : 1), 'mm')} divisions of the dial`;
};
const DIMENSION = { ratio: 'taper', halfAngle: 'angle' } as const;
function take(one: Shown): void {
  const before = (props.feature as unknown as Record<string, Entry | undefined>)[one.key];
  setField(one.key, entry(one.offer, DIMENSION[one.key as keyof typeof DIMENSION] ?? 'length'));
  screen.undoable = { text: `${one.offer} taken.`, run: () => setField(one.key, before) };
}
</script>

<template>
  <ul v-if="found.length" class="mixups">
    <li v-for="one in found" :key="one.key" role="status">
      <p><PhraseText :phrase="one.said" /></p>
      <p>
        It costs <strong><FigureText :figure="one.cost" /></strong> {{ one.where
        }}<template v-if="divisions(one.cost.value)">, {{ divisions(one.cost.value) }}</template
        >.
      </p>
      <v-btn @click="take(one)"
        >Use <span class="fig offer">{{ one.offer }}</span></v-btn
      >
    </li>
  </ul>
</template>

<style scoped>
.mixups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
li {
  border-left: 4px solid var(--brass-edge);
  background: var(--brass-wash);
  border-radius: 0 8px 8px 0;
  padding: 10px 14px;
  display: grid;
  gap: 6px;
  justify-items: start;
}
.offer {
  margin-left: 6px;
}
</style>

<script setup lang="ts">
import { coreFeatures, type FeatureDocument } from '@anello/contract';
import { formatFigure, type Figure } from '@anello/core/figure';
import { layoutPart } from '@anello/core/part';
import type { TaperSeries, TaperSize } from '@anello/core/taper';
import type { Sheet } from '../../files/sheet';
import PaperButton from '../../job/shared/PaperButton.vue';
import { usePreferences } from '../../data/stores/preferences';

/** A taper's card on paper: what its page shows, to hang beside the lathe. */
const props = defineProps<{
  size: TaperSize;
  series: TaperSeries;
  /** Drawn where its length is known. */
  feature: FeatureDocument | null;
  figures: readonly (readonly [string, Figure, Figure | null])[];
  grades: readonly { readonly grade: string; readonly zone: Figure }[];
  notes: readonly string[];
}>();
const preferences = usePreferences();
const said = (figure: Figure): string => formatFigure(figure, preferences.units).replaceAll('\u00a0', ' ');

async function sheets(): Promise<readonly Sheet[]> {
  const { taperCard } = await import('../../files/paper/taperCard');
  const { size, series } = props;
  return taperCard({
    number: size.name,
    title: series.title,
    facts: [series.standard],
    address: `${location.origin}/tapers/${encodeURIComponent(size.series)}/${encodeURIComponent(size.size)}`,
    layout: layoutPart(props.feature ? coreFeatures([props.feature]) : []),
    figures: props.figures.map(([label, figure, other]) => [label, said(figure), other ? said(other) : '']),
    grades: props.grades.map(({ grade, zone }) => [grade, said(zone)]),
    notes: props.notes,
    units: preferences.units,
    paper: preferences.paper,
  });
}
</script>

<template>
  <PaperButton label="Card, PDF" :title="`${series.title} ${size.name}`" :sheets="sheets" />
</template>

<script setup lang="ts">
import { featureKind, isCrossHole, isEccentric, isProfile, isTaper } from '@anello/core/part';
import { taperFigures, type FeatureDocument, type TaperDocument } from '@anello/contract';
import type { AnelloError } from '@anello/core/basics';
import { plainText } from '@anello/core/figure';
import { taperSize } from '@anello/core/taper';
import { computed, defineAsyncComponent } from 'vue';
import { useFeatureEdit } from './useFeatureEdit';
import DocumentForm from '../../ui/DocumentForm.vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';
import { fieldsOf, limitFieldsOf } from './featureFields';
import FeatureLimits from './FeatureLimits.vue';

/** One feature's figures; what is missing or disagrees is said at the field. */
/** Fetched when such a feature is there: most parts have none. */
const TaperPicker = defineAsyncComponent(() => import('../../ui/TaperPicker.vue'));
const ProfilePoints = defineAsyncComponent(() => import('./profile/ProfilePoints.vue'));
const GroovesEditor = defineAsyncComponent(() => import('./GroovesEditor.vue'));
const DetailPlace = defineAsyncComponent(() => import('./DetailPlace.vue'));
const props = defineProps<{ feature: FeatureDocument; problem: AnelloError | null }>();
const job = useJob();
const preferences = usePreferences();
const kit = useKit();
const fields = computed(() => fieldsOf(props.feature.kind));
const sentence = computed(() => (props.problem ? plainText(props.problem.phrase, preferences.units) : ''));
const problemAt = computed<Record<string, string>>(() =>
  props.problem?.field ? { [props.problem.field]: sentence.value } : {},
);
const problemHere = computed(() =>
  props.problem?.field ? { field: props.problem.field, sentence: sentence.value } : null,
);
const unplaced = computed(() => {
  const field = props.problem?.field ?? '';
  const atPoint = isProfile(props.feature) && AT_POINT.test(field);
  const boxes = [
    ...fields.value.map((f) => f.key),
    ...limitFieldsOf(props.feature).map((f) => f.key),
    ...PLACES,
  ];
  return props.problem && !atPoint && !boxes.includes(field) ? sentence.value : '';
});
/** Said where a detail's place is chosen. */
const PLACES = ['on', 'at'];
/** Said at the point itself. */
const AT_POINT = /^points\.\d+\.(z|diameter|radius|run|via)$/;

const { change, setField } = useFeatureEdit(() => props.feature.id);

const chosenSeries = computed(() => {
  const taper = props.feature as TaperDocument;
  return taper.series ? `${taper.series.series}/${taper.series.size}` : null;
});

/** Takes a size from the table: its ratio, its place and its length; the drawing may change any of them after. */
function useSize(key: string | null): void {
  if (!key) return;
  const [series = '', size = ''] = key.split(/\/(.*)/s);
  const row = series === 'shop' ? kit.sizes.find((one) => one.size === size) : taperSize(series, size);
  if (!row) return;
  change((feature) => {
    for (const stale of ['largeDiameter', 'smallDiameter', 'halfAngle', 'gaugeDiameter', 'beyondGauge'])
      delete feature[stale];
    Object.assign(feature, { name: row.name }, taperFigures(row, props.feature.side));
  });
}

function setSide(side: 'external' | 'internal'): void {
  change((feature) => {
    feature['side'] = side;
    if (side === 'internal') feature['from'] ??= 'tailstock';
    else delete feature['from'];
    // A hole's fit is none of a shaft.
    delete feature['fit'];
  });
}

const ENDS = [
  { value: 'headstock', title: 'Headstock' },
  { value: 'tailstock', title: 'Tailstock' },
];
</script>

<template>
  <section class="editor sheet" :aria-label="`Figures of ${feature.name}`">
    <div class="grid">
      <v-text-field
        class="wide"
        label="Name"
        :model-value="feature.name"
        :error-messages="feature.name.trim() ? '' : 'Give it a name.'"
        autocomplete="off"
        @update:model-value="(name: string) => change((f) => (f['name'] = name))"
      />
      <div v-if="isTaper(feature)" class="wide picker">
        <TaperPicker
          :model-value="chosenSeries"
          placeholder="or type any figures that settle it"
          @update:model-value="useSize"
        />
      </div>
      <v-select
        v-if="featureKind(feature.kind).sides.length > 1"
        label="Outside or inside"
        :items="[
          { value: 'external', title: 'Outside' },
          { value: 'internal', title: 'Inside' },
        ]"
        :model-value="feature.side"
        @update:model-value="setSide"
      />
      <v-select
        v-if="isTaper(feature)"
        label="Large end toward"
        :items="ENDS"
        :model-value="feature.largeEnd"
        @update:model-value="(end: string) => change((f) => (f['largeEnd'] = end))"
      />
      <v-select
        v-if="feature.side === 'internal'"
        label="Sunk from the face at"
        :items="ENDS"
        :model-value="feature.from ?? 'tailstock'"
        @update:model-value="(end: string) => change((f) => (f['from'] = end))"
      />
      <DetailPlace
        v-if="'at' in feature"
        :feature="feature"
        :errors="problemAt"
        :asking="problem?.code === 'underdetermined'"
        @change="(key, next) => setField(key, next)"
      />
      <v-text-field
        v-if="'designation' in feature || isCrossHole(feature)"
        :label="isCrossHole(feature) ? 'Thread, where it is tapped' : 'Designation'"
        :model-value="feature.designation ?? ''"
        autocomplete="off"
        @update:model-value="(text: string) => change((f) => (f['designation'] = text))"
      />
      <DocumentForm
        :object="feature"
        :fields="fields"
        :draft-key="`${job.id}.${feature.id}`"
        :errors="problemAt"
        :asking="problem?.code === 'underdetermined'"
        @change="setField"
      />
      <GroovesEditor
        v-if="isEccentric(feature)"
        :model-value="feature.grooves ?? []"
        :draft-key="`${job.id}.${feature.id}`"
        @update:model-value="(grooves) => change((f) => (f['grooves'] = grooves))"
      />
    </div>
    <template v-if="isProfile(feature)">
      <ProfilePoints
        :feature="feature"
        :draft-key="`${job.id}.${feature.id}`"
        :problem="problemHere"
        @change="(points) => change((f) => (f['points'] = points))"
      />
    </template>
    <FeatureLimits
      v-if="!('at' in feature)"
      :feature="feature"
      :errors="problemAt"
      @change="(key, next) => setField(key, next)"
    />
    <p v-if="unplaced" class="unplaced" role="alert">{{ unplaced }}</p>
  </section>
</template>

<style scoped>
.editor {
  padding: 16px;
  display: grid;
  gap: 12px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 12px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
/* It is fetched: what stands under it has its place before. */
.picker {
  min-height: 48px;
}
.unplaced {
  color: var(--brass);
  font-weight: 600;
}
@media (max-width: 420px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiDeleteOutline, mdiPlus } from '@mdi/js';
import { plainText } from '@anello/core/figure';
import {
  chiefOf,
  detailSummary,
  FEATURE_KINDS,
  featureKind,
  isDetail,
  type FeatureKind,
} from '@anello/core/part';
import { coreFeatures, type FeatureDocument, type JobDocument } from '@anello/contract';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import { useStageScreen } from '../model/useStageScreen';
import { newId } from '../../data/newId';
import { drawn } from '../../drawing/dimensions';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { useScreen } from '../../data/stores/screen';
import FeatureEditor from './FeatureEditor.vue';
import { newFeature } from './featureFields';
import { useJobKind, viewOf } from '../model/kind';
import JobSheet from './JobSheet.vue';
import ShapeSheet from './ShapeSheet.vue';
import MixUps from './MixUps.vue';
import TaperFigures from './TaperFigures.vue';

/** The part as an ordered list of features along the axis, each with its figures. */
const job = useJob();
const screen = useScreen();
const model = useJobModel();
const jobKind = useJobKind();
const preferences = usePreferences();
const features = computed(() => job.document?.features ?? []);
const selected = computed(
  () =>
    features.value.find((f) => f.id === screen.selectedFeature) ??
    features.value.find((f) => f.id === model.shape.value?.feature) ??
    chiefOf(features.value),
);
const offered = (detail: boolean) =>
  FEATURE_KINDS.filter((value) => (featureKind(value).detail !== undefined) === detail).map((value) => ({
    value,
    title: featureKind(value).name,
  }));
const ALONG = offered(false);
const DETAILS = offered(true);

useStageScreen({});

function pick(id: string): void {
  screen.selectedFeature = id;
}

function add(kind: FeatureKind): void {
  const id = newId();
  job.edit((draft) => void draft.features.push(newFeature(kind, id, featureKind(kind).name, selected.value)));
  pick(id);
}

function move(index: number, by: -1 | 1): void {
  job.edit((draft) => {
    const [taken] = draft.features.splice(index, 1);
    if (taken) draft.features.splice(index + by, 0, taken);
  });
}

function remove(index: number): void {
  const feature = features.value[index];
  if (!feature) return;
  const before = features.value[index - 1]?.id;
  job.edit((draft) => void draft.features.splice(index, 1));
  screen.selectedFeature = null;
  job.offerBack(`${feature.name} taken out of the list.`, () =>
    job.edit((draft: JobDocument) => {
      // Behind what it stood behind: others may have been moved since.
      const at = draft.features.findIndex(({ id }) => id === before) + 1;
      if (!draft.features.some(({ id }) => id === feature.id)) draft.features.splice(at, 0, feature);
    }),
  );
}

/** Where it lies, before what it is. */
function lies(feature: FeatureDocument): string {
  if (feature.side === 'internal') return 'inside, ';
  const host = 'on' in feature ? features.value.find((f) => f.id === feature.on) : undefined;
  return host ? `on ${host.name}, ` : '';
}

/** A feature's size in a few characters: what tells it from its neighbour. */
function size(id: string): string {
  const [feature] = coreFeatures(features.value.filter((f) => f.id === id));
  if (feature && isDetail(feature))
    return plainText(detailSummary(feature), preferences.units) || 'figures missing';
  const section = model.layout.value.sections.find((s) => s.id === id);
  if (!section || section.ghost) return 'figures missing';
  const radii = section.points.map((p) => p.r);
  const [least, most] = [Math.min(...radii), Math.max(...radii)];
  const across =
    most - least < 1e-9 || least === 0
      ? drawn(2 * most, preferences.units)
      : `${drawn(2 * most, preferences.units)} – ${drawn(2 * least, preferences.units)}`;
  return `⌀${across} × ${drawn(section.z1 - section.z0, preferences.units)}`;
}
</script>

<template>
  <div class="part">
    <section class="list" aria-label="Features along the axis">
      <ol>
        <li
          v-for="(feature, index) in features"
          :key="feature.id"
          :class="{
            picked: feature.id === selected?.id,
            inner: feature.side === 'internal' || 'at' in feature,
          }"
        >
          <button
            type="button"
            class="plain row"
            :aria-pressed="feature.id === selected?.id"
            @click="pick(feature.id)"
          >
            <span class="name">{{ feature.name }}</span>
            <span class="what quiet"
              >{{ lies(feature) }}{{ featureKind(feature.kind).name.toLowerCase() }}</span
            >
            <span class="fig size" :class="{ lacking: model.layout.value.problems.has(feature.id) }">{{
              size(feature.id)
            }}</span>
          </button>
          <template v-if="feature.id === selected?.id">
            <v-btn
              :icon="mdiArrowUp"
              variant="text"
              :aria-label="`${feature.name} nearer the headstock`"
              :disabled="index === 0"
              @click="move(index, -1)"
            />
            <v-btn
              :icon="mdiArrowDown"
              variant="text"
              :aria-label="`${feature.name} nearer the tailstock`"
              :disabled="index === features.length - 1"
              @click="move(index, 1)"
            />
            <v-btn
              :icon="mdiDeleteOutline"
              variant="text"
              :aria-label="`Take ${feature.name} out`"
              @click="remove(index)"
            />
          </template>
        </li>
      </ol>
      <p v-if="features.length === 0" class="quiet start">
        Build the part from the headstock end: a cylinder, then what follows it. A Morse shank needs only its
        size.
      </p>
      <v-menu>
        <template #activator="{ props: activator }">
          <v-btn v-bind="activator" :prepend-icon="mdiPlus" class="add">Add a feature</v-btn>
        </template>
        <v-list>
          <v-list-subheader>Along the axis</v-list-subheader>
          <v-list-item v-for="kind in ALONG" :key="kind.value" :title="kind.title" @click="add(kind.value)" />
          <template v-if="features.length > 0">
            <v-list-subheader>On what is there</v-list-subheader>
            <v-list-item
              v-for="kind in DETAILS"
              :key="kind.value"
              :title="kind.title"
              @click="add(kind.value)"
            />
          </template>
        </v-list>
      </v-menu>
    </section>
    <FeatureEditor
      v-if="selected"
      :key="selected.id"
      :feature="selected"
      :problem="model.layout.value.problems.get(selected.id) ?? null"
      class="editor"
    />
    <aside class="side">
      <MixUps v-if="selected && !model.layout.value.problems.has(selected.id)" :feature="selected" />
      <component :is="viewOf(jobKind.figures)" v-if="jobKind.figures" />
      <TaperFigures v-if="model.taper.value" :taper="model.taper.value" />
      <ShapeSheet />
      <JobSheet />
    </aside>
  </div>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: minmax(290px, 1fr) minmax(320px, 1.25fr) minmax(280px, 0.95fr);
  gap: 18px;
  padding: 16px 18px 28px;
  align-items: start;
}
ol {
  list-style: none;
  margin: 0 0 12px;
  padding: 0;
  border: 1px solid var(--rule);
  border-radius: 10px;
  overflow: hidden;
  background: var(--sheet);
}
ol:empty {
  display: none;
}
ol li {
  display: flex;
  align-items: center;
  border-left: 5px solid transparent;
}
ol li + li {
  border-top: 1px solid var(--rule);
}
.inner .row {
  padding-left: 26px;
}
.picked {
  background: var(--blue-wash);
  border-left-color: var(--blue);
}
.row {
  flex: 1;
  min-height: 52px;
  padding: 6px 12px;
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 0 10px;
  min-width: 0;
}
.name {
  font-weight: 600;
}
.what {
  grid-row: 2;
  font-size: 14px;
}
.size {
  grid-row: 1 / span 2;
  grid-column: 2;
  font-size: 14px;
  color: var(--ink-2);
}
.picked .size {
  display: none;
}
.lacking {
  color: var(--brass);
  font-weight: 600;
}
.start {
  margin-bottom: 14px;
  max-width: 36ch;
}
/* A long list scrolls by; what is picked in it stays before the eye. */
.editor {
  position: sticky;
  top: calc(var(--low) + 66px);
}
.side {
  display: grid;
  gap: 16px;
}
.list :deep(.v-btn--icon) {
  min-width: 44px;
  border-radius: 6px;
}
@media (max-width: 1180px) {
  .part {
    grid-template-columns: minmax(260px, 1fr) minmax(300px, 1.3fr);
  }
  .side {
    grid-column: 1 / -1;
    grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  }
}
@media (max-width: 680px) {
  .part {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
  .editor {
    position: static;
  }
  .side {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

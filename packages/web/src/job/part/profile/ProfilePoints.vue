<script setup lang="ts">
import { HELD } from '../../../data/names';
import { useHeld } from '../../../data/useHeld';
import { coreFeatures, entry, MOST_POINTS, type Entry, type FeatureDocument } from '@anello/contract';
import {
  reversedShape,
  SHAPES,
  standardShape,
  type CurvePoint,
  type StandardShape,
} from '@anello/core/curve';
import { exactText, length, snap } from '@anello/core/figure';
import { profileCurve, shapePoints, isProfile } from '@anello/core/part';
import { mdiPlus, mdiRedo, mdiSwapHorizontal, mdiUndo } from '@mdi/js';
import { computed, nextTick, onUnmounted, watchEffect } from 'vue';
import { usePages } from '../../../ui/usePages';
import { useShapeHistory } from './useShapeHistory';
import CurveDrawing from '../../../drawing/CurveDrawing.vue';
import { tried } from '../../model/tried';
import NoticeText from '../../../ui/NoticeText.vue';
import PagePicks from '../../../ui/PagePicks.vue';
import type { ReadPoint } from '../../../files/read/readProfile';
import { useScreen } from '../../../data/stores/screen';
import PointRow from './PointRow.vue';
import ProfileFiles from './ProfileFiles.vue';

/** A profile point by point: how the curve runs to each, its figures, handles on the drawing, and shapes to start from. */
type Points = Extract<FeatureDocument, { kind: 'profile' }>['points'];
type Point = Points[number];
const props = defineProps<{
  feature: Extract<FeatureDocument, { kind: 'profile' }>;
  draftKey: string;
  /** What is wrong with the curve, at `points.<index>.<figure>`. */
  problem: { readonly field: string; readonly sentence: string } | null;
}>();
const emit = defineEmits<{ change: [points: Points] }>();

const SHAPE_NAMES: Readonly<Record<StandardShape, string>> = {
  ball: 'Ball on a neck',
  'ball-end': 'Ball end',
  'ogee-handle': 'Ogee handle',
  'bell-mouth': 'Bell mouth',
  fillet: 'Fillet',
  cove: 'Cove',
  torus: 'Torus ring',
};
const SHAPE_ITEMS = SHAPES.map((value) => ({ value, title: SHAPE_NAMES[value] }));

const points = computed(() => props.feature.points);
const history = useShapeHistory<Points>(
  () => points.value,
  (next) => emit('change', next),
);
/** The boxes are made anew when their figures come from elsewhere than them; over a reload they are the same, with what was typed. */
const version = useHeld(HELD.points(props.draftKey), 0);
function replace(next: Points, pull?: number): void {
  history.put(next, pull);
  version.value++;
}
function step(by: 'undo' | 'redo'): void {
  history[by]();
  version.value++;
}
const change = (index: number, point: Point): void =>
  history.put(points.value.map((p, i) => (i === index ? point : p)));
/** Finer than this nothing here is set, mm. */
const FINE = 1e-4;
const mm = (value: number): Entry => entry(exactText(length(snap(value, FINE))));
/** A point of a shape or a file as it stands in the document. */
const asPoint = (p: ReadPoint): Point => ({
  z: mm(p.z),
  diameter: mm(p.diameter),
  ...(p.run ? { run: p.run } : {}),
  ...(p.radius ? { radius: mm(p.radius) } : {}),
  ...(p.bulge ? { bulge: p.bulge } : {}),
  ...(p.via ? { viaZ: mm(p.via.z), viaDiameter: mm(2 * p.via.r) } : {}),
});
/** No nearer the headstock than the point before, nor further than the one after. */
function placed(index: number, to: CurvePoint): Pick<Point, 'z' | 'diameter'> {
  const least = points.value[index - 1]?.z?.value ?? 0;
  const most = points.value[index + 1]?.z?.value ?? Infinity;
  return { z: mm(Math.min(most, Math.max(least, to.z))), diameter: mm(2 * to.r) };
}
function isWhole(points: Points): boolean {
  const [core] = coreFeatures([{ ...props.feature, points }]);
  return isProfile(core) && tried(() => profileCurve(core), 'mm').found !== null;
}
function move(index: number, to: CurvePoint, pull: number): void {
  const next = points.value.map((p, i) => (i === index ? { ...p, ...placed(index, to) } : p));
  // A pull never breaks a curve that was whole: it stops at the last place that can be turned.
  if (pieces.value.length > 0 && !isWhole(next)) return;
  replace(next, pull);
}
function add(): void {
  history.put([...points.value, {}]);
  void nextTick(() => pages.show(points.value.length - 1));
}
const remove = (index: number): void => replace(points.value.filter((_, i) => i !== index));
function start(shape: StandardShape): void {
  const values = points.value.flatMap((p) => (p.diameter ? [p.diameter.value] : []));
  const long = Math.max(0, ...points.value.map((p) => p.z?.value ?? 0)) || 40;
  const size = {
    diameter: Math.max(20, ...values),
    endDiameter: values[0] && values[0] < Math.max(20, ...values) ? values[0] : 12,
    length: long,
  };
  replace(standardShape(shape, size).map((p) => asPoint({ ...p, diameter: 2 * p.r })));
}

/** The same curve with its other end at the headstock. */
function turnRound(): void {
  const [core] = coreFeatures([props.feature]);
  if (!isProfile(core)) return;
  replace(reversedShape(shapePoints(core)).map((p) => asPoint({ ...p, diameter: 2 * p.r })));
}

/** A file's points in place of these; undo brings the old ones back. */
function takeIn(read: readonly ReadPoint[]): void {
  replace(read.map(asPoint));
  pages.show(0);
}

const pieces = computed(() => {
  const [core] = coreFeatures([props.feature]);
  return isProfile(core) ? (tried(() => profileCurve(core), 'mm').found ?? []) : [];
});
/** More boxes than this at once are slow, and nobody finds anything among them. */
const PER_PAGE = 12;
const pages = usePages(() => points.value.length, PER_PAGE);
const shown = computed(() => points.value.slice(pages.first.value, pages.end.value));
const handles = computed(() =>
  shown.value.map((p) => ({ z: p.z?.value ?? 0, r: (p.diameter?.value ?? 0) / 2 })),
);
const screen = useScreen();
watchEffect(
  () =>
    (screen.handles = {
      feature: props.feature.id,
      points: handles.value,
      first: pages.first.value,
      move,
    }),
);
onUnmounted(() => (screen.handles = null));
/** Shows the points about a place of the drawing. */
function showAt(z: number): void {
  const away = points.value.map((p) => Math.abs((p.z?.value ?? Infinity) - z));
  pages.show(away.indexOf(Math.min(...away)));
}
/** The point something is wrong at, from 0. */
const wrongAt = computed(() => {
  const found = /^points\.(\d+)\./.exec(props.problem?.field ?? '');
  return found ? Number(found[1]) : null;
});
const wrongElsewhere = computed(
  () => wrongAt.value !== null && (wrongAt.value < pages.first.value || wrongAt.value >= pages.end.value),
);
const errorsOf = (index: number): Readonly<Record<string, string>> =>
  wrongAt.value === index && props.problem
    ? { [props.problem.field.split('.')[2] as string]: props.problem.sentence }
    : {};
</script>

<template>
  <div class="tools">
    <v-select
      label="Start from a shape"
      :items="SHAPE_ITEMS"
      :model-value="null"
      @update:model-value="(shape: unknown) => start(shape as StandardShape)"
    />
    <v-btn :prepend-icon="mdiUndo" :disabled="!history.canUndo.value" @click="step('undo')">Undo</v-btn>
    <v-btn :prepend-icon="mdiRedo" :disabled="!history.canRedo.value" @click="step('redo')">Redo</v-btn>
    <v-btn :prepend-icon="mdiSwapHorizontal" :disabled="pieces.length === 0" @click="turnRound"
      >End for end</v-btn
    >
  </div>
  <CurveDrawing
    v-if="pieces.length"
    :pieces="pieces"
    :member="feature.side"
    :points="handles"
    :first="pages.first.value"
    label="The curve; its points can be moved"
    @move="move"
    @show="showAt"
  />
  <PagePicks v-if="pages.many.value" :pages="pages" :count="points.length" what="Points" one="point" />
  <NoticeText v-if="problem && wrongAt !== null && wrongElsewhere" tone="bad">
    Point {{ wrongAt + 1 }}: {{ problem.sentence }}
    <v-btn @click="pages.show(wrongAt)">Show it</v-btn>
  </NoticeText>
  <PointRow
    v-for="(point, i) in shown"
    :key="`${version}.${pages.first.value + i}`"
    :point="point"
    :index="pages.first.value + i"
    :draft-key="`${draftKey}.${version}.${pages.first.value + i}`"
    :errors="errorsOf(pages.first.value + i)"
    @change="(next) => change(pages.first.value + i, next)"
    @remove="remove(pages.first.value + i)"
  />
  <v-btn :prepend-icon="mdiPlus" :disabled="points.length >= MOST_POINTS" @click="add">Add a point</v-btn>
  <ProfileFiles :name="feature.name" :pieces="pieces" @taken="takeIn" />
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.tools .v-select {
  min-width: 200px;
}
</style>

<script setup lang="ts">
import { coreFeatures, entry, type Entry, type FeatureDocument } from '@anello/contract';
import {
  exactText,
  length,
  profileCurve,
  reversedShape,
  RUNS,
  shapePoints,
  SHAPES,
  snap,
  standardShape,
  type CurvePoint,
  type Run,
  type StandardShape,
} from '@anello/core';
import { mdiDeleteOutline, mdiPlus, mdiRedo, mdiSwapHorizontal, mdiUndo } from '@mdi/js';
import { computed, onUnmounted, ref, watchEffect } from 'vue';
import CurveDrawing from '../../drawing/CurveDrawing.vue';
import { tried } from '../../lib/tried';
import QuantityField from '../../parts/QuantityField.vue';
import type { ReadPoint } from '../../profiles/readProfile';
import { useScreen } from '../../stores/screen';
import ProfileFiles from './ProfileFiles.vue';

/** A profile point by point: how the curve runs to each, its figures, handles on the drawing, and shapes to start from. */
type Points = Extract<FeatureDocument, { kind: 'profile' }>['points'];
type Point = Points[number];
const props = defineProps<{
  feature: Extract<FeatureDocument, { kind: 'profile' }>;
  draftKey: string;
  errorAt: (field: string) => string | undefined;
}>();
const emit = defineEmits<{ change: [points: Points] }>();
const points = computed(() => props.feature.points);

const RUN_NAMES: Readonly<Record<Run, string>> = {
  line: 'straight',
  arc: 'arc of a radius',
  tangent: 'arc without a corner',
  via: 'arc through a point',
  ellipse: 'quarter ellipse',
  ogee: 'ogee',
  spline: 'smooth curve',
};
const RUN_ITEMS = RUNS.map((value) => ({ value, title: RUN_NAMES[value] }));
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

/** What can be taken back, and what can be done again. */
const past = ref<Points[]>([]);
const ahead = ref<Points[]>([]);
const version = ref(0);
function put(next: Points, remember = true): void {
  if (remember) {
    past.value = [...past.value, points.value].slice(-60);
    ahead.value = [];
  }
  emit('change', next);
}
function undo(): void {
  const before = past.value.at(-1);
  if (!before) return;
  past.value = past.value.slice(0, -1);
  ahead.value = [...ahead.value, points.value];
  version.value++;
  emit('change', before);
}
function redo(): void {
  const next = ahead.value.at(-1);
  if (!next) return;
  ahead.value = ahead.value.slice(0, -1);
  past.value = [...past.value, points.value];
  version.value++;
  emit('change', next);
}

function set<K extends keyof Point>(index: number, key: K, next: Point[K] | undefined): void {
  put(
    points.value.map((p, i) => {
      if (i !== index) return p;
      const { [key]: _old, ...rest } = p;
      return (next === undefined ? rest : { ...rest, [key]: next }) as Point;
    }),
  );
}
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
  return core?.kind === 'profile' && tried(() => profileCurve(core), 'mm').found !== null;
}
/** One pull at a handle is one thing to take back, however many steps it went through, ms. */
const ONE_PULL = 700;
let pulled = { index: -1, at: 0 };
function move(index: number, to: CurvePoint): void {
  const next = points.value.map((p, i) => (i === index ? { ...p, ...placed(index, to) } : p));
  // A pull never breaks a curve that was whole: it stops at the last place that can be turned.
  if (pieces.value.length > 0 && !isWhole(next)) return;
  const now = performance.now();
  const sameOne = pulled.index === index && now - pulled.at < ONE_PULL;
  pulled = { index, at: now };
  put(next, !sameOne);
  version.value++;
}
const add = (): void => put([...points.value, {}]);
const remove = (index: number): void => {
  put(points.value.filter((_, i) => i !== index));
  version.value++;
};
function start(shape: StandardShape): void {
  const values = points.value.flatMap((p) => (p.diameter ? [p.diameter.value] : []));
  const long = Math.max(0, ...points.value.map((p) => p.z?.value ?? 0)) || 40;
  const size = {
    diameter: Math.max(20, ...values),
    endDiameter: values[0] && values[0] < Math.max(20, ...values) ? values[0] : 12,
    length: long,
  };
  put(standardShape(shape, size).map((p) => asPoint({ ...p, diameter: 2 * p.r })));
  version.value++;
}

/** The same curve with its other end at the headstock. */
function turnRound(): void {
  const [core] = coreFeatures([props.feature]);
  if (core?.kind !== 'profile') return;
  put(reversedShape(shapePoints(core)).map((p) => asPoint({ ...p, diameter: 2 * p.r })));
  version.value++;
}

/** A file's points in place of these; undo brings the old ones back. */
function takeIn(read: readonly ReadPoint[]): void {
  put(read.map(asPoint));
  version.value++;
}

const pieces = computed(() => {
  const [core] = coreFeatures([props.feature]);
  return core?.kind === 'profile' ? (tried(() => profileCurve(core), 'mm').found ?? []) : [];
});
const handles = computed(() =>
  points.value.map((p) => ({ z: p.z?.value ?? 0, r: (p.diameter?.value ?? 0) / 2 })),
);
const screen = useScreen();
watchEffect(() => (screen.handles = { feature: props.feature.id, points: handles.value, move }));
onUnmounted(() => (screen.handles = null));
const bends = (p: Point): boolean => p.run === 'arc' || p.run === 'ellipse';
const boxKey = (index: number, name: string): string => `${props.draftKey}.${version.value}.${index}.${name}`;
</script>

<template>
  <div class="tools">
    <v-select
      label="Start from a shape"
      :items="SHAPE_ITEMS"
      :model-value="null"
      @update:model-value="(shape: unknown) => start(shape as StandardShape)"
    />
    <v-btn :prepend-icon="mdiUndo" :disabled="past.length === 0" @click="undo">Undo</v-btn>
    <v-btn :prepend-icon="mdiRedo" :disabled="ahead.length === 0" @click="redo">Redo</v-btn>
    <v-btn :prepend-icon="mdiSwapHorizontal" :disabled="pieces.length === 0" @click="turnRound"
      >End for end</v-btn
    >
  </div>
  <CurveDrawing
    v-if="pieces.length"
    :pieces="pieces"
    :member="feature.side"
    :points="handles"
    label="The curve; its points can be moved"
    @move="move"
  />
  <div v-for="(point, index) in points" :key="`${version}.${index}`" class="point">
    <QuantityField
      :label="`${index + 1}: along`"
      dimension="length"
      :model-value="point.z"
      :draft-key="boxKey(index, 'z')"
      :error="errorAt(`points.${index}.z`)"
      @update:model-value="(next) => set(index, 'z', next)"
    />
    <QuantityField
      label="Diameter there"
      dimension="length"
      :model-value="point.diameter"
      :draft-key="boxKey(index, 'd')"
      :error="errorAt(`points.${index}.diameter`)"
      @update:model-value="(next) => set(index, 'diameter', next)"
    />
    <v-select
      v-if="index > 0"
      label="Runs to it as"
      :items="RUN_ITEMS"
      :model-value="point.run ?? 'line'"
      :error-messages="errorAt(`points.${index}.run`) ?? ''"
      @update:model-value="(run: Run) => set(index, 'run', run)"
    />
    <QuantityField
      v-if="point.run === 'arc'"
      label="Radius"
      dimension="length"
      :model-value="point.radius"
      :draft-key="boxKey(index, 'r')"
      :error="errorAt(`points.${index}.radius`)"
      @update:model-value="(next) => set(index, 'radius', next)"
    />
    <template v-if="point.run === 'via'">
      <QuantityField
        label="Through: along"
        dimension="length"
        :model-value="point.viaZ"
        :draft-key="boxKey(index, 'vz')"
        :error="errorAt(`points.${index}.via`)"
        @update:model-value="(next) => set(index, 'viaZ', next)"
      />
      <QuantityField
        label="Through: diameter"
        dimension="length"
        :model-value="point.viaDiameter"
        :draft-key="boxKey(index, 'vd')"
        @update:model-value="(next) => set(index, 'viaDiameter', next)"
      />
    </template>
    <v-btn-toggle
      v-if="bends(point)"
      :model-value="point.bulge ?? 'out'"
      mandatory
      :aria-label="`Point ${index + 1}: bulges`"
    >
      <v-btn value="out" @click="set(index, 'bulge', 'out')">Full</v-btn>
      <v-btn value="in" @click="set(index, 'bulge', 'in')">Hollow</v-btn>
    </v-btn-toggle>
    <v-btn
      :icon="mdiDeleteOutline"
      variant="text"
      :aria-label="`Take point ${index + 1} out`"
      @click="remove(index)"
    />
  </div>
  <v-btn :prepend-icon="mdiPlus" @click="add">Add a point</v-btn>
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
.point {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(130px, 100%), 1fr));
  gap: 10px;
  align-items: start;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
</style>

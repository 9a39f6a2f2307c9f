<script setup lang="ts">
import { taperFigures, type FeatureDocument } from '@anello/contract';
import { angle, degrees, length, perFoot, ratio, type Figure } from '@anello/core/figure';
import {
  coneAngleTolerance,
  GRADES,
  halfAngleOf,
  selfHolding,
  type TaperSeries,
  type TaperSize,
} from '@anello/core/taper';
import { computed, ref } from 'vue';
import PartThumb from '../../drawing/PartThumb.vue';
import FigureText from '../../ui/FigureText.vue';
import NewJob from '../rack/NewJob.vue';
import NoticeText from '../../ui/NoticeText.vue';
import TaperPaper from './TaperPaper.vue';
import ShopTaperForm from './ShopTaperForm.vue';
import { useKit } from '../../data/stores/kit';

/** One size: to scale, its figures in both systems, what it holds by, its tolerance by grade. */
const props = defineProps<{ size: TaperSize; series: TaperSeries }>();
const making = ref(false);
const editing = ref(false);
const kit = useKit();
/** The saved row behind one of the shop's own, to change it. */
const own = computed(() =>
  props.size.series === 'shop' ? kit.tapers.find((t) => t.id === props.size.size) : undefined,
);

const halfAngle = computed(() => halfAngleOf(props.size.ratio));
const small = computed(() => {
  const { gaugeDiameter, length: along, ratio: r } = props.size;
  return gaugeDiameter !== null && along !== null
    ? gaugeDiameter - along * r
    : (props.size.small?.value ?? null);
});
const feature = computed<FeatureDocument>(() => ({
  id: 'taper',
  name: props.size.name,
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  ...taperFigures(props.size, 'external'),
}));
const complete = computed(() => props.size.length !== null);
const FINE = 0.0001;
const FINE_INCH = 0.00254;
const lengths = computed<readonly (readonly [string, number])[]>(() => {
  const { gaugeDiameter, beyondGauge, length: along, small: printed } = props.size;
  const rows: [string, number | null][] = [
    ['Gauge line, diameter', gaugeDiameter],
    ['Small end, worked out', small.value],
    ['Small end, as printed', printed && printed.rounding > 0 ? printed.value : null],
    ['Gauge line to small end', along],
    ['Cone past the gauge line', beyondGauge > 0 ? beyondGauge : null],
  ];
  return rows.filter((row): row is [string, number] => row[1] !== null);
});
const inMm = (value: number): Figure => ({ ...length(value, FINE), system: 'mm' });
const inInches = (value: number): Figure => ({ ...length(value, FINE_INCH), system: 'inch' });

const holding = computed(() => selfHolding({ halfAngle: halfAngle.value }));
const HOLDS = {
  'self-holding': 'Self-holding: pressed home it stays, and wants a drift or a drawbar to let go.',
  'self-releasing': 'Self-releasing: it lets go when the drawbar does. Never spin it without one.',
  borderline: 'On the border of self-holding: oil or a knock decides. Do not trust it without a drawbar.',
} as const;
const grades = computed(() => {
  const along = props.size.length;
  if (along === null || along < 6 || along > 630) return [];
  return GRADES.map((grade) => ({ grade, zone: coneAngleTolerance({ grade, length: along }) * along }));
});
/** What is set first, then the lengths. */
const onPaper = computed<readonly (readonly [string, Figure, Figure | null])[]>(() => [
  ['Half angle', angle(halfAngle.value), degrees(halfAngle.value)],
  ['Ratio on diameter', ratio(props.size.ratio), perFoot(props.size.ratio)],
  ...lengths.value.map(([label, value]) => [label, inMm(value), inInches(value)] as const),
]);
</script>

<template>
  <section class="sheet-side" :aria-label="size.name">
    <header>
      <div>
        <h1>{{ size.name }}</h1>
        <p class="quiet">{{ series.title }} · {{ series.standard }}</p>
      </div>
      <v-btn v-if="own" @click="editing = true">Change it</v-btn>
      <v-btn class="go" @click="making = true">Use in a job</v-btn>
    </header>
    <div v-if="complete" class="sheet drawing"><PartThumb :features="[feature]" /></div>
    <div class="sheet angles">
      <div>
        <p class="label">Half angle</p>
        <p class="big"><FigureText :figure="angle(halfAngle)" /></p>
        <p class="quiet"><FigureText :figure="degrees(halfAngle)" /></p>
      </div>
      <div>
        <p class="label">Ratio on diameter</p>
        <p class="mid"><FigureText :figure="ratio(size.ratio)" /></p>
        <p class="quiet"><FigureText :figure="perFoot(size.ratio)" /></p>
      </div>
      <div>
        <p class="label">Included</p>
        <p class="mid"><FigureText :figure="angle(2 * halfAngle)" /></p>
        <p class="quiet">never on a half-angle scale</p>
      </div>
    </div>
    <table v-if="lengths.length" class="sheet">
      <tbody>
        <tr v-for="[label, value] in lengths" :key="label">
          <th scope="row">{{ label }}</th>
          <td><FigureText :figure="inMm(value)" /></td>
          <td><FigureText :figure="inInches(value)" /></td>
        </tr>
        <tr v-if="size.thread">
          <th scope="row">Usual thread</th>
          <td colspan="2" class="fig">{{ size.thread }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!complete" class="quiet">The table gives no length for this one: the drawing does.</p>
    <NoticeText v-if="series.note" tone="warn">{{ series.note }}</NoticeText>
    <p>{{ own?.document.use || series.use }}</p>
    <NoticeText :tone="holding.holds === 'self-holding' ? 'good' : 'warn'"
      >{{ HOLDS[holding.holds] }} Friction angle <FigureText :figure="angle(holding.frictionAngle)" /> for
      clean, oiled steel.</NoticeText
    >
    <div v-if="grades.length" class="sheet grades">
      <p class="label">Cone within, on diameter over its length, by grade</p>
      <dl>
        <div v-for="{ grade, zone } in grades" :key="grade">
          <dt>{{ grade }}</dt>
          <dd><FigureText :figure="length(zone, 0.0001)" /></dd>
        </div>
      </dl>
    </div>
    <TaperPaper
      :size="size"
      :series="series"
      :feature="complete ? feature : null"
      :figures="onPaper"
      :grades="grades.map(({ grade, zone }) => ({ grade: `${grade}`, zone: length(zone, 0.0001) }))"
      :notes="
        [series.note, own?.document.use || series.use, HOLDS[holding.holds]].flatMap((one) =>
          one ? [one] : [],
        )
      "
    />
    <ShopTaperForm v-if="own" v-model="editing" :row="own" />
    <NewJob v-model="making" :features="[feature]" :title="size.name" />
  </section>
</template>

<style scoped>
.sheet-side {
  padding: 20px 26px 32px;
  overflow-y: auto;
  display: grid;
  gap: 12px;
  align-content: start;
  background: var(--paper-2);
  border-left: 1px solid var(--rule);
}
header {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: start;
}
header > div {
  margin-right: auto;
}
h1 {
  font-size: 24px;
  font-weight: 650;
}
.drawing {
  padding: 12px;
}
.angles {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 44px;
  padding: 12px 18px;
}
.big {
  font-size: 38px;
  font-weight: 650;
  line-height: 1.15;
}
.mid {
  font-size: 25px;
  font-weight: 600;
  line-height: 1.75;
}
table {
  border-collapse: separate;
  border-spacing: 0;
  width: 100%;
}
th,
td {
  padding: 8px 16px;
  text-align: right;
  font-weight: 400;
}
th {
  text-align: left;
  color: var(--ink-2);
}
tr + tr th,
tr + tr td {
  border-top: 1px solid var(--rule);
}
.grades {
  padding: 12px 16px;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin: 6px 0 0;
}
dt {
  color: var(--ink-2);
  font-size: 14px;
}
dd {
  margin: 0;
}
@media (max-width: 860px) {
  .sheet-side {
    border-left: 0;
    overflow: visible;
    padding: 14px 12px;
  }
}
</style>

<script setup lang="ts">
import { length } from '@anello/core/figure';
import { swingOf, type Swing } from '@anello/core/instrument';
import { onScopeDispose, ref, shallowRef, watch } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { useInUse } from '../../data/wire/inUse';
import { useWire } from '../../data/wire/wire';
import { figureText } from '../../instruments/figureText';
import FigureText from '../../ui/FigureText.vue';

/** The needle while the spindle is turned by hand: its high and its low are caught, and what lies between them. */
const props = defineProps<{
  resolution: number;
  /** The whole swing that is wanted, and by how much it may be out. */
  wanted: number;
  within: number;
  /** What the reading now would be kept as; nothing where it is not asked for. */
  next: string | null;
}>();
const emit = defineEmits<{ take: [text: string]; caught: [high: string, low: string] }>();
const wire = useWire();
const inUse = useInUse();
const preferences = usePreferences();
const NONE: Swing = { high: null, low: null, whole: null, turns: 0 };
const swing = shallowRef<Swing>(NONE);
const since = ref(wire.now());
/** A slow turn by hand. */
const TURN = 40;

const { off } = wire.onReading(({ axis, moment }) => {
  if (axis !== inUse.idOf('reading')) return;
  const seen = inUse.since('reading', Math.max(since.value, moment.time - TURN)).map(({ value }) => value);
  swing.value = swingOf(seen, 2 * props.resolution);
});
onScopeDispose(off);
watch(
  () => inUse.idOf('reading'),
  () => begin(),
);
function begin(): void {
  since.value = wire.now();
  swing.value = NONE;
}
const text = (value: number): string => figureText(value, false, preferences.units);
function take(): void {
  if (inUse.reading !== null) emit('take', text(inUse.reading));
}
function caught(): void {
  const { high, low } = swing.value;
  if (high !== null && low !== null) emit('caught', text(high), text(low));
}
const inside = (whole: number): boolean => Math.abs(whole - props.wanted) <= props.within;
</script>

<template>
  <section v-if="inUse.reading !== null" class="swing" aria-label="The needle now">
    <p class="now">
      <span class="label">The needle now</span>
      <span class="big"><FigureText :figure="length(inUse.reading, resolution)" large /></span>
    </p>
    <p v-if="swing.whole !== null" class="whole" :class="inside(swing.whole) ? 'in' : 'out'">
      <span class="label"
        >It swings, from <FigureText :figure="length(swing.low!, resolution, { bare: true })" /> to
        <FigureText :figure="length(swing.high!, resolution)"
      /></span>
      <span class="big"
        ><span aria-hidden="true">{{ inside(swing.whole) ? '✓' : swing.whole > wanted ? '▲' : '▼' }}</span
        ><FigureText :figure="length(swing.whole, resolution)" large
      /></span>
    </p>
    <p v-else class="whole quiet">
      Turn it once round by hand: its high and its low are caught.
      <span v-if="swing.high !== null"> High <FigureText :figure="length(swing.high, resolution)" />.</span>
      <span v-if="swing.low !== null"> Low <FigureText :figure="length(swing.low, resolution)" />.</span>
    </p>
    <div class="do">
      <v-btn v-if="next" class="go" @click="take">{{ next }}: take it</v-btn>
      <v-btn v-if="swing.whole !== null" @click="caught">Take high and low</v-btn>
      <v-btn @click="begin">Catch anew</v-btn>
    </div>
  </section>
</template>

<style scoped>
.swing {
  border: 1.5px solid var(--rule-2);
  border-radius: var(--radius);
  padding: 8px 16px;
  display: grid;
  grid-template-columns: minmax(150px, auto) minmax(0, 1fr);
  gap: 6px 28px;
  align-items: start;
}
.big {
  display: block;
  font-size: 36px;
  line-height: 1.1;
  white-space: nowrap;
}
.in .big {
  color: var(--green);
}
.out .big {
  color: var(--brass);
}
.do {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>

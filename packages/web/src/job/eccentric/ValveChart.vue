<script setup lang="ts">
import { valveAt, type ValveGear, type ValveMotion } from '@anello/core/eccentric';
import { angle, formatFigure } from '@anello/core/figure';
import { useRafFn } from '@vueuse/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed, ref } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { drawn } from '../../drawing/dimensions';

/** Valve against crank over one turn, with the ports' events; crank and eccentric beside it, moving together. */
const props = defineProps<{ gear: ValveGear; motion: ValveMotion }>();
const preferences = usePreferences();
/** Whoever asks the browser for little movement has it turned when they say so. */
const still = window.matchMedia?.('(prefers-reduced-motion: reduce)').matches ?? false;
const W = 560;
const H = 210;
const M = { left: 46, right: 12, top: 14, bottom: 30 };
const TURN = 2 * Math.PI;
const STEPS = 180;

const x = scaleLinear()
  .domain([0, TURN])
  .range([M.left, W - M.right]);
const y = computed(() =>
  scaleLinear()
    .domain([-1.15 * props.gear.throw, 1.15 * props.gear.throw])
    .range([H - M.bottom, M.top]),
);
const path = computed(() => {
  const points = Array.from({ length: STEPS + 1 }, (_, i) => (i * TURN) / STEPS);
  return (
    line<number>()
      .x((t) => x(t))
      .y((t) => y.value(valveAt(props.gear, props.motion.advance, t)))(points) ?? ''
  );
});
const EVENTS = [
  { key: 'opening', title: 'opens' },
  { key: 'cutOff', title: 'cut-off' },
  { key: 'release', title: 'release' },
  { key: 'compression', title: 'compression' },
] as const;
const events = computed(() =>
  EVENTS.map(({ key, title }) => {
    const at = props.motion.events[key];
    return {
      key,
      title,
      at: x(((at % TURN) + TURN) % TURN),
      seen: y.value(valveAt(props.gear, props.motion.advance, at)),
      words: formatFigure(angle(at), preferences.units),
    };
  }),
);

const crank = ref(0);
const SECONDS = 6;
const { isActive, pause, resume } = useRafFn(
  ({ delta }) => (crank.value = (crank.value + (delta / 1000 / SECONDS) * TURN) % TURN),
  {
    immediate: !still,
  },
);
const R = 62;
const C = 84;
const sign = computed(() => (props.gear.turns === 'anticlockwise' ? -1 : 1));
/** Dead centre lies to the right; angles as the shaft is looked at. */
const point = (turned: number, r: number): { x: number; y: number } => ({
  x: C + r * Math.cos(turned),
  y: C + sign.value * r * Math.sin(turned),
});
const pin = computed(() => point(crank.value, R));
const sheave = computed(() => point(crank.value + props.motion.fromCrank, R * 0.4));
const now = computed(() => ({
  x: x(crank.value),
  y: y.value(valveAt(props.gear, props.motion.advance, crank.value)),
}));
</script>

<template>
  <figure class="chart">
    <svg
      viewBox="0 0 168 168"
      class="wheel"
      role="img"
      aria-label="Crank and eccentric, seen along the shaft"
    >
      <circle :cx="C" :cy="C" :r="R" class="ring" />
      <line :x1="C" :y1="C" :x2="pin.x" :y2="pin.y" class="crank" />
      <circle :cx="pin.x" :cy="pin.y" r="7" class="pin" />
      <circle :cx="sheave.x" :cy="sheave.y" r="28" class="sheave" />
      <circle :cx="C" :cy="C" r="6" class="shaft" />
    </svg>
    <svg :viewBox="`0 0 ${W} ${H}`" class="curve" role="img" aria-label="Valve against crank over one turn">
      <rect
        :x="M.left"
        :y="y(1.15 * gear.throw)"
        :width="W - M.left - M.right"
        :height="y(gear.lap) - y(1.15 * gear.throw)"
        class="steam"
      />
      <rect
        :x="M.left"
        :y="y(-gear.exhaustLap)"
        :width="W - M.left - M.right"
        :height="y(-1.15 * gear.throw) - y(-gear.exhaustLap)"
        class="exhaust"
      />
      <line :x1="M.left" :x2="W - M.right" :y1="y(0)" :y2="y(0)" class="zero" />
      <path :d="path" class="valve" />
      <g v-for="(event, index) in events" :key="event.key">
        <circle :cx="event.at" :cy="event.seen" r="5" class="event" />
        <text
          :x="Math.min(W - 60, Math.max(60, event.at))"
          :y="index < 2 ? event.seen - 9 : event.seen + 19"
          text-anchor="middle"
        >
          {{ event.title }}
        </text>
      </g>
      <circle :cx="now.x" :cy="now.y" r="6" class="now" />
      <text :x="M.left - 6" :y="y(gear.lap) + 4" text-anchor="end">
        {{ drawn(gear.lap, preferences.units) }}
      </text>
      <text
        v-for="deg in [0, 90, 180, 270, 360]"
        :key="deg"
        :x="x((deg * Math.PI) / 180)"
        :y="H - 8"
        text-anchor="middle"
      >
        {{ deg }}°
      </text>
    </svg>
    <figcaption>
      <v-btn :aria-pressed="isActive" @click="isActive ? pause() : resume()">{{
        isActive ? 'Stand still' : 'Turn'
      }}</v-btn>
      <span v-for="event in events" :key="event.key"
        ><strong>{{ event.title }}</strong> {{ event.words }}</span
      >
    </figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
  width: 100%;
}
.wheel {
  width: 168px;
}
.curve {
  flex: 1 1 420px;
  min-width: 0;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  align-items: center;
  width: 100%;
}
.ring {
  fill: none;
  stroke: var(--rule-2);
}
.crank {
  stroke: var(--ink);
  stroke-width: 7;
}
.pin {
  fill: var(--brass-edge);
}
.sheave {
  fill: var(--blue-wash);
  stroke: var(--blue);
  stroke-width: 2;
  fill-opacity: 0.85;
}
.shaft {
  fill: var(--ink);
}
.steam {
  fill: var(--blue-wash);
}
.exhaust {
  fill: var(--metal);
  opacity: 0.35;
}
.zero {
  stroke: var(--centre);
  stroke-dasharray: 10 4 2 4;
}
.valve {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2.4;
}
.event {
  fill: var(--ink);
}
.now {
  fill: var(--brass-edge);
}
text {
  font-family: var(--words);
  font-size: 13.5px;
  fill: var(--ink);
}
</style>

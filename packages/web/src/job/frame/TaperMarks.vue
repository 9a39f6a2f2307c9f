<script setup lang="ts">
import { formatFigure, length } from '@anello/core/figure';
import type { PartTaper } from '@anello/core/part';
import { computed } from 'vue';
import { CONTACT_BANDS } from '../../drawing/contactBands';
import { usePreferences } from '../../data/stores/preferences';
import type { StripMarks } from '../../data/stores/screen';
import { drawn } from '../../drawing/dimensions';
import type { Place } from '../../drawing/outlinePath';

/** What a stage draws on the cone: stations, stock still on, where it touches, how far it stands off. */
const props = defineProps<{
  taper: {
    z0: number;
    z1: number;
    solved: PartTaper;
    internal: boolean;
    largeEnd: 'headstock' | 'tailstock';
  };
  marks: StripMarks;
  place: Place;
  centre: number;
  tall: number;
  along: number;
}>();
const preferences = usePreferences();

const slope = computed(
  () => (props.taper.largeEnd === 'headstock' ? -1 : 1) * (props.taper.solved.ratio / 2),
);
const radiusAt = (z: number): number => {
  const { solved, z0, z1, largeEnd } = props.taper;
  return solved.largeDiameter / 2 + slope.value * (largeEnd === 'headstock' ? z - z0 : z - z1);
};

/** The cone as it would be with the stock still on it: the same slope, larger outside or smaller inside. */
const stock = computed(() => {
  const over = props.marks.stockOver;
  if (over === undefined || over <= 0) return null;
  const { z0, z1, internal } = props.taper;
  const shift = (internal ? -1 : 1) * (over / 2);
  const line = (side: 1 | -1): string =>
    `M${props.place.x(z0)} ${props.place.y(radiusAt(z0) + shift, side)}L${props.place.x(z1)} ${props.place.y(radiusAt(z1) + shift, side)}`;
  return line(1) + line(-1);
});

/** The shoulders or steps that take the bulk off, as one stepped line on each side. */
const stairs = computed(() => {
  const { stairs: steps } = props.marks;
  if (!steps?.length) return null;
  const { z0, z1, internal, largeEnd } = props.taper;
  // Outside the tool comes in at the small end, inside at the mouth, which is the large end.
  const fromLeft = (largeEnd === 'headstock') === internal;
  const z = (along: number): number => (fromLeft ? z0 + along : z1 - along);
  const line = (side: 1 | -1): string => {
    const at = (along: number, d: number): string =>
      `${props.place.x(z(along))} ${props.place.y(d / 2, side)}`;
    return steps
      .map((s, i) => {
        const next = steps[i + 1];
        return `${i === 0 ? 'M' : 'L'}${at(s.along, s.diameter)}L${at(next ? next.along : 0, s.diameter)}`;
      })
      .join('');
  };
  return line(1) + line(-1);
});

const bands = computed(() => {
  if (!props.marks.contact) return [];
  const { z0, z1, largeEnd } = props.taper;
  const at = (t: number): number => (largeEnd === 'headstock' ? z0 + t * (z1 - z0) : z1 - t * (z1 - z0));
  return CONTACT_BANDS[props.marks.contact].map(([a, b]) => {
    const [from, to] = [at(a), at(b)];
    const p = (z: number, side: 1 | -1): string => `${props.place.x(z)} ${props.place.y(radiusAt(z), side)}`;
    return props.taper.internal
      ? `M${p(from, 1)}L${p(to, 1)}M${p(from, -1)}L${p(to, -1)}`
      : `M${p(from, 1)}L${p(to, 1)}L${p(to, -1)}L${p(from, -1)}Z`;
  });
});

/** Where the gauge line lies, and where the mate stands now. */
const standOff = computed(() => {
  const off = props.marks.standOff;
  if (off === undefined) return null;
  const { z0, z1, solved, largeEnd, internal } = props.taper;
  const line = largeEnd === 'headstock' ? z0 + solved.beyondGauge : z1 - solved.beyondGauge;
  // A sleeve stops short of the line toward the small end; a plug stands out of the mouth.
  const toward = (largeEnd === 'headstock' ? 1 : -1) * (internal ? -1 : 1);
  const mate = line + toward * off;
  return {
    line: props.place.x(line),
    mate: props.place.x(mate),
    text: `${formatFigure(length(Math.abs(off), 0.01), preferences.units)} ${off >= 0 ? 'to the line' : 'past the line'}`,
  };
});
const label = (travel: number): string => drawn(travel, preferences.units);
/** A figure with its tick takes this much, px: where stations lie nearer only the next has its own. */
const FIGURE = 44;
const roomy = computed(() => {
  const at = (props.marks.stations ?? []).map(({ z }) => props.place.x(z)).sort((a, b) => a - b);
  return at.every((x, i) => i === 0 || x - (at[i - 1] as number) >= FIGURE);
});
</script>

<template>
  <g class="marks">
    <path v-if="stock" :d="stock" class="stock" />
    <path v-if="stairs" :d="stairs" class="stairs" />
    <path
      v-for="(band, index) in bands"
      :key="index"
      :d="band"
      class="contact"
      :class="{ line: taper.internal }"
    />
    <g v-for="station in marks.stations ?? []" :key="station.z" class="station" :class="station.state">
      <line :x1="place.x(station.z)" :x2="place.x(station.z)" y1="20" :y2="centre - tall / 2 - 2" />
      <path
        v-if="station.state === 'next'"
        :d="`M${place.x(station.z) - 7} ${centre - tall / 2 - 10}h14l-7 12Z`"
        class="next-mark"
      />
      <text v-if="roomy || station.state === 'next'" :x="place.x(station.z)" y="15" text-anchor="middle"
        >{{ label(station.travel) }}{{ station.state === 'read' ? ' ✓' : '' }}</text
      >
    </g>
    <g v-if="standOff" class="off">
      <line
        :x1="standOff.line"
        :x2="standOff.line"
        :y1="centre - tall / 2 - 16"
        :y2="centre + tall / 2 + 4"
      />
      <line
        :x1="standOff.mate"
        :x2="standOff.mate"
        :y1="centre - tall / 2 - 16"
        :y2="centre + tall / 2 + 4"
        class="mate"
      />
      <text :x="Math.max(standOff.mate, standOff.line) + 8" :y="centre - tall / 2 - 6">{{
        standOff.text
      }}</text>
    </g>
  </g>
</template>

<style scoped>
.marks {
  pointer-events: none;
}
.stock {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 1.6;
  stroke-dasharray: 7 4;
}
.stairs {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 1.4;
}
.contact {
  fill: var(--blue);
  opacity: 0.75;
  stroke: none;
}
.contact.line {
  fill: none;
  stroke: var(--blue);
  stroke-width: 6;
}
.station line {
  stroke: var(--blue);
  stroke-width: 1.2;
}
.next-mark {
  fill: var(--brass-edge);
}
text {
  font-family: var(--figures);
  font-size: 13.5px;
  fill: var(--blue);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.station.next text {
  font-weight: 700;
  fill: var(--brass);
}
.off line {
  stroke: var(--blue);
  stroke-width: 1.6;
}
.off .mate {
  stroke: var(--brass-edge);
  stroke-width: 2.4;
}
.off text {
  fill: var(--brass);
  font-weight: 650;
}
</style>

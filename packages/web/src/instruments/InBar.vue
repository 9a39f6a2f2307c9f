<script setup lang="ts">
import { sideOfLimits } from '@anello/core/fit';
import { mdiGauge } from '@mdi/js';
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import type { BarQuestion } from '../data/stores/screen';
import { SPACE, useInUse } from '../data/wire/inUse';
import { useWire } from '../data/wire/wire';
import { useClick } from '../ui/useClick';
import { figureText } from './figureText';
import NeedleFace from './NeedleFace.vue';
import { shownBy } from './shown';
import { useTaking } from './useTaking';
import { useWedge } from './useWedge';

/** In the reading bar: what the instrument in use shows now, to be taken by a press, a key, a foot switch or by its rest. */
const props = defineProps<{
  question: BarQuestion | null;
  /** Nothing is typed. */
  empty: boolean;
}>();
const emit = defineEmits<{ take: [text: string] }>();
const InstrumentPanel = defineAsyncComponent(() => import('./InstrumentPanel.vue'));
const preferences = usePreferences();
const wire = useWire();
const inUse = useInUse();
const click = useClick();
const open = ref(false);
/** Fetched when it is first opened. */
const opened = ref(false);
onMounted(wire.open);

const axis = computed(() => inUse.axisOf('reading'));
const suits = computed(
  () => props.question !== null && (props.question.dimension === 'angle') === (axis.value?.angle ?? false),
);
const { takeNow, resting } = useTaking(
  () => suits.value && props.empty && !open.value,
  (figure) => {
    if (inUse.chosen.tick) click();
    emit('take', figureText(figure, axis.value?.angle ?? false, preferences.units));
  },
);
useWedge(
  () => props.question !== null && props.empty && !open.value,
  (text) => emit('take', text),
);
const band = computed(() => (suits.value && props.question?.band) || null);
const shown = computed(() => {
  const { reading } = inUse;
  return reading === null || !axis.value ? null : shownBy(axis.value, reading, preferences.units);
});
const MARKS = { over: '▲', under: '▼', inside: '✓' } as const;
/** Which side of the band, by shape. */
const side = computed(() => {
  const { reading } = inUse;
  if (!band.value || reading === null) return '';
  const { low: least, high: most } = band.value;
  return MARKS[sideOfLimits(reading, { least, most })];
});
const keyName = computed(() => (inUse.chosen.key === SPACE ? 'space' : inUse.chosen.key));
function show(): void {
  opened.value = true;
  open.value = true;
}
</script>

<template>
  <div class="live">
    <button
      v-if="shown !== null"
      type="button"
      class="plain take"
      :class="{ good: side === '✓', off: side !== '' && side !== '✓' }"
      :disabled="!suits || !empty"
      :aria-label="`Take ${shown} from ${axis?.id}`"
      @click="takeNow"
    >
      <NeedleFace class="face" :value="inUse.reading!" :band="band" />
      <span class="value fig"
        ><span v-if="side" class="side">{{ side }}</span
        >{{ shown }}</span
      >
      <span class="by">{{ resting > 0 ? 'coming to rest' : keyName }}</span>
      <span class="rest" :style="{ transform: `scaleX(${resting})` }" />
    </button>
    <p v-else-if="axis?.gone" class="gone" role="status">△ {{ axis.id }} is silent: type it</p>
    <v-btn class="pick" :icon="mdiGauge" aria-label="Instruments" @click="show" />
    <InstrumentPanel v-if="opened" v-model="open" />
  </div>
</template>

<style scoped>
.live {
  display: flex;
  align-items: center;
  gap: 8px;
}
.take {
  position: relative;
  display: grid;
  grid-template: auto auto / 76px auto;
  column-gap: 10px;
  align-items: center;
  min-height: 56px;
  padding: 2px 14px 4px 6px;
  border: 2px solid var(--frame-2);
  border-radius: var(--radius);
  color: var(--frame-ink);
  overflow: hidden;
}
.take[disabled] {
  opacity: 0.75;
}
.face {
  grid-row: 1 / 3;
  width: 76px;
  max-height: 50px;
}
.value {
  font-size: 28px;
  font-weight: 650;
  line-height: 1.1;
  min-width: 6.5ch;
  text-align: right;
  white-space: nowrap;
}
.side {
  margin-right: 6px;
}
.good .value {
  color: #a9dfbf;
}
.off .value {
  color: #f4c9a8;
}
.by {
  font-size: 13px;
  color: var(--frame-quiet);
  text-align: right;
}
.rest {
  position: absolute;
  inset: auto 0 0;
  height: 4px;
  background: #7fc79d;
  transform-origin: left;
}
.gone {
  color: #f4c9a8;
  font-size: 15px;
  max-width: 180px;
}
.pick {
  color: var(--frame-ink);
  background: transparent;
}
@media (max-width: 560px) {
  .live:has(.take) {
    flex-basis: 100%;
  }
  .take {
    flex: 1;
  }
}
</style>

<script setup lang="ts">
import { degrees, formatFigure, length, type Figure } from '@anello/core/figure';
import type { Knob } from '@anello/core/practice';
import { computed, ref } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import FigureText from '../../ui/FigureText.vue';

/**
 * A handle with its dial: turned by the arrow keys (with Shift or Page, coarse), the wheel, a finger on its rim, or its
 * buttons.
 */
const props = defineProps<{ knob: Knob; shows: number; still: boolean; compact?: boolean }>();
const emit = defineEmits<{ turn: [by: number] }>();
const preferences = usePreferences();
/** Clicks to a turn of the rim. */
const TO_A_TURN = 10;
const MARKS = Array.from({ length: 20 }, (_, i) => (i * Math.PI) / 10);
const R = 40;

const figureOf = (value: number, signed = false): Figure =>
  props.knob.shows === 'angle' ? degrees(value, DEGREE) : length(value, props.knob.fine, { signed });
const DEGREE = Math.PI / 180;
const shown = computed(() => figureOf(props.shows));
const wordsOf = (by: number): string => formatFigure(figureOf(by, true), preferences.units);
const perTurn = computed(() => (props.knob.shows === 'angle' ? 2 * Math.PI : TO_A_TURN * props.knob.coarse));
const lean = computed(() => (360 * props.shows) / perTurn.value);

const KEYS: Readonly<Record<string, (shift: boolean) => number>> = {
  ArrowUp: (shift) => (shift ? props.knob.coarse : props.knob.fine),
  ArrowRight: (shift) => (shift ? props.knob.coarse : props.knob.fine),
  ArrowDown: (shift) => -(shift ? props.knob.coarse : props.knob.fine),
  ArrowLeft: (shift) => -(shift ? props.knob.coarse : props.knob.fine),
  PageUp: () => props.knob.coarse,
  PageDown: () => -props.knob.coarse,
};
function pressed(event: KeyboardEvent): void {
  const by = KEYS[event.key]?.(event.shiftKey);
  if (by === undefined || props.still) return;
  event.preventDefault();
  emit('turn', by);
}
function wheeled(event: WheelEvent): void {
  const along = Math.abs(event.deltaY) > Math.abs(event.deltaX) ? event.deltaY : event.deltaX;
  if (along === 0 || props.still) return;
  emit('turn', -Math.sign(along) * (event.shiftKey ? props.knob.coarse : props.knob.fine));
}

/** The rim follows the finger; what is less than a fine click waits for the rest of it. */
const held = ref<{ at: number; over: number } | null>(null);
function angleAt(event: PointerEvent): number {
  const box = (event.currentTarget as Element).getBoundingClientRect();
  return Math.atan2(event.clientY - box.top - box.height / 2, event.clientX - box.left - box.width / 2);
}
function take(event: PointerEvent): void {
  if (props.still) return;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  held.value = { at: angleAt(event), over: 0 };
}
function drag(event: PointerEvent): void {
  if (!held.value) return;
  const at = angleAt(event);
  const off = Math.atan2(Math.sin(at - held.value.at), Math.cos(at - held.value.at));
  const over = held.value.over + (off * perTurn.value) / (2 * Math.PI);
  const clicks = Math.trunc(over / props.knob.fine);
  held.value = { at, over: over - clicks * props.knob.fine };
  if (clicks !== 0) emit('turn', clicks * props.knob.fine);
}
const STEPS = computed(() => [-props.knob.coarse, -props.knob.fine, props.knob.fine, props.knob.coarse]);
</script>

<template>
  <div class="handle sheet" :class="{ compact }" role="group" :aria-label="knob.title">
    <p class="name">{{ knob.title }}</p>
    <p class="shows"><FigureText :figure="shown" large /></p>
    <svg
      viewBox="0 0 100 100"
      class="rim"
      role="spinbutton"
      :tabindex="still ? -1 : 0"
      :aria-label="`${knob.title}, handle`"
      :aria-valuenow="shows"
      :aria-valuetext="formatFigure(shown, preferences.units)"
      @keydown="pressed"
      @wheel.prevent="wheeled"
      @pointerdown="take"
      @pointermove="drag"
      @pointerup="held = null"
      @pointercancel="held = null"
    >
      <circle cx="50" cy="50" :r="R" class="ring" />
      <g :transform="`rotate(${lean} 50 50)`">
        <line
          v-for="(a, i) in MARKS"
          :key="i"
          :x1="50 + R * Math.sin(a)"
          :y1="50 - R * Math.cos(a)"
          :x2="50 + (R - (i % 5 ? 5 : 9)) * Math.sin(a)"
          :y2="50 - (R - (i % 5 ? 5 : 9)) * Math.cos(a)"
          class="mark"
        />
        <circle cx="50" cy="20" r="7" class="grip" />
      </g>
      <path d="M50 4 l-5 -4 h10 z" class="index" />
    </svg>
    <p class="worth quiet">
      + <FigureText :figure="figureOf(knob.fine)" />, ++ <FigureText :figure="figureOf(knob.coarse)" />
    </p>
    <div class="steps">
      <button
        v-for="by in STEPS"
        :key="by"
        type="button"
        class="plain step"
        :disabled="still"
        :aria-label="`${knob.title} ${wordsOf(by)}`"
        @click="emit('turn', by)"
      >
        {{ by > 0 ? '+' : '−' }}<span v-if="Math.abs(by) === knob.coarse">{{ by > 0 ? '+' : '−' }}</span>
      </button>
    </div>
  </div>
</template>

<style scoped>
/* Alone it is no wider than a hand. */
.handle {
  max-width: 300px;
  padding: 8px 10px 10px;
  display: grid;
  justify-items: center;
  gap: 2px;
  min-width: 0;
}
.handle:focus-within {
  border-color: var(--blue);
}
.name {
  font-weight: 600;
}
.shows {
  font-size: 28px;
  line-height: 1.2;
}
.rim {
  width: 128px;
  height: 128px;
  touch-action: none;
  cursor: grab;
  border-radius: 50%;
}
.ring {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.mark {
  stroke: var(--ink-2);
  stroke-width: 1.4;
}
.grip,
.index {
  fill: var(--ink);
}
.worth {
  font-size: 14px;
  text-align: center;
}
.steps {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 4px;
  width: 100%;
}
.step {
  min-width: 0;
  padding: 0;
  min-height: 48px;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  text-align: center;
  font-size: 20px;
}
/* Beside a job: what it shows beside a small rim, and nothing said that the buttons say. */
.compact {
  max-width: 168px;
  grid-template-columns: auto minmax(0, 1fr);
  padding: 4px 6px 6px;
}
.compact .name,
.compact .steps {
  grid-column: 1 / -1;
  font-size: 15px;
}
.compact .shows {
  font-size: 20px;
  order: 1;
  white-space: nowrap;
}
.compact .rim {
  width: 54px;
  height: 54px;
}
.compact .steps {
  order: 2;
}
.compact .worth {
  display: none;
}
.compact .step {
  min-height: 44px;
}
.step:disabled {
  opacity: 0.4;
  cursor: default;
}
</style>

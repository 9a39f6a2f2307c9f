<script setup lang="ts">
import { HELD } from '../data/names';
import { useHeld } from '../data/useHeld';
import type { Entry, EntryDimension } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import {
  angle,
  count,
  degrees,
  formatFigure,
  length,
  perFoot,
  ratio,
  type Figure,
  type UnitSystem,
} from '@anello/core/figure';
import { parseQuantity, type DefaultUnit } from '@anello/core/quantity';
import { halfAngleOf, ratioOf } from '@anello/core/taper';
import { computed, ref, watch } from 'vue';
import { afterPress } from './afterPress';
import { typedEntry, withUnit } from './typedEntry';
import { usePreferences } from '../data/stores/preferences';

/** The one way a figure is typed: any unit, read back at once, kept as typed, wrong text kept too. */
const props = defineProps<{
  modelValue: Entry | undefined;
  label: string;
  dimension: EntryDimension;
  /** Names this box, so that unreadable text is still there after a reload. */
  draftKey: string;
  error?: string | undefined;
  /** The error only asks for what is not there yet: nobody did anything wrong. */
  asking?: boolean | undefined;
  required?: boolean;
  /** The units a bare number is in where the screen's do not say: a dial's own. */
  dial?: UnitSystem | undefined;
}>();
const emit = defineEmits<{ 'update:modelValue': [entry: Entry | undefined] }>();

const preferences = usePreferences();
const draft = useHeld<string | null>(HELD.typed(props.draftKey), null);
const text = ref(draft.value ?? props.modelValue?.typed ?? '');
const own = ref<string | null>(null);
const reads = ref<Figure | null>(props.modelValue ? figureOf(props.modelValue.value) : null);

watch(
  () => props.modelValue?.typed,
  (typed) => {
    if (own.value !== null || sameAsShown(typed)) return;
    text.value = typed ?? '';
    reads.value = props.modelValue ? figureOf(props.modelValue.value) : null;
  },
);

const defaultUnit = computed<DefaultUnit>(() => {
  if (props.dimension === 'angle') return 'deg';
  if (props.dimension === 'taper') return 'ratio';
  if (props.dimension === 'number') return '1';
  return (props.dial ?? preferences.units) === 'mm' ? 'mm' : 'in';
});

function figureOf(value: number): Figure {
  if (props.dimension === 'angle') return angle(value);
  if (props.dimension === 'number') return count(value, 0.001);
  return props.dimension === 'taper'
    ? ratio(value)
    : length(value, undefined, { ...(props.dial ? { system: props.dial } : {}) });
}

/** The text may still lack the unit that is written to it on leaving the box. */
const sameAsShown = (typed: string | undefined): boolean =>
  typed === withUnit(text.value, props.dimension, defaultUnit.value);

/** Nobody has typed here since it was put on the screen. */
const untouched = ref(true);
function typed(value: string): void {
  untouched.value = false;
  text.value = value;
  readText(true);
}

function readText(tell: boolean): void {
  if (text.value.trim() === '' && !props.required) {
    settle(null, null);
    if (tell) emit('update:modelValue', undefined);
    return;
  }
  try {
    const parsed = parseQuantity({
      text: text.value,
      dimension: props.dimension,
      defaultUnit: defaultUnit.value,
    });
    settle(null, figureOf(parsed.value));
    if (tell) emit('update:modelValue', typedEntry(text.value, props.dimension, defaultUnit.value));
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    settle(error.message, null);
  }
}

function settle(error: string | null, figure: Figure | null): void {
  own.value = error;
  reads.value = figure;
  draft.value = error === null ? null : text.value;
}

function leave(): void {
  if (own.value === null && text.value.trim() !== '')
    text.value = props.modelValue?.typed ?? withUnit(text.value, props.dimension, defaultUnit.value);
}

const plain = (figure: Figure): string => formatFigure(figure, preferences.units).replace('\u00a0', ' ');
const sameAsTyped = (shown: string): boolean =>
  shown === text.value.trim() || shown.replace(/\.?0+( |$)/, '$1') === text.value.trim();

/** The same figure the other ways it is written: an angle in decimals and as a ratio, a taper as an angle and per foot. */
function otherways(value: number): string[] {
  if (props.dimension === 'angle') {
    const decimal = plain(degrees(value)).replace(/\.?0+°/, '°');
    const asTyped = `${text.value.replace(/\s*(deg|d|°)$/i, '').trim()}°` === decimal;
    return [
      ...(asTyped ? [] : [decimal]),
      ...(Math.abs(value) < STEEPEST ? [`ratio ${plain(count(ratioOf(value), RATIO_SHOWN))}`] : []),
    ];
  }
  if (props.dimension === 'taper')
    return [`half angle ${plain(angle(halfAngleOf(value)))}`, plain(perFoot(value))];
  return [];
}
/** A ratio says nothing of what is no taper. */
const STEEPEST = Math.PI / 4;
/** A ratio as a decimal, to the hundred-thousandth a table prints. */
const RATIO_SHOWN = 0.00001;

/** The reading back, in the screen's units, unless the box already says just that. */
const readBack = computed(() => {
  if (!reads.value) return '';
  const shown = plain(reads.value);
  const said = [...(sameAsTyped(shown) ? [] : [shown]), ...otherways(reads.value.value)];
  return said.length ? `reads ${said.join(', ')}` : '';
});
if (draft.value !== null) readText(false);

/** What an empty box still wants is asked for, not held against whoever has not come to it yet. */
const asked = computed(() =>
  props.asking && untouched.value && text.value.trim() === '' ? (props.error ?? '') : '',
);
const wrong = computed(() => own.value ?? (asked.value ? '' : (props.error ?? '')));
const remark = computed(() => asked.value || readBack.value);
// Lists of their own, the same ones until they say something else: a box is not drawn anew for what is typed in another.
const errors = computed(() => (wrong.value ? [wrong.value] : []));
const messages = computed(() => (!wrong.value && remark.value ? [remark.value] : []));
</script>

<template>
  <v-text-field
    class="figures-in"
    :model-value="text"
    :label="label"
    :error-messages="errors"
    :messages="messages"
    autocomplete="off"
    spellcheck="false"
    enterkeyhint="done"
    @update:model-value="typed"
    @blur="afterPress(leave)"
    @keydown.enter="leave"
  />
</template>

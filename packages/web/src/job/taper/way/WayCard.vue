<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import { figureParts, length, type Figure } from '@anello/core/figure';
import { parseCounts } from '@anello/core/quantity';
import { wayOf, type WayAssessment } from '@anello/core/ways';
import type { Learned } from '@anello/core/memory';
import { computed, ref } from 'vue';
import { afterPress } from '../../../ui/afterPress';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';

/** One way that works here: what it is set to, travel, the error its scale and an indicator leave, finish, minutes. */
const props = defineProps<{
  way: WayAssessment;
  recommended: boolean;
  chosen: boolean;
  /** Its minutes are from the lathe’s records, of so many jobs. */
  learned?: Learned | undefined;
  /** Zone of the part, mm on diameter. */ allowed: number;
}>();
const emit = defineEmits<{ choose: []; minutes: [minutes: number] }>();

const share = computed(() => {
  const { needed, available } = props.way;
  if (!available || available.value <= 0) return null;
  return Math.min(1.25, needed.value / available.value);
});
const needed = computed(() => figureParts({ ...props.way.needed, bare: true }, 'mm'));
const errors = computed<readonly (readonly [string, Figure | null])[]>(() => [
  ['By its scale, out by', props.way.errorByScale],
  [wayOf(props.way.id).checkedBy, props.way.errorByIndicator],
]);
const inside = (figure: Figure): boolean => figure.value <= props.allowed;

const LONGEST = 600;
const editing = ref(false);
const typed = ref('');
const problem = ref('');
function edit(): void {
  typed.value = String(props.way.minutes);
  problem.value = '';
  editing.value = true;
}
/** A slip stays in the box with what is wrong with it; nothing typed keeps what was. */
function keep(): void {
  try {
    const [minutes] = parseCounts(typed.value, { least: 1, most: LONGEST, what: 'number of minutes' });
    editing.value = false;
    if (minutes !== undefined && minutes !== props.way.minutes) emit('minutes', minutes);
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    problem.value = error.message;
  }
}
</script>

<template>
  <article class="way sheet" :class="{ chosen }">
    <header>
      <h2>{{ way.title }}</h2>
      <span v-if="chosen" class="tag mine">chosen</span>
      <span v-else-if="recommended" class="tag">recommended</span>
    </header>
    <p class="label">{{ way.settingLabel }}</p>
    <p class="setting"><FigureText :figure="way.setting" large /></p>

    <div v-if="way.available" class="travel">
      <p>
        <span class="label">{{ way.needLabel }}</span> <FigureText :figure="way.needed" />
        <span class="quiet">of <FigureText :figure="way.available" /></span>
      </p>
      <svg
        viewBox="0 0 125 8"
        preserveAspectRatio="none"
        role="img"
        :aria-label="`${way.needLabel}: ${needed.text} needed`"
      >
        <rect x="0" y="1" width="100" height="6" class="have" />
        <rect x="0" y="1" :width="Math.min(125, (share ?? 0) * 100)" height="6" class="need" />
        <line x1="100" x2="100" y1="0" y2="8" class="end" />
      </svg>
    </div>

    <v-btn
      class="choose"
      :class="{ go: recommended && !chosen }"
      :disabled="chosen"
      @click="$emit('choose')"
      >{{ chosen ? 'Chosen' : 'Use this way' }}</v-btn
    >
    <p class="label">Error on diameter over the cone</p>
    <dl>
      <template v-for="[label, figure] in errors" :key="label">
        <template v-if="figure">
          <dt>{{ label }}</dt>
          <dd :class="inside(figure) ? 'in' : 'out'">
            <FigureText :figure="figure" /> <span aria-hidden="true">{{ inside(figure) ? '✓' : '!' }}</span>
          </dd>
        </template>
      </template>
      <dt>The part allows</dt>
      <dd><FigureText :figure="length(allowed, 0.001)" /></dd>
      <template v-if="way.divisionError">
        <dt>One division</dt>
        <dd><FigureText :figure="way.divisionError" /></dd>
      </template>
      <dt>Feed</dt>
      <dd>{{ way.feed === 'power' ? 'power' : way.feed === 'hand' ? 'by hand' : '–' }}</dd>
      <dt>Set-up</dt>
      <dd>
        <form v-if="editing" @submit.prevent="keep">
          <input
            v-model="typed"
            class="fig"
            inputmode="numeric"
            :aria-label="`Minutes to set up: ${way.title}`"
            :aria-invalid="problem !== ''"
            @blur="afterPress(keep)"
            @keydown.esc="editing = false"
          />
          <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        </form>
        <button
          v-else
          type="button"
          class="plain minutes"
          :aria-label="`Set-up ${way.minutes} minutes: change`"
          @click="edit"
        >
          <span class="fig">{{ way.minutes }}</span> min<template v-if="learned"
            >, as {{ learned.jobs }} jobs took</template
          >
        </button>
      </dd>
    </dl>
    <ul class="notes">
      <li><PhraseText :phrase="way.finish" /></li>
      <li v-for="(note, index) in way.notes" :key="index"><PhraseText :phrase="note" /></li>
    </ul>
  </article>
</template>

<style scoped>
.way {
  padding: 14px 16px 16px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.chosen {
  border: 2px solid var(--blue);
}
header {
  display: flex;
  align-items: baseline;
  gap: 10px;
}
h2 {
  font-size: 18px;
  font-weight: 650;
}
.tag {
  margin-left: auto;
  font-size: 14px;
  font-weight: 650;
  color: var(--green);
  border: 1px solid currentColor;
  border-radius: 6px;
  padding: 1px 8px;
}
.tag.mine {
  color: var(--blue);
}
.setting {
  font-size: 38px;
  font-weight: 650;
  line-height: 1.1;
}
.travel p {
  font-size: 15.5px;
}
.travel svg {
  width: 100%;
  height: 12px;
  margin-top: 4px;
}
.have {
  fill: var(--rule);
}
.need {
  fill: var(--green);
}
.end {
  stroke: var(--ink);
  stroke-width: 1;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  margin: 0;
  font-size: 15px;
  align-items: center;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  text-align: right;
}
dd.in {
  color: var(--green);
  font-weight: 600;
}
dd.out {
  color: var(--brass);
  font-weight: 600;
}
.minutes {
  min-height: 44px;
  min-width: 48px;
  text-align: right;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
input {
  width: 72px;
  height: 44px;
  text-align: right;
  padding: 0 10px;
  border: 2px solid var(--blue);
  border-radius: 8px;
  background: var(--field);
  color: var(--ink);
  font-size: 17px;
}
.problem {
  color: var(--red);
  font-size: 14px;
  max-width: 22ch;
}
.notes {
  margin: 0;
  padding-left: 18px;
  font-size: 14.5px;
  display: grid;
  gap: 4px;
  color: var(--ink-2);
}
</style>

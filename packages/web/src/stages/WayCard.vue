<script setup lang="ts">
import { figureParts, length, type WayAssessment } from '@anello/core';
import { computed } from 'vue';
import FigureText from '../parts/FigureText.vue';
import PhraseText from '../parts/PhraseText.vue';

/** One way weighed: what it is set to, travel needed against available, and what rules it out. */
const props = defineProps<{
  way: WayAssessment;
  recommended: boolean;
  chosen: boolean;
  /** Zone of the part, mm on diameter. */ allowed: number;
}>();
defineEmits<{ choose: [] }>();

const can = computed(() => props.way.blockers.length === 0);
const share = computed(() => {
  const { needed, available } = props.way;
  if (!available || available.value <= 0) return null;
  return Math.min(1.25, needed.value / available.value);
});
const over = computed(() => (share.value ?? 0) > 1);
const needed = computed(() => figureParts({ ...props.way.needed, bare: true }, 'mm'));
</script>

<template>
  <article class="way sheet" :class="{ chosen, cannot: !can }">
    <header>
      <h2>{{ way.title }}</h2>
      <span v-if="chosen" class="tag mine">chosen</span>
      <span v-else-if="recommended" class="tag">recommended</span>
      <span v-else-if="!can" class="tag no">cannot</span>
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
        <rect
          x="0"
          y="1"
          :width="Math.min(125, (share ?? 0) * 100)"
          height="6"
          :class="over ? 'over' : 'need'"
        />
        <line x1="100" x2="100" y1="0" y2="8" class="end" />
      </svg>
    </div>

    <dl>
      <dt>One division is worth</dt>
      <dd>
        <template v-if="way.divisionError"
          ><FigureText :figure="way.divisionError" /> <span class="quiet">on diameter</span></template
        ><template v-else>–</template>
      </dd>
      <dt>The part allows</dt>
      <dd><FigureText :figure="length(allowed, 0.001)" /></dd>
      <dt>Feed</dt>
      <dd>{{ way.feed === 'power' ? 'power' : way.feed === 'hand' ? 'by hand' : '–' }}</dd>
    </dl>
    <ul v-if="!can" class="blockers">
      <li v-for="(blocker, index) in way.blockers" :key="index"><PhraseText :phrase="blocker" /></li>
    </ul>
    <ul v-if="can && way.notes.length" class="notes">
      <li v-for="(note, index) in way.notes" :key="index"><PhraseText :phrase="note" /></li>
    </ul>
    <v-btn
      class="choose"
      :class="{ go: can && !chosen }"
      :disabled="!can || chosen"
      @click="$emit('choose')"
      >{{ chosen ? 'Chosen' : can ? 'Use this way' : 'Will not work here' }}</v-btn
    >
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
.cannot {
  background: transparent;
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
.tag.no {
  color: var(--red);
}
.setting {
  font-size: 38px;
  font-weight: 650;
  line-height: 1.1;
}
.cannot .setting {
  color: var(--ink-2);
  font-weight: 500;
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
.over {
  fill: var(--red);
}
.end {
  stroke: var(--ink);
  stroke-width: 1;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 12px;
  margin: 0;
  font-size: 15px;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
  text-align: right;
}
ul {
  margin: 0;
  padding-left: 18px;
  font-size: 14.5px;
  display: grid;
  gap: 4px;
}
.blockers {
  color: var(--red);
  font-weight: 600;
  font-size: 15.5px;
}
.notes {
  color: var(--ink-2);
}
.choose {
  margin-top: auto;
}
</style>

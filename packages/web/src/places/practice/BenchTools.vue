<script setup lang="ts">
import { length, type Phrase } from '@anello/core/figure';
import { describeEvidence, type Evidence } from '@anello/core/evidence';
import type { Entry } from '@anello/contract';
import type { Against, Tried } from '@anello/core/virtual-lathe';
import { computed, ref } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import PracticeNeedle from './PracticeNeedle.vue';
import ToolHeightView from './ToolHeightView.vue';
import type { BenchDesk, InHand } from './useBench';

/** What is read at the practice lathe, and with what: the same eyes, hands and instruments as at a real one. */
const props = defineProps<{ desk: BenchDesk; still: boolean }>();
const { bench, hand, inHand, on, needle, measured, height, tried } = props.desk;
const FINE = 0.001;
/** The tool is packed by a thick leaf or a thin one, mm. */
const RAISE = [0.1, -0.1, 0.02, -0.02];
const MEANS: Readonly<Record<Against, string>> = {
  'test-bar': 'Test bar',
  work: 'The work',
  bore: 'The bore',
  master: 'A master',
  barrel: 'The barrel',
};
const TOOLS = computed<{ value: InHand; title: string }[]>(() => [
  { value: 'indicator', title: 'Indicator' },
  ...(bench.cone || bench.line ? [{ value: 'micrometer' as const, title: 'Micrometer' }] : []),
  ...(bench.gauged ? [{ value: 'gauge' as const, title: bench.side === 'outside' ? 'Sleeve' : 'Plug' }] : []),
  ...(bench.scale ? [{ value: 'scale' as const, title: 'Scale' }] : []),
]);
const fromEnd = ref<Entry | undefined>({ typed: '10 mm', value: 10 });
/** Rounds against the cone. */
const bore = bench.side === 'inside';
const round = ref<Entry | undefined>();
const blocks = ref<Entry | undefined>();
const to = ref<Entry | undefined>();
const whereOn = bench.needleOn.map((value) => ({ value, title: MEANS[value] }));

/** What a hand reads, sees and feels of a gauge pushed home. */
function saidOf({ standOff, bands, shake, rock }: Tried): Phrase[] {
  if (standOff === null) return [['It finds no seat: there is metal in its way still, or nothing to touch.']];
  const all: Evidence[] = [
    ...(bands ? [{ kind: 'bands', where: bands } as const] : []),
    { kind: 'shake', where: shake },
    ...(rock ? [{ kind: 'rock', ...rock } as const] : []),
  ];
  return all.map((one) => describeEvidence(one));
}
function set(): void {
  if (bench.scale && to.value) hand.act(bench.scale.set(to.value.value));
}
</script>

<template>
  <div class="tools">
    <NoticeText v-if="hand.refused.value" tone="warn">{{ hand.refused.value }}</NoticeText>
    <div class="pick" role="group" aria-label="What is in hand">
      <v-btn
        v-for="{ value, title } in TOOLS"
        :key="value"
        :aria-pressed="inHand === value"
        @click="inHand = value"
        >{{ title }}</v-btn
      >
    </div>
    <div v-if="inHand === 'indicator'" class="one">
      <div class="where">
        <v-select v-if="whereOn.length > 1" v-model="on" label="It stands on" :items="whereOn" />
        <v-btn :disabled="still" @click="hand.act({ do: 'zero', of: 'needle', on })">Needle to 0</v-btn>
      </div>
      <PracticeNeedle :value="needle" compact class="needle" />
    </div>
    <div v-else-if="inHand === 'micrometer'" class="one">
      <QuantityField
        v-model="fromEnd"
        label="In from the end"
        dimension="length"
        draft-key="practice.from-end"
      />
      <v-btn class="go" :disabled="still || !fromEnd" @click="fromEnd && desk.measure(fromEnd.value)"
        >Measure</v-btn
      >
      <v-btn :disabled="still || !fromEnd" @click="fromEnd && desk.measure(fromEnd.value, 'rule')"
        >Rule</v-btn
      >
      <p class="big">
        <FigureText v-if="measured !== null" :figure="length(measured, FINE)" large /><span v-else>–</span>
      </p>
      <details v-if="bench.cone" class="rounds">
        <summary>{{ bore ? 'By a ball' : 'By rollers' }}</summary>
        <div class="one">
          <QuantityField
            v-model="round"
            :label="bore ? 'Ball' : 'Rollers'"
            dimension="length"
            draft-key="practice.round"
          />
          <QuantityField
            v-if="!bore"
            v-model="blocks"
            label="On blocks of"
            dimension="length"
            draft-key="practice.blocks"
          />
          <v-btn
            :disabled="still || !round"
            @click="round && desk.overRound(round.value, blocks?.value ?? 0)"
            >{{ bore ? 'Over the ball' : 'Over rollers' }}</v-btn
          >
        </div>
      </details>
    </div>
    <template v-else-if="inHand === 'scale'">
      <div v-if="bench.scale" class="one">
        <QuantityField
          v-model="to"
          class="to"
          :label="bench.scale.title"
          :dimension="bench.scale.shows"
          draft-key="practice.scale"
        />
        <v-btn class="go" :disabled="still || !to" @click="set">Set it</v-btn>
      </div>
      <div v-if="bench.raise" class="one">
        <ToolHeightView :leans="hand.scene.value.tool.ruleLeans" class="rule" />
        <div class="where">
          <v-btn :disabled="still" @click="hand.act({ do: 'height' })">Height of the edge</v-btn>
          <p class="big">
            <FigureText v-if="height !== null" :figure="length(height, 0.01, { signed: true })" large /><span
              v-else
              >–</span
            >
          </p>
        </div>
      </div>
      <div v-if="bench.raise" class="pick" role="group" aria-label="Tool higher or lower">
        <v-btn v-for="by in RAISE" :key="by" :disabled="still" @click="hand.act(bench.raise.turn(by))"
          ><FigureText :figure="length(by, 0.01, { signed: true })"
        /></v-btn>
      </div>
    </template>
    <div v-else class="one">
      <v-btn class="go" :disabled="still" @click="desk.tryGauge()">Push it home</v-btn>
      <v-btn :disabled="still" title="A strip of fine cloth, once along" @click="desk.cloth()">Cloth</v-btn>
      <p v-if="tried && tried.standOff !== null" class="big" role="status">
        <FigureText :figure="length(tried.standOff, 0.01, { signed: true })" large />
        <span class="quiet"> off its line</span>
      </p>
      <ul v-if="tried" class="tried">
        <li v-for="(phrase, i) in saidOf(tried)" :key="i"><PhraseText :phrase="phrase" /></li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.tools {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
  min-width: 0;
}
.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.pick > * {
  flex: 1 1 auto;
  padding: 0 4px;
  min-width: 0;
  font-size: 15px;
}
.pick [aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.one {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.one > :deep(.v-input) {
  flex: 1 1 110px;
}
.rounds {
  flex: 1 0 100%;
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
}
.where {
  display: grid;
  gap: 6px;
  flex: 1 1 120px;
}
/* Long enough for its label. */
.to {
  flex: 1 1 180px;
}
.rule {
  flex: 0 1 120px;
}
.needle {
  flex: 0 1 150px;
}
.big {
  font-size: 28px;
}
.tried {
  margin: 0;
  padding: 0 0 0 18px;
}
</style>

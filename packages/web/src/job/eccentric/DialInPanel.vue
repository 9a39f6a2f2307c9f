<script setup lang="ts">
import { useGo } from '../model/useGo';
import type { EccentricPart } from '@anello/core/eccentric';
import type { Entry } from '@anello/contract';
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import JawPlan from '../../drawing/JawPlan.vue';
import { usePreferences } from '../../data/stores/preferences';
import type { BarRequest } from '../../data/stores/screen';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { typedEntry } from '../../ui/typedEntry';
import { useStageScreen } from '../model/useStageScreen';
import KeptBox from '../shared/KeptBox.vue';
import LiveSwing from '../shared/LiveSwing.vue';
import { useDialIn } from './useDialIn';
import type { EccentricDesk } from './useEccentric';
import PickOne from '../../ui/PickOne.vue';

/** Live from any readings so far: where the throw stands, which jaw to ease, which to tighten, until it is right. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const go = useGo();
const preferences = usePreferences();
const { limit } = props.desk;
const { kept, extremes, resolution, now, refused, indicator, tries, proved, nextJaw, keep } = useDialIn(
  props.desk,
  () => props.part,
);
const { key } = kept;
const toward = computed(() => props.desk.choice.value.toward ?? null);
const READ_AT = [
  { value: false, title: 'At the jaws' },
  { value: true, title: 'Highest and lowest' },
] as const;
const TOWARD = [
  { value: 0, title: 'wherever it comes' },
  ...[1, 2, 3, 4].map((jaw) => ({ value: jaw, title: `jaw ${jaw}` })),
];

const taken = (text: string): Entry => typedEntry(text, 'length', 'mm');
function takeAtJaw(text: string): void {
  if (nextJaw.value !== null) kept.set(String(nextJaw.value), taken(text));
}
/** High and low are found by turning: where they lie is still to be told. */
function takeBoth(high: string, low: string): void {
  extremes.value = true;
  kept.set('high', taken(high));
  kept.set('low', taken(low));
}

function barRequest(): BarRequest {
  const base = {
    asks: 'figure',
    dimension: 'length',
    defaultUnit: preferences.units === 'mm' ? 'mm' : 'in',
  } as const;
  if (proved.value && kept.empty.value) {
    return {
      key: `${key.value}.on`,
      label: 'The throw is right',
      asks: 'nothing',
      hint: 'Nip all four, and turn it by hand once before power.',
      empty: { label: 'On to Cut', run: () => void go.to('cut') },
    };
  }
  if (extremes.value || nextJaw.value === null) {
    return {
      key: `${key.value}.keep`,
      label: 'Move the jaws, then',
      asks: 'nothing',
      hint: 'What is read now is kept as a try; the boxes clear for the next.',
      ...(now.value ? { empty: { label: 'Keep this try', run: keep } } : {}),
    };
  }
  const jaw = String(nextJaw.value);
  return {
    ...base,
    key: `${key.value}.jaw${jaw}`,
    label: `Jaw ${jaw} up`,
    hint: 'What the needle shows with that jaw up; higher is more.',
    keep: (_quantity, text) => kept.set(jaw, typedEntry(text, base.dimension, base.defaultUnit)),
  };
}
useStageScreen({
  bar: barRequest,
  across: () => {
    const move = now.value?.moves[0];
    return move
      ? {
          step: [`Jaw ${move.jaw}: ${move.action}`],
          label: 'the work moves',
          figure: length(move.by, resolution.value),
        }
      : {
          step: ['The needle swings, whole travel'],
          label: 'right',
          figure: length(2 * props.part.throw, resolution.value),
        };
  },
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Dialling in the throw">
      <LiveSwing
        :resolution="resolution"
        :wanted="2 * part.throw"
        :within="limit"
        :next="extremes || nextJaw === null ? null : `Jaw ${nextJaw} up`"
        @take="takeAtJaw"
        @caught="takeBoth"
      />
      <article class="card sheet" aria-live="polite">
        <h2>
          {{
            now
              ? now.inside
                ? 'The throw is right'
                : 'Move the jaws'
              : 'Turn it by hand and read each jaw up'
          }}
        </h2>
        <div class="figures">
          <div>
            <p class="label">{{ now ? 'Needle swings now' : 'The needle is to swing' }}</p>
            <p class="big">
              <FigureText :figure="length(2 * (now?.throwNow ?? part.throw), resolution)" large />
            </p>
            <p class="quiet">
              wanted <FigureText :figure="length(2 * part.throw, resolution)" /> ±<FigureText
                :figure="length(limit, resolution)"
              />, twice the throw of <FigureText :figure="length(part.throw, resolution)" />
            </p>
          </div>
          <ul v-if="now?.moves.length" class="moves">
            <li v-for="move in now.moves" :key="move.jaw">
              jaw {{ move.jaw }}: <strong>{{ move.action }}</strong>
              <FigureText :figure="length(move.by, resolution)" />
            </li>
          </ul>
        </div>
        <NoticeText v-if="now" :tone="now.inside ? 'good' : 'warn'"
          ><PhraseText :phrase="now.said"
        /></NoticeText>
        <NoticeText v-if="refused" tone="bad">{{ refused }}</NoticeText>
        <v-btn v-if="now" class="go" @click="keep">Keep this try and read again</v-btn>
      </article>
      <p v-if="!indicator.direct" class="block">
        The swing is longer than the indicator’s stroke: read the high side bare, the low side over a block of
        <strong><FigureText :figure="length(indicator.block, 0.001)" /></strong>, and type the low reading
        with the block taken off.
      </p>
      <p v-if="tries.length" class="quiet">
        Tries so far, throw:
        <template v-for="(one, i) in tries" :key="one.id"
          ><FigureText :figure="length(one.body.now, resolution)" />{{ one.body.inside ? ' ✓' : ''
          }}{{ i < tries.length - 1 ? ' → ' : '' }}</template
        >
      </p>
      <JawPlan
        :at="now?.at ?? { x: null, y: null }"
        :moves="now?.moves ?? []"
        :resolution="resolution"
        :wanted="now?.wanted ?? null"
      />
    </section>
    <aside class="side">
      <PickOne v-model="extremes" :picks="READ_AT" label="What is read" />
      <div class="boxes">
        <template v-if="extremes">
          <template v-for="end in ['high', 'low']" :key="end">
            <KeptBox
              :entries="kept"
              :name="end"
              :label="end === 'high' ? 'Highest reading' : 'Lowest reading'"
            />
            <KeptBox :entries="kept" :name="`${end}At`" label="at, from jaw 1" dimension="angle" />
          </template>
        </template>
        <KeptBox
          v-for="jaw in extremes ? 0 : 4"
          :key="jaw"
          :entries="kept"
          :name="String(jaw)"
          :label="`Jaw ${jaw}`"
        />
      </div>
      <v-select
        label="High side toward"
        :items="TOWARD"
        :model-value="toward ?? 0"
        @update:model-value="(jaw: number) => desk.change({ toward: jaw || undefined })"
      />
      <QuantityField
        label="Travel may be out by ±"
        dimension="length"
        :model-value="desk.choice.value.limit"
        :draft-key="`${key}.limit`"
        @update:model-value="(next) => desk.setLength('limit', next)"
      />
      <NoticeText tone="bad"
        >Never one jaw tight with its opposite still tight. Chuck key out. Swing it right round by hand before
        power: the high side must clear tool, slide and bed.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>

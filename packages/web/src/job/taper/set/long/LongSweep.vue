<script setup lang="ts">
import { angle, length } from '@anello/core/figure';
import type { SettingStep } from '@anello/core/setting';
import { computed } from 'vue';
import FigureText from '../../../../ui/FigureText.vue';
import NoticeText from '../../../../ui/NoticeText.vue';
import PhraseText from '../../../../ui/PhraseText.vue';
import QuantityField from '../../../../ui/QuantityField.vue';
import type { SettingDesk } from '../useSetting';
import SweepChart from './SweepChart.vue';
import SweepTake from './SweepTake.vue';
import { useLongSweep } from './useLongSweep';

/** The needle read all along instead of at stations: what it shows, what that costs on this part, what to do. */
const props = defineProps<{ desk: SettingDesk; step: SettingStep }>();
const long = useLongSweep(props.desk, () => props.step);
const { text, without, begins } = long;
const { found } = long.task;
const verdict = computed(() => found.value?.verdict ?? null);
const band = computed(() => {
  const last = props.step.sweep?.stations.at(-1);
  return last
    ? { above: (last.high - last.expected) / last.at, below: (last.low - last.expected) / last.at }
    : { above: 0, below: 0 };
});
/** Costs are told to what a micrometer shows. */
const COST = 0.001;
</script>

<template>
  <section class="long sheet" aria-label="The needle all along">
    <SweepTake v-model="text" title="The needle all along" :task="long.task" @taken="without = null" />
    <template v-if="found && verdict">
      <p class="says" :class="verdict.inBand ? 'in' : 'out'" role="status">
        <strong class="big"
          ><template v-if="verdict.nudge"><FigureText :figure="verdict.nudge.amount" large /></template>
          <template v-else-if="verdict.inBand">✓ inside its band</template>
          <template v-else>outside its band</template></strong
        >
        <span v-if="verdict.nudge">{{ verdict.nudge.place }}, {{ verdict.nudge.direction }}</span>
        <span v-if="verdict.nudge && verdict.inBand"
          >✓ inside its band, but nearer its edge than its middle: tool height, wear and the nudge itself want
          their share of it</span
        >
        <span class="quiet"
          >stands at <FigureText :figure="angle(verdict.halfAngle.value)" />, ±
          <FigureText :figure="angle(2 * verdict.halfAngle.u)" />{{
            verdict.sure ? '' : ': too near the edge of the band to be sure'
          }}</span
        >
      </p>
      <SweepChart
        :readings="found.shown"
        :left-out="found.leftOut"
        :fitted="found.fitted"
        :slope="found.wanted"
        :below="band.below"
        :above="band.above"
        :spikes="verdict.analysis.spikes.map(({ at }) => at)"
        :follows="found.follows"
        :terms="found.terms"
        :before="long.before.value"
        @stretch="(from, to) => (without = { from, to })"
      />
      <p class="quiet legend">
        Off what it should read. Green: what this part allows. Blue: what is read out of
        {{ found.count }} readings<template v-if="found.terms.length"
          >, washed what each part of it takes</template
        >.<template v-if="long.before.value"> Dashed: as it was swept before.</template>
        <template v-if="without">
          Left out: <FigureText :figure="length(without.from, 0.1)" /> to
          <FigureText :figure="length(without.to, 0.1)" />.
          <button type="button" class="plain again" @click="without = null">
            Take it in again
          </button></template
        ><template v-else> Draw across a stretch to leave it out.</template>
      </p>
      <NoticeText v-if="found.unreadInAll" tone="warn"
        >{{ found.unreadInAll === 1 ? 'One line' : `${found.unreadInAll} lines` }} could not be read:
        <template v-for="one in found.unread" :key="one.line"> line {{ one.line }}, {{ one.said }}</template>
      </NoticeText>
      <ol v-if="verdict.causes.length" class="causes" aria-label="What it shows">
        <li v-for="cause in verdict.causes" :key="cause.id">
          <p class="what">
            <strong><PhraseText :phrase="cause.what" /></strong>
            <span v-if="cause.costs > 0" class="costs"
              ><FigureText :figure="length(cause.costs, COST)" /> on diameter here</span
            >
          </p>
          <p><PhraseText :phrase="cause.todo" />.</p>
          <p class="quiet"><PhraseText :phrase="cause.check" />.</p>
        </li>
      </ol>
      <p v-else class="quiet">A plain slope: no bow, no step, no lash, nothing that swings or jumps.</p>
      <QuantityField
        v-model="begins"
        class="begins"
        label="Began at, on the bar or slide"
        dimension="length"
        :draft-key="`begins.${step.id}`"
      />
      <div class="do">
        <v-btn v-if="verdict.nudge" class="go" @click="long.keepNudge()">Nudged, sweep again</v-btn>
        <v-btn
          v-if="step.proves && verdict.inBand"
          :class="{ go: !verdict.nudge }"
          @click="long.keepSetting()"
          >Keep this setting</v-btn
        >
        <v-btn @click="long.keep()">Keep the sweep</v-btn>
      </div>
    </template>
    <p v-else-if="!text" class="quiet">
      Run the indicator from end to end and take its readings in: their behaviour tells a wrong angle from a
      worn bar, lash, a bumped handle, a chip or a loose gib.
    </p>
  </section>
</template>

<style scoped>
.long {
  padding: 12px 20px;
  display: grid;
  gap: 10px;
}
.says {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
  font-size: 17px;
}
.big {
  font-size: 34px;
  line-height: 1.1;
}
.in .big {
  color: var(--green);
}
.out .big {
  color: var(--brass);
}
.legend {
  font-size: 14.5px;
}
.again {
  text-decoration: underline;
  min-height: 44px;
}
.causes {
  margin: 0;
  padding-left: 24px;
  display: grid;
  gap: 10px;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  font-size: 17px;
}
.costs {
  margin-left: auto;
  font-weight: 600;
  color: var(--brass);
}
.begins {
  max-width: 320px;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>

<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import { angle } from '@anello/core/figure';
import type { WayId } from '@anello/core/taper';
import type { WayAssessment } from '@anello/core/ways';
import { computed, ref, watch } from 'vue';
import { useGo } from '../../model/useGo';
import { useJobModel } from '../../model/useJobModel';
import { useStageScreen } from '../../model/useStageScreen';
import { useWork } from '../../model/useWork';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useJob } from '../../../data/stores/job';
import { ServerAway } from '../../../data/api';
import { useLikeness } from '../../../data/stores/likeness';
import { useShop } from '../../../data/stores/shop';
import NoTaper from '../../shared/NoTaper.vue';
import RuledOut from '../../way/RuledOut.vue';
import WayCard from './WayCard.vue';

/** The ways side by side, for this part on this lathe; one recommended, the user's choice kept. */
const job = useJob();
const shop = useShop();
const go = useGo();
const { work, edit, held } = useWork('taper');
const model = useJobModel();
const choice = computed(() => model.choice.value);
const chosen = computed(() => model.way.value);
const stale = computed(() => model.stages.value.find((s) => s.stage === 'way')?.stale ?? null);

const working = computed(() => (choice.value?.assessments ?? []).filter((a) => a.blockers.length === 0));
const ruledOut = computed(() => (choice.value?.assessments ?? []).filter((a) => a.blockers.length > 0));
const said = ref('');

/** How long it takes here, as this shop finds it: kept with the lathe. */
async function setMinutes(id: WayId, minutes: number): Promise<void> {
  const machineId = job.document?.machineId;
  if (!machineId) return;
  try {
    await shop.change(machineId, (lathe) => void (lathe.minutes[id] = minutes));
    said.value = '';
  } catch (error) {
    if (error instanceof AnelloError || error instanceof ServerAway)
      said.value = 'The minutes could not be kept just now. Try again in a moment.';
    else throw error;
  }
}

function choose(id: WayId): void {
  const task = model.taper.value?.task;
  if (!task) return;
  const before = work.value.way;
  const here = held();
  const machineId = job.document?.machineId ?? '';
  edit((next) => void (next.way = { id, machineId, halfAngle: task.halfAngle }));
  if (before && before.id !== id) {
    job.offerBack('Way changed.', () => here.edit((next) => void (next.way = before)));
  }
}

useStageScreen({
  bar: () => {
    const can = choice.value?.recommended;
    if (!can) return null;
    if (chosen.value && !stale.value) {
      return {
        key: 'way',
        label: 'The way is chosen',
        asks: 'nothing',
        hint: 'Another can be chosen above at any time.',
        empty: { label: 'On to Set', run: () => void go.to('set') },
      };
    }
    return {
      key: 'way',
      label: 'Take the recommended way',
      asks: 'nothing',
      hint: 'Or choose another above.',
      empty: { label: 'Choose it', run: () => choose(can) },
    };
  },
  across: () => {
    const found = choice.value?.assessments.find(
      (a: WayAssessment) => a.id === (chosen.value ?? choice.value?.recommended),
    );
    return found ? { step: [found.title], label: found.settingLabel, figure: found.setting } : null;
  },
});
/** Minutes that nobody typed are those its records have. */
const likeness = useLikeness();
watch(
  () => job.document?.machineId,
  (id) => id && void likeness.ask(id),
  { immediate: true },
);
</script>

<template>
  <div v-if="choice && model.taper.value" class="ways">
    <NoticeText :tone="choice.recommended ? 'good' : 'bad'" class="reason">
      <strong v-if="choice.recommended"
        >{{ choice.assessments.find((a) => a.id === choice?.recommended)?.title }}: </strong
      ><PhraseText :phrase="choice.reason" />
    </NoticeText>
    <NoticeText v-if="stale" tone="warn"
      >Choose again: <PhraseText :phrase="stale" />, and it is
      <FigureText :figure="angle(model.taper.value.task.halfAngle)" /> on the
      {{ model.lathe.value?.name }} now.</NoticeText
    >
    <div class="three">
      <WayCard
        v-for="way in working"
        :key="way.id"
        :way="way"
        :recommended="way.id === choice.recommended"
        :chosen="way.id === chosen"
        :learned="model.learnedMinutes.value[way.id]"
        :allowed="model.taper.value.task.tolerance.overLength"
        @choose="choose(way.id)"
        @minutes="(minutes) => setMinutes(way.id, minutes)"
      />
    </div>
    <RuledOut :ways="ruledOut" />
    <NoticeText v-if="said" tone="warn">{{ said }}</NoticeText>
  </div>
  <NoTaper v-else-if="!model.taperError.value" />
</template>

<style scoped>
.ways {
  padding: 16px 18px 28px;
  display: grid;
  gap: 14px;
}
.reason {
  font-size: 16.5px;
}
.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(270px, 100%), 1fr));
  gap: 16px;
  align-items: stretch;
}
@media (max-width: 680px) {
  .ways {
    padding: 12px;
  }
}
</style>

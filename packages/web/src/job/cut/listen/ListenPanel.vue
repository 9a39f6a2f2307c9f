<script setup lang="ts">
import {
  beamFrequency,
  HELD_BY,
  hearPitch,
  pitchOfMarks,
  type Heard,
  type LoudLine,
} from '@anello/core/chatter';
import { count, length } from '@anello/core/figure';
import { mdiMicrophone } from '@mdi/js';
import { computed, shallowRef, watch } from 'vue';
import { usePreferences } from '../../../data/stores/preferences';
import { useWorkerTask } from '../../../data/worker/useWorkerTask';
import FigureText from '../../../ui/FigureText.vue';
import FileTake from '../../../ui/FileTake.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { tried } from '../../model/tried';
import KeptBox from '../../shared/KeptBox.vue';
import type { SoundFound, SoundQuestion } from './heardSound';
import SoundChart from './SoundChart.vue';
import type { Swings } from './swings';
import { STUFFS, useChatterSetup } from './useChatterSetup';
import { useEar } from './useEar';

/** Chatter has a pitch: heard, or counted on the work, it tells what swings, and what each remedy is worth. */
const props = withDefaults(defineProps<{ begin?: () => Worker; of?: Swings | null }>(), {
  of: null,
  begin: () => new Worker(new URL('./listen.worker.ts', import.meta.url), { type: 'module' }),
});
const preferences = usePreferences();
const ear = useEar();
const { kept, jaws, stuff, held, teeth, usual, setup } = useChatterSetup(() => props.of);
const JAWS = [{ value: 0, title: 'none' }, ...[3, 4, 6].map((value) => ({ value, title: `${value} jaws` }))];
const task = useWorkerTask<SoundQuestion, SoundFound>(props.begin, () => {
  const { value: sound } = ear.sound;
  return sound && { samples: sound.samples, rate: sound.rate, setup: setup.value };
});
/** As the bar would sound here, or the work: below its own pitch, since no holder is quite stiff. */
const IN_A_HOLDER = 0.82;
const madeUp = computed(() => {
  const { bar, work } = setup.value;
  const beam = bar ? { ...bar, held: HELD_BY[0] } : work;
  return beam ? Math.max(80, Math.min(2500, IN_A_HOLDER * beamFrequency(beam))) : 1090;
});
const picked = shallowRef<LoudLine | null>(null);
watch(
  () => task.found.value,
  (found) => {
    if (!found?.lines.some(({ hz }) => hz === picked.value?.hz)) picked.value = found?.lines[0] ?? null;
  },
);
const bySound = computed<Heard | null>(
  () => task.found.value?.heard.find(({ line }) => line.hz === picked.value?.hz)?.heard ?? null,
);
/** By eye, where nothing is listened to. */
const byMarks = computed(() => {
  const [waves, spacing] = [kept.value('waves'), kept.value('spacing')];
  const diameter = kept.value('workDiameter') ?? usual.value.workDiameter;
  if (waves === undefined && (spacing === undefined || diameter === null)) return null;
  return tried(() => {
    const marks = waves === undefined ? { spacing: spacing!, diameter: diameter! } : { waves };
    return hearPitch({ hz: pitchOfMarks(marks, setup.value.turns) }, setup.value);
  }, preferences.units);
});
const heard = computed(() => (ear.sound.value ? bySound.value : (byMarks.value?.found ?? null)));
const silent = computed(() => ear.sound.value !== null && task.found.value?.lines.length === 0);
</script>

<template>
  <section class="listen sheet" aria-label="Listen to the cut">
    <header class="top">
      <h2>Listen to the cut</h2>
      <v-btn v-if="!ear.open.value" :prepend-icon="mdiMicrophone" @click="ear.listen()">Listen</v-btn>
      <v-btn v-else class="go" @click="ear.stop()">■ Enough</v-btn>
      <FileTake label="A recording" accept="audio/*" @taken="ear.takeFile" />
      <v-btn @click="ear.takeMadeUp(madeUp)">A made-up sound</v-btn>
      <v-btn v-if="ear.sound.value && !ear.open.value" @click="ear.sound.value = null">Clear</v-btn>
    </header>
    <NoticeText v-if="ear.said.value" tone="warn">{{ ear.said.value }}</NoticeText>
    <NoticeText v-if="task.error.value" tone="warn">{{ task.error.value.sentence }}</NoticeText>
    <NoticeText v-if="!ear.sound.value && byMarks?.said" tone="warn">{{ byMarks.said }}</NoticeText>
    <div v-if="heard" class="says" role="status">
      <p class="big">
        <FigureText :figure="count(heard.hz, 1)" large /><span class="unit">Hz</span>
        <span class="waves"><FigureText :figure="count(heard.waves, 0.1)" /> waves in a turn</span>
      </p>
      <p class="what"><PhraseText :phrase="heard.said" />.</p>
      <div v-for="fit in heard.fits.slice(0, 2)" :key="fit.id" class="fit">
        <h3 v-if="heard.fits.length > 1">
          {{ fit.what }}, <FigureText :figure="count(fit.from, 1)" /> to
          <FigureText :figure="count(fit.to, 1)" /> Hz
        </h3>
        <ul>
          <li v-for="(phrase, i) in fit.todo" :key="i"><PhraseText :phrase="phrase" />.</li>
        </ul>
      </div>
      <p class="quiet"><PhraseText :phrase="heard.check" />.</p>
    </div>
    <p v-else-if="silent" class="quiet" role="status">No pitch stands out of the cut’s own noise.</p>
    <p v-else-if="!ear.sound.value" class="quiet">
      Let it be heard while it chatters, or count its marks on the work. Nothing of it is kept.
    </p>
    <SoundChart
      v-if="task.found.value && ear.sound.value"
      :spectrum="task.found.value"
      :picked="picked"
      @pick="picked = $event"
    />
    <div class="boxes">
      <KeptBox
        :entries="kept"
        name="turns"
        :label="`Turns a minute, or ${Math.round(usual.turns)}`"
        dimension="number"
      />
      <v-select v-model="jaws" label="Held by" :items="JAWS" />
      <v-text-field v-model="teeth" label="Gears’ teeth" placeholder="40 56" />
      <KeptBox :entries="kept" name="waves" label="Waves in a turn" dimension="number" />
      <KeptBox :entries="kept" name="spacing" label="or wave to wave" />
    </div>
    <div class="boxes">
      <KeptBox :entries="kept" name="barDiameter" label="Bar, diameter" />
      <KeptBox :entries="kept" name="barOut" label="Bar stands out" />
      <v-select v-model="stuff" label="Bar of" :items="STUFFS" />
      <KeptBox :entries="kept" name="workDiameter" label="Work, diameter" />
      <KeptBox :entries="kept" name="workLength" label="Work stands out" />
      <v-select v-model="held" label="Work held by" :items="[...HELD_BY]" />
    </div>
    <p class="quiet">
      Left empty, they are this job’s:
      <template v-if="usual.barDiameter && usual.barOut"
        >bar <FigureText :figure="length(usual.barDiameter, 0.1)" />,
        <FigureText :figure="length(usual.barOut, 1)" /> out; </template
      ><template v-if="usual.workDiameter && usual.workLength"
        >work <FigureText :figure="length(usual.workDiameter, 0.1)" />,
        <FigureText :figure="length(usual.workLength, 1)" /> long.</template
      >
    </p>
    <NoticeText tone="bad"
      >Keep hands, cloth and the tablet away from what turns; a bar is touched with the spindle stopped. The
      machine’s manual and the shop’s rules come first.</NoticeText
    >
  </section>
</template>

<style scoped>
.listen {
  padding: 14px 18px;
  display: grid;
  gap: 12px;
}
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
h2 {
  font-size: 18px;
  font-weight: 650;
  margin-right: auto;
}
h3 {
  font-size: 16px;
  font-weight: 650;
}
.says {
  display: grid;
  gap: 6px;
}
.big {
  font-size: 44px;
  line-height: 1.1;
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 8px;
}
.unit {
  font-size: 20px;
}
.waves {
  font-size: 17px;
  color: var(--ink-2);
  margin-left: 14px;
}
.what {
  font-size: 19px;
  font-weight: 650;
}
ul {
  margin: 0;
  padding-left: 22px;
}
.boxes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr));
  gap: 12px;
  align-items: start;
}
</style>

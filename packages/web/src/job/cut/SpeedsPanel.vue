<script setup lang="ts">
import { isEccentric } from '@anello/core/part';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { feedAndSpeed, overhangOf, theoreticalFinish, type Duty, USUAL_CUT } from '@anello/core/cutting';
import { count, length } from '@anello/core/figure';
import { TOOL_MATERIALS, type ToolMaterial } from '@anello/core/kit';
import { barLacks, fitBars, STICK_OUT } from '@anello/core/ways';
import { computed } from 'vue';
import { useMaterial } from '../model/useMaterial';
import { useJobModel } from '../model/useJobModel';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import PickOne from '../../ui/PickOne.vue';

/** Spindle speed and feed for this material, tool and lathe, and what makes them less here. */
const job = useJob();
const kit = useKit();
const model = useJobModel();

const task = computed(() => model.taper.value?.task ?? null);
const bore = computed(() => task.value?.member === 'internal');
const { rows, row } = useMaterial();
const tool = computed<ToolMaterial>(() => job.document?.cut.tool ?? 'hss');
const TITLES: Readonly<Record<ToolMaterial, string>> = { hss: 'High-speed steel', carbide: 'Carbide' };
const TOOLS = TOOL_MATERIALS.map((value) => ({ value, title: TITLES[value] }));
const bar = computed(() => {
  const { value } = task;
  if (!value || !bore.value) return null;
  return fitBars(kit.core.boringBars, { depth: value.length, smallEnd: value.smallDiameter })[0] ?? null;
});
/** Why the one that comes nearest does not go in or reach the end; one that only sings is used with care. */
const barLack = computed(() =>
  bar.value && bar.value.lacks !== 'stiffness' ? barLacks(bar.value, task.value?.smallDiameter ?? 0) : null,
);
const eccentric = computed(() => job.document?.features.some(isEccentric) ?? false);
const interrupted = useHeld(HELD.interrupted(job.id), eccentric.value);
const form = useHeld(HELD.formTool(job.id), model.wayChosen.value?.feeds === 'plunge');
const supported = useHeld(HELD.supported(job.id), model.wayChosen.value?.betweenCentres ?? false);
const diameter = computed(() => task.value?.largeDiameter ?? 2 * model.layout.value.largestRadius);
const overhang = computed(() =>
  bore.value || supported.value || !(diameter.value > 0) || !(model.layout.value.length > 0)
    ? undefined
    : overhangOf({ length: model.layout.value.length, diameter: diameter.value }),
);

const cuts = computed(() => {
  const material = row.value;
  if (!material || !(diameter.value > 0)) return [];
  const duty = (finishing: boolean): Duty => ({
    finishing,
    form: form.value,
    interrupted: interrupted.value,
    boring: barLack.value ? undefined : bar.value?.ratio,
    overhang: overhang.value,
  });
  const at = { material, tool: tool.value, diameter: diameter.value, speeds: model.lathe.value?.speeds };
  return [
    { name: 'Roughing', ...feedAndSpeed({ ...at, duty: duty(false) }) },
    { name: 'Last cuts', ...feedAndSpeed({ ...at, duty: duty(true) }) },
  ];
});
const nose = computed(() => job.document?.cut.noseRadius?.value ?? USUAL_CUT.noseRadius);
const finish = computed(() => {
  const feed = cuts.value[1]?.feed;
  return feed && nose.value > feed ? theoreticalFinish({ feed, noseRadius: nose.value }) : null;
});
const setTool = (next: ToolMaterial): void => job.edit((draft) => void (draft.cut.tool = next));
const setRow = (name: string): void => job.edit((draft) => void (draft.cut.materialRow = name));
const WHOLE = 1;
</script>

<template>
  <section class="speeds sheet" aria-label="Speeds and feeds">
    <h2>Speeds and feeds</h2>
    <div class="boxes">
      <v-select
        label="Material, as in the shop’s table"
        :items="rows.map((m) => m.name)"
        :model-value="row?.name ?? null"
        @update:model-value="setRow"
      />
      <PickOne :model-value="tool" :picks="TOOLS" label="The tool is of" @update:model-value="setTool" />
      <v-checkbox v-model="interrupted" label="Interrupted cut" hide-details />
      <v-checkbox v-if="!bore" v-model="supported" label="Tailstock supports it" hide-details />
      <v-checkbox v-model="form" label="Form or wide tool" hide-details />
    </div>
    <NoticeText v-if="!row" tone="warn"
      >“{{ job.document?.material || 'No material' }}” is in no row of the table: pick the one that is
      nearest.</NoticeText
    >
    <div v-else class="cuts">
      <article v-for="one in cuts" :key="one.name">
        <p class="label">{{ one.name }}, at ⌀<FigureText :figure="length(diameter, 0.1)" /></p>
        <p class="big"><FigureText :figure="count(one.set ?? one.rpm, WHOLE)" large /></p>
        <p class="quiet">
          turns a minute{{ one.set === null ? '' : ', as this lathe has it' }};
          <FigureText :figure="count(one.surfaceSpeed, WHOLE)" /> m/min asks for
          <FigureText :figure="count(one.rpm, WHOLE)" />
        </p>
        <p class="middle">
          <FigureText :figure="length(one.feed, 0.01)" /> <span class="after">a turn</span>
        </p>
      </article>
    </div>
    <p v-if="finish" class="quiet">
      With this feed and a nose of <FigureText :figure="length(nose, 0.01)" /> the last cut leaves ridges of
      <FigureText :figure="length(finish.peakToValley, 0.0001)" />, about
      <FigureText :figure="length(finish.ra, 0.0001)" /> Ra, before the tool or the work adds its own.
    </p>
    <NoticeText v-if="cuts[0]?.tooFast" tone="bad"
      >Even this lathe’s slowest speed is faster than this cut asks for: take a smaller diameter at a time, or
      carbide, or another lathe.</NoticeText
    >
    <ul v-if="cuts[0]?.because.length" class="quiet">
      <li v-for="(why, index) in cuts[0].because" :key="index">Slower: <PhraseText :phrase="why" />.</li>
    </ul>
    <template v-if="bore">
      <NoticeText v-if="!bar" tone="warn">No boring bar is on record for this shop.</NoticeText>
      <NoticeText v-else-if="barLack" tone="warn"
        >No bar on record works in this bore. <PhraseText :phrase="barLack"
      /></NoticeText>
      <NoticeText v-else :tone="bar.ratio > STICK_OUT[bar.bar.material].quiet ? 'warn' : 'plain'"
        >{{ bar.bar.name }}, out <FigureText :figure="count(bar.ratio, 0.1)" /> diameters.
        {{
          bar.ratio > STICK_OUT[bar.bar.material].most
            ? 'Too far: it sings and springs. A thicker bar, carbide, or bore from both ends.'
            : bar.ratio > STICK_OUT[bar.bar.material].quiet
              ? 'Light cuts, low speed, sharp small-nosed tool, and spring cuts until it stops cutting.'
              : 'Stiff enough: keep it no further out than the bore asks.'
        }}</NoticeText
      >
    </template>
    <p v-if="row" class="quiet">
      Table row “{{ row.name }}”: {{ row.source }}. <router-link to="/kit">Change the table</router-link>. The
      machine’s manual and the tool maker’s figures come first.
    </p>
  </section>
</template>

<style scoped>
.speeds {
  padding: 16px 20px;
  display: grid;
  gap: 14px;
}
h2 {
  font-size: 20px;
  font-weight: 650;
}
.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 20px;
  align-items: center;
}
.boxes .v-select {
  min-width: min(320px, 100%);
}
.boxes .v-checkbox {
  flex: none;
}
.cuts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 64px;
}
.big {
  font-size: 56px;
  font-weight: 650;
  line-height: 1.08;
}
.middle {
  font-size: 30px;
  font-weight: 600;
}
.after {
  font-size: 16px;
  color: var(--ink-2);
}
</style>

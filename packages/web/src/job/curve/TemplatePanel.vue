<script setup lang="ts">
import { useGo } from '../model/useGo';
import { creepCosts, feedToFollow, PRINTED_BAR, tracerTemplate } from '@anello/core/curve';
import { count, length } from '@anello/core/figure';
import { dialOf } from '@anello/core/machine';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useCut } from '../cut/useCut';
import { useJobModel } from '../model/useJobModel';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import { templateSheets, TEMPLATE_PAPER } from '../../files/paper/templateSheet';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { saveTemplate, type TemplateFormat } from '../../files/paper/saveTemplate';
import CurveLength from './CurveLength.vue';
import { useTemplateSide } from './useTemplateSide';
import MidwayCard from './MidwayCard.vue';
import WallPicks from './WallPicks.vue';

/** A full-size line for the stylus, on as many sheets as it takes, and how to work by it. */
const props = defineProps<{ desk: CurveDesk }>();
const job = useJob();
const go = useGo();
const lead = useLeadOn();
const preferences = usePreferences();
const model = useJobModel();
const cut = useCut();
const asHeld = useTemplateSide(props.desk);
const worked = computed(() => {
  const { value: pieces } = props.desk.pieces;
  if (!pieces) return NOTHING_TRIED;
  const [noseRadius, stylusRadius] = [props.desk.length('nose'), props.desk.length('stylus')];
  return tried(
    () => tracerTemplate({ pieces, member: props.desk.member.value, noseRadius, stylusRadius }),
    preferences.units,
  );
});
const template = computed(() => worked.value.found);
const printed = computed(() => {
  const { value: found } = template;
  if (!found) return NOTHING_TRIED;
  return tried(
    () =>
      templateSheets({
        title: `${job.document?.number ?? ''} ${props.desk.name.value}`,
        template: found,
        printedBar: props.desk.length('printedBar'),
        paper: TEMPLATE_PAPER,
        ...asHeld(props.desk.member.value),
      }),
    preferences.units,
  );
});
const sheets = computed(() => printed.value.found ?? []);
const atField = (field: string): string | undefined =>
  [worked.value, printed.value].find((one) => one.field === field)?.said;
const reads = computed(() => model.lathe.value?.dial.reads ?? 'diameter');
const CREPT = 0.5;
/** Less than this of what a stylus loses is nothing anybody would see, mm. */
const SEEN = 0.01;
const keepCut = (): Promise<void> =>
  lead(async () => {
    await props.desk.keepShaped('drawing', '');
    return go.path('prove');
  });
const save = (format: TemplateFormat): Promise<void> =>
  saveTemplate(`${job.document?.number ?? 'curve'} template`, sheets.value, format);
</script>

<template>
  <div class="split">
    <section v-if="template" class="main" aria-label="Drawing to follow">
      <article class="sheet panel">
        <h2>Print the line full size</h2>
        <p class="row">
          <v-btn class="go" :disabled="sheets.length === 0" @click="save('pdf')"
            >PDF, {{ sheets.length }} {{ sheets.length === 1 ? 'sheet' : 'sheets' }}</v-btn
          >
          <v-btn :disabled="sheets.length === 0" @click="save('svg')">SVG</v-btn>
          <v-btn :disabled="sheets.length === 0" @click="save('dxf')">DXF</v-btn>
        </p>
        <NoticeText v-if="printed.said && printed.field !== 'printedBar'" tone="bad">{{
          printed.said
        }}</NoticeText>
        <NoticeText v-if="template.lost >= SEEN / 2" tone="bad"
          >The stylus is too thick to follow every part of the line: the work comes out
          <FigureText :figure="length(template.lost, SEEN)" /> small at the worst. Take a thinner
          tip.</NoticeText
        >
        <NoticeText v-else tone="good">Stylus and nose keep company all along the line.</NoticeText>
        <table>
          <caption class="quiet">
            Check points, to be read again half-way
          </caption>
          <thead>
            <tr>
              <th scope="col">Along the curve</th>
              <th scope="col">Work’s diameter</th>
              <th scope="col">{{ reads === 'diameter' ? 'Dial, diameter' : 'Dial, radius' }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="check in template.checks" :key="check.z">
              <td><FigureText :figure="length(check.z, 0.1)" /></td>
              <td><FigureText :figure="length(check.diameter, 0.01)" /></td>
              <td><FigureText :figure="cut.dialFigure(dialOf(check.tip, reads))" /></td>
            </tr>
          </tbody>
        </table>
      </article>
      <article class="sheet panel">
        <h2>Working by it</h2>
        <ol>
          <li>
            Measure both bars on the print. If the <FigureText :figure="length(PRINTED_BAR, 1)" /> one is off,
            type what it came to, and print again.
          </li>
          <li>
            Fix it flat behind the work, clear of chips, parallel to the bed; line its witness lines up with
            the end and one diameter.
          </li>
          <li>
            Take the lash up toward the work and keep it so: the stylus only ever comes to the line from
            outside.
          </li>
          <li>
            Rough a staircase first. Then carriage feed no faster than
            <strong><FigureText :figure="length(feedToFollow(template.steepest), 1)" /> a minute</strong>:
            where the line is steepest the hand moves
            <FigureText :figure="count(template.steepest, 0.1)" /> for its one.
          </li>
          <li>
            Half-way, read the check points again. A paper that has crept
            <FigureText :figure="length(CREPT, 0.1)" /> along puts the work
            <FigureText :figure="length(creepCosts({ crept: CREPT, steepest: template.steepest }), 0.01)" />
            out on diameter at the steepest place.
          </li>
          <li>Then file, and cloth in a strip held to tear away, never wrapped round.</li>
        </ol>
        <p class="row"><v-btn @click="keepCut">It is cut, on to Prove</v-btn></p>
      </article>
      <MidwayCard :template="template" />
    </section>
    <aside class="side">
      <CurveLength :desk="desk" name="nose" label="Nose of the tool, radius" :error="atField('noseRadius')" />
      <CurveLength
        :desk="desk"
        name="stylus"
        label="Tip of the stylus, radius"
        :error="atField('stylusRadius')"
      />
      <CurveLength
        :desk="desk"
        name="printedBar"
        label="The 50 mm bar printed as"
        :error="atField('printedBar')"
      />
      <WallPicks v-if="desk.member.value === 'internal'" :desk="desk" />
      <p class="quiet">
        {{
          desk.member.value === 'internal' ? 'In a bore the stylus keeps to the axis side of the line. ' : ''
        }}Dial figures are of the tip touched off.
      </p>
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
li {
  margin-bottom: 6px;
}
caption {
  text-align: left;
}
</style>

<script setup lang="ts">
import {
  endForEnd,
  goesInWhole,
  mateCurve,
  mateOf,
  sampled,
  sharedDatum,
  tracerTemplate,
  type Piece,
} from '@anello/core/curve';
import { length } from '@anello/core/figure';
import type { Member } from '@anello/core/taper';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useTemplateSide } from './useTemplateSide';
import CurveDrawing from '../../drawing/CurveDrawing.vue';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { saveTemplate, type TemplateFormat } from '../../files/paper/saveTemplate';
import { templateSheets, TEMPLATE_PAPER } from '../../files/paper/templateSheet';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import CurveLength from './CurveLength.vue';
import WallPicks from './WallPicks.vue';

/** Plug and socket from one profile with a clearance, and the drawings to follow for both from one datum. */
const props = defineProps<{ desk: CurveDesk }>();
const job = useJob();
const preferences = usePreferences();
const asHeld = useTemplateSide(props.desk);
const worked = computed(() => {
  const { value: pieces } = props.desk.pieces;
  if (!pieces) return NOTHING_TRIED;
  const member = props.desk.member.value;
  const clearance = props.desk.length('mateClearance');
  const [noseRadius, stylusRadius] = [props.desk.length('nose'), props.desk.length('stylus')];
  return tried(() => {
    const mate = mateCurve({ pieces, member, clearance });
    const line = (half: readonly Piece[], side: Member) =>
      tracerTemplate({ pieces: half, member: side, noseRadius, stylusRadius });
    // The two go together mouth to tip: on the lathe the mate lies the other way round.
    return { mate, own: line(pieces, member), its: line(endForEnd(mate), mateOf(member)) };
  }, preferences.units);
});
const pair = computed(() => worked.value.found);
const datum = computed(() => (pair.value ? sharedDatum(pair.value.own.line, pair.value.its.line) : 0));
const HALVES = { external: 'plug', internal: 'socket' } as const;
const sheets = computed(() => {
  const { value: both } = pair;
  if (!both) return NOTHING_TRIED;
  const member = props.desk.member.value;
  const of = (template: typeof both.own, side: Member) =>
    templateSheets({
      title: `${job.document?.number ?? ''} ${props.desk.name.value}, ${HALVES[side]}`,
      template,
      printedBar: props.desk.length('printedBar'),
      paper: TEMPLATE_PAPER,
      datum: datum.value,
      ...asHeld(side),
    });
  return tried(() => [...of(both.own, member), ...of(both.its, mateOf(member))], preferences.units);
});
const whole = computed(() => !props.desk.pieces.value || goesInWhole(props.desk.pieces.value));
const beside = computed(() => (pair.value ? sampled(pair.value.mate, 0.5, 0.005) : []));
const save = (format: TemplateFormat): Promise<void> =>
  saveTemplate(`${job.document?.number ?? 'curve'} pair`, sheets.value.found ?? [], format);
const said = computed(() => worked.value.said || sheets.value.said);
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Plug and socket">
      <CurveDrawing
        v-if="desk.pieces.value"
        :pieces="desk.pieces.value"
        :member="desk.member.value"
        :path="beside"
        label="The curve, and its mate beside it"
      />
      <NoticeText v-if="said" tone="bad">{{ said }}</NoticeText>
      <article v-if="pair" class="sheet panel">
        <h2>Both from one profile</h2>
        <p class="row">
          <v-btn class="go" :disabled="!sheets.found" @click="save('pdf')">Both drawings, PDF</v-btn>
          <v-btn :disabled="!sheets.found" @click="save('svg')">SVG</v-btn>
          <v-btn :disabled="!sheets.found" @click="save('dxf')">DXF</v-btn>
        </p>
        <p>
          They share a datum line <strong><FigureText :figure="length(datum, 0.01)" /></strong> from the axis,
          and the witness line of the end where they meet. The mate’s is drawn end for end, as it is held,
          with its stylus on the other side of the line.
        </p>
        <NoticeText v-if="!whole" tone="warn"
          >It is thicker somewhere between its ends: it goes into a socket only if that is split.</NoticeText
        >
        <table>
          <thead>
            <tr>
              <th scope="col">Along the curve</th>
              <th scope="col">{{ desk.member.value === 'external' ? 'Plug' : 'Socket' }}</th>
              <th scope="col">{{ desk.member.value === 'external' ? 'Socket' : 'Plug' }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(check, i) in pair.own.checks" :key="check.z">
              <td><FigureText :figure="length(check.z, 0.1)" /></td>
              <td>⌀<FigureText :figure="length(check.diameter, 0.01)" /></td>
              <td>⌀<FigureText :figure="length(pair.its.checks.at(-1 - i)?.diameter ?? 0, 0.01)" /></td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">Measure both halves on Prove: the gap along the joint is worked out there.</p>
      </article>
    </section>
    <aside class="side">
      <CurveLength
        :desk="desk"
        name="mateClearance"
        label="Clearance, square to the curve"
        :error="worked.field === 'mateClearance' ? worked.said : undefined"
      />
      <WallPicks :desk="desk" />
      <CurveLength :desk="desk" name="nose" label="Nose of the tool, radius" />
      <CurveLength :desk="desk" name="stylus" label="Tip of the stylus, radius" />
      <CurveLength
        :desk="desk"
        name="printedBar"
        label="The 50 mm bar printed as"
        :error="sheets.field === 'printedBar' ? sheets.said : undefined"
      />
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>

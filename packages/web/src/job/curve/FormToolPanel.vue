<script setup lang="ts">
import { sampled } from '@anello/core/curve';
import { count, length } from '@anello/core/figure';
import { chatterRisk, formTool, formToolOutline, plungeSpeed, USUAL_CLEARANCE } from '@anello/core/form-tool';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useJobModel } from '../model/useJobModel';
import { useMaterial } from '../model/useMaterial';
import ToolDrawing from './ToolDrawing.vue';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { formToolSheet } from '../../files/paper/formToolSheet';
import { saveTemplate, type TemplateFormat } from '../../files/paper/saveTemplate';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import CurveLength from './CurveLength.vue';
import PickOne from '../../ui/PickOne.vue';

/** A form tool's own figures, corrected for rake and clearance, what leaving that out costs, its drawing, and how to plunge it. */
const props = defineProps<{ desk: CurveDesk }>();
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const { row: material } = useMaterial();
const rake = computed(() => props.desk.choice.value.rake?.value ?? 0);
const clearance = computed(() => props.desk.choice.value.clearance?.value ?? USUAL_CLEARANCE);
const kind = computed(() => props.desk.choice.value.tool ?? 'flat');
/** Places of a curve a tool is made by, mm apart. */
const COARSE = 2;
const KINDS = [
  { value: 'flat', title: 'Flat' },
  { value: 'circular', title: 'Round disc' },
] as const;
const TONES = { low: 'good', some: 'warn', high: 'bad' } as const;
const places = computed(() => {
  const { pieces, plunge } = props.desk;
  if (plunge.value) return { ...NOTHING_TRIED, found: plunge.value.work };
  const { value: curve } = pieces;
  if (!curve) return NOTHING_TRIED;
  return tried(() => sampled(curve, COARSE, 0.05).filter((p) => p.r > 0), preferences.units);
});
const work = computed(() => places.value.found ?? []);
const found = computed(() => {
  if (work.value.length < 2) return { ...NOTHING_TRIED, said: places.value.said };
  const toolRadius = props.desk.length('toolRadius');
  return tried(
    () =>
      formTool({
        kind: kind.value,
        work: work.value,
        rake: rake.value,
        clearance: clearance.value,
        toolRadius,
      }),
    preferences.units,
  );
});
const tool = computed(() => found.value.found);
const risk = computed(() => {
  const { value: made } = tool;
  if (!made) return NOTHING_TRIED;
  const stickOut = props.desk.length('stickOut');
  const width = props.desk.plunge.value?.cutting ?? made.width;
  return tried(() => chatterRisk({ width, diameter: made.thinnest, stickOut }), preferences.units);
});
const outline = computed(() => (tool.value ? formToolOutline(tool.value, kind.value) : []));
const speed = computed(() => {
  const { value: row } = material;
  if (!row || work.value.length < 2) return null;
  return tried(
    () =>
      plungeSpeed({
        work: work.value,
        stickOut: props.desk.length('stickOut'),
        material: row,
        tool: job.document?.cut.tool ?? 'hss',
        speeds: model.lathe.value?.speeds,
      }),
    preferences.units,
  ).found;
});
async function save(format: TemplateFormat): Promise<void> {
  if (!tool.value) return;
  const title = `${job.document?.number ?? ''} ${kind.value === 'flat' ? 'flat' : 'round'} form tool`;
  await saveTemplate(title, [formToolSheet(title, tool.value, kind.value)], format);
}
const AT_BOXES = ['rake', 'clearance', 'toolRadius'];
const at = (field: string): string | undefined =>
  found.value.field === field ? found.value.said : undefined;
const elsewhere = computed(() => (AT_BOXES.includes(found.value.field ?? '') ? '' : found.value.said));
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Form tool">
      <NoticeText v-if="elsewhere" tone="bad">{{ elsewhere }}</NoticeText>
      <article v-if="tool" class="sheet panel">
        <h2>The tool’s own figures</h2>
        <p>
          Uncorrected it would leave up to
          <strong><FigureText :figure="length(tool.uncorrected, 0.001)" /></strong> on diameter wrong.
        </p>
        <ToolDrawing :outline="outline" :disc="kind === 'circular'" />
        <p class="row">
          <v-btn @click="save('pdf')">The tool’s drawing, PDF</v-btn>
          <v-btn @click="save('svg')">SVG</v-btn>
          <v-btn @click="save('dxf')">DXF</v-btn>
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col">Along the edge</th>
              <th scope="col">Work’s diameter</th>
              <th scope="col">
                {{ kind === 'flat' ? 'Depth, square to the clearance face' : 'Radius of the disc' }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, index) in tool.points" :key="index">
              <td><FigureText :figure="length(row.z, 0.01)" /></td>
              <td><FigureText :figure="length(2 * row.work, 0.01)" /></td>
              <td>
                <strong><FigureText :figure="length(row.tool, 0.001)" /></strong>
              </td>
            </tr>
          </tbody>
        </table>
      </article>
      <article v-if="tool" class="sheet panel">
        <h2>Plunging it</h2>
        <div v-if="speed" class="figures">
          <div>
            <p class="label">Turns a minute, no faster than</p>
            <p class="middle"><FigureText :figure="count(speed.set ?? speed.rpm)" /></p>
          </div>
          <div>
            <p class="label">Feed a turn</p>
            <p class="middle"><FigureText :figure="length(speed.feed, 0.01)" /></p>
          </div>
        </div>
        <NoticeText v-if="speed?.tooFast" tone="bad"
          >Even this lathe’s slowest speed is faster than that: turn it by hand, or take a narrower
          tool.</NoticeText
        >
        <NoticeText v-if="risk.found" :tone="TONES[risk.found.risk]"
          >Edge of <FigureText :figure="length(tool.width, 0.1)" />: chatter risk {{ risk.found.risk }},
          {{ risk.found.because }}. Slow, stiff, oil; ease the sides a degree or two so that the edge does not
          squeal.</NoticeText
        >
      </article>
    </section>
    <aside class="side">
      <PickOne
        :model-value="kind"
        :picks="KINDS"
        label="The tool is"
        @update:model-value="(tool) => desk.change({ tool })"
      />
      <QuantityField
        label="Rake"
        dimension="angle"
        :model-value="desk.choice.value.rake"
        :draft-key="`${model.key.value}.curve.rake`"
        :error="at('rake')"
        @update:model-value="(next) => desk.change({ rake: next })"
      />
      <QuantityField
        label="Clearance"
        dimension="angle"
        :model-value="desk.choice.value.clearance"
        :draft-key="`${model.key.value}.curve.clearance`"
        :error="at('clearance')"
        @update:model-value="(next) => desk.change({ clearance: next })"
      />
      <CurveLength
        v-if="kind === 'circular'"
        :desk="desk"
        name="toolRadius"
        label="Largest radius of the disc"
        :error="at('toolRadius')"
      />
      <CurveLength :desk="desk" name="stickOut" label="The work stands out" :error="risk.said || undefined" />
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>

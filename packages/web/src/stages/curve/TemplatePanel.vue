<script setup lang="ts">
import { count, length, tracerTemplate } from '@anello/core';
import { computed } from 'vue';
import type { CurveDesk } from '../../composables/useCurve';
import { useJobModel } from '../../composables/useJobModel';
import { saveFile } from '../../lib/saveFile';
import FigureText from '../../parts/FigureText.vue';
import NoticeText from '../../parts/NoticeText.vue';
import { templateSheets } from '../../sheets/templateSheet';
import { useJob } from '../../stores/job';
import CurveLength from './CurveLength.vue';

/** A full-size line for the stylus, on as many sheets as it takes, and how to work by it. */
const props = defineProps<{ desk: CurveDesk }>();
const job = useJob();
const model = useJobModel();
const PAPER = { width: 297, height: 210 };
const template = computed(() =>
  props.desk.pieces.value
    ? tracerTemplate({
        pieces: props.desk.pieces.value,
        member: props.desk.member.value,
        noseRadius: props.desk.length('nose'),
        stylusRadius: props.desk.length('stylus'),
      })
    : null,
);
const sheets = computed(() =>
  template.value
    ? templateSheets({
        title: `${job.document?.number ?? ''} ${props.desk.name.value}`,
        template: template.value,
        printedBar: props.desk.length('printedBar'),
        paper: PAPER,
      })
    : [],
);
/** What a hand follows without losing the line, mm a minute across. */
const HAND = 60;
const carriage = computed(() => (template.value ? HAND / Math.max(template.value.steepest, 0.05) : 0));
const CREEP = 0.5;
async function save(format: 'pdf' | 'svg' | 'dxf'): Promise<void> {
  const name = `${job.document?.number ?? 'curve'}-template`;
  const [first] = sheets.value;
  if (!first) return;
  if (format === 'pdf') {
    const { toPdf } = await import('../../sheets/toPdf');
    saveFile(`${name}.pdf`, 'application/pdf', (await toPdf(...sheets.value)) as BlobPart);
    return;
  }
  const { exportSheet } = await import('../../sheets/export');
  for (const [i, sheet] of sheets.value.entries()) {
    const { type, content } = await exportSheet(sheet, format);
    saveFile(`${name}${sheets.value.length > 1 ? `-${i + 1}` : ''}.${format}`, type, content);
  }
}
</script>

<template>
  <div class="split">
    <section v-if="template" class="main" aria-label="Drawing to follow">
      <article class="sheet panel">
        <h2>Print the line full size</h2>
        <p class="row">
          <v-btn class="go" @click="save('pdf')"
            >PDF, {{ sheets.length }} {{ sheets.length === 1 ? 'sheet' : 'sheets' }}</v-btn
          >
          <v-btn @click="save('svg')">SVG</v-btn>
          <v-btn @click="save('dxf')">DXF</v-btn>
        </p>
        <NoticeText v-if="template.lost > 0" tone="bad"
          >The stylus is too thick to follow every part of the line: the work comes out
          <FigureText :figure="length(template.lost, 0.01)" /> small at the worst. Take a thinner
          tip.</NoticeText
        >
        <NoticeText v-else tone="good">Stylus and nose keep company all along the line.</NoticeText>
        <table>
          <caption class="quiet">
            Check points, to be read again half-way
          </caption>
          <thead>
            <tr>
              <th scope="col">Along</th>
              <th scope="col">Diameter</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="check in template.checks" :key="check.z">
              <td><FigureText :figure="length(check.z, 0.1)" /></td>
              <td><FigureText :figure="length(check.diameter, 0.01)" /></td>
            </tr>
          </tbody>
        </table>
      </article>
      <article class="sheet panel">
        <h2>Working by it</h2>
        <ol>
          <li>
            Measure both bars on the print. Type what the 100 mm bar would be if the short one is off, and
            print again.
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
            <strong><FigureText :figure="length(carriage, 1)" /> a minute</strong>: where the line is steepest
            the hand moves <FigureText :figure="count(template.steepest, 0.1)" /> for its one.
          </li>
          <li>
            Half-way, read the check points again. A paper that has crept
            <FigureText :figure="length(CREEP, 0.1)" /> along puts the work
            <FigureText :figure="length(2 * CREEP * template.steepest, 0.01)" /> out on diameter at the
            steepest place.
          </li>
          <li>Then file, and cloth in a strip held to tear away, never wrapped round.</li>
        </ol>
      </article>
    </section>
    <aside class="side">
      <CurveLength :desk="desk" name="nose" label="Nose of the tool, radius" />
      <CurveLength :desk="desk" name="stylus" label="Tip of the stylus, radius" />
      <CurveLength :desk="desk" name="printedBar" label="A 100 mm bar printed as" />
      <p class="quiet">
        {{ desk.member.value === 'internal' ? 'For a bore the line is mirrored already.' : '' }}
        {{ model.lathe.value?.name }}
      </p>
    </aside>
  </div>
</template>

<style scoped src="../eccentric/eccentric.css"></style>
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

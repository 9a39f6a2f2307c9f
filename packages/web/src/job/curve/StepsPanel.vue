<script setup lang="ts">
import { useGo } from '../model/useGo';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { count, formatFigure, length } from '@anello/core/figure';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useCut } from '../cut/useCut';
import { useCurveTable } from './useCurveTable';
import { useJobModel } from '../model/useJobModel';
import { useStageScreen } from '../model/useStageScreen';
import { csvOf } from '../../files/csv';
import { fileName, saveFile } from '../../files/saveFile';
import RidgeDrawing from './RidgeDrawing.vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { saveTemplate } from '../../files/paper/saveTemplate';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import CurveLength from './CurveLength.vue';
import FinishingCard from './FinishingCard.vue';
import PickOne from '../../ui/PickOne.vue';
import { useLeadOn } from '../../ui/useLeadOn';

/** Two-handle steps ticked off at the machine, the current one as large as the screen bears. */
const props = defineProps<{ desk: CurveDesk }>();
const job = useJob();
const model = useJobModel();
const cut = useCut();
const preferences = usePreferences();
const go = useGo();
const lead = useLeadOn();
/** The carriage is set by its own wheel to this, mm. */
const ALONG = 0.1;
const {
  found: table,
  error,
  busy,
  slow,
  stop,
} = useCurveTable(() => {
  const { value: pieces } = props.desk.pieces;
  const dial = model.lathe.value?.dial;
  if (!pieces || !dial) return null;
  return {
    pieces,
    member: props.desk.member.value,
    noseRadius: props.desk.length('nose'),
    ridge: props.desk.length('ridge'),
    longest: props.desk.length('longest'),
    along: ALONG,
    division: dial.division,
    reads: dial.reads,
    of: props.desk.choice.value.of ?? 'tip',
    allowance: props.desk.length('allowance'),
    beyond: props.desk.beyond.value,
  };
});
/** How far down which table: another table begins at its beginning. */
const ticked = useHeld(HELD.steps(model.key.value, job.piece), { of: 0, at: 0 });
const rows = computed(() => table.value?.rows ?? []);
const at = computed({
  get: () => (ticked.value.of === rows.value.length ? ticked.value.at : 0),
  set: (next) => void (ticked.value = { of: rows.value.length, at: next }),
});
const done = computed(() => at.value >= rows.value.length && rows.value.length > 0);
const index = computed(() => Math.min(at.value, Math.max(0, rows.value.length - 1)));
const row = computed(() => rows.value[index.value] ?? null);
/** The one before, which the ridge stands between. */
const last = computed(() => rows.value[index.value - 1] ?? null);
const OF = [
  { value: 'tip', title: 'The tip' },
  { value: 'centre', title: 'The nose’s centre' },
] as const;
const AROUND = 4;
const shown = computed(() =>
  rows.value.map((r, i) => ({ ...r, i })).slice(Math.max(0, index.value - 1), index.value + AROUND),
);

async function csv(): Promise<void> {
  const text = await csvOf(
    ['step', 'along mm', 'across mm', 'ridge mm'],
    rows.value.map((r, i) => [i + 1, r.along, r.across, r.ridge]),
  );
  saveFile(fileName(`${job.document?.number ?? 'curve'} steps`, 'csv'), 'text/csv', text);
}
const columns = computed<[string, string, string]>(() => [
  'carriage',
  model.lathe.value?.dial.reads === 'radius' ? 'slide, radius' : 'slide, dia.',
  'ridge',
]);
async function pdf(): Promise<void> {
  const { stepSheets } = await import('../../files/paper/stepSheets');
  const { units } = preferences;
  const title = `${job.document?.number ?? ''} ${props.desk.name.value}, two-handle steps`;
  const sheets = stepSheets({
    title,
    rows: rows.value,
    heads: columns.value,
    written: (r) => [
      formatFigure(length(r.along, ALONG), units),
      formatFigure(cut.dialFigure(r.across), units),
      formatFigure(length(r.ridge, 0.001), units),
    ],
  });
  await saveTemplate(title, sheets, 'pdf');
}
const keepCut = (): Promise<void> =>
  lead(async () => {
    await props.desk.keepShaped('steps', `${rows.value.length} steps`);
    return go.path('prove');
  });
useStageScreen({
  bar: () =>
    rows.value.length === 0
      ? null
      : {
          key: `${job.id}.steps`,
          label: done.value ? 'All steps are cut' : `Step ${index.value + 1} of ${rows.value.length}`,
          asks: 'nothing',
          hint: done.value
            ? 'Now file, then cloth: strips held to tear away.'
            : 'Lash always taken up toward the work; draw back before the next.',
          empty: done.value
            ? { label: 'It is cut, on to Prove', run: keepCut }
            : { label: 'Cut, next', run: () => void (at.value = index.value + 1) },
        },
  across: () =>
    row.value && !done.value
      ? {
          step: ['Carriage to ', length(row.value.along, ALONG)],
          label: 'cross-slide to',
          figure: cut.dialFigure(row.value.across),
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Two-handle steps">
      <NoticeText v-if="error" tone="bad">{{ error.sentence }}</NoticeText>
      <NoticeText v-if="desk.reach.value.said && !error" tone="bad">{{ desk.reach.value.said }}</NoticeText>
      <NoticeText v-for="one in desk.reach.value.found ?? []" :key="one.from" tone="warn"
        >The tool does not reach from <FigureText :figure="length(one.from, 0.1)" /> to
        <FigureText :figure="length(one.to, 0.1)" /> along the curve.</NoticeText
      >
      <article v-if="row" class="card sheet" aria-live="polite">
        <h2>{{ done ? 'All steps are cut' : `Step ${index + 1} of ${rows.length}` }}</h2>
        <div class="figures">
          <div>
            <p class="label">Carriage, from the tailstock face</p>
            <p class="huge"><FigureText :figure="length(row.along, ALONG)" large /></p>
          </div>
          <div>
            <p class="label">
              {{
                model.lathe.value?.dial.reads === 'diameter'
                  ? 'Cross-slide, reads diameter'
                  : 'Cross-slide, reads radius'
              }}
            </p>
            <p class="huge"><FigureText :figure="cut.dialFigure(row.across)" large /></p>
          </div>
        </div>
        <p class="row">
          <v-btn :disabled="at === 0" @click="at = at - 1">Back one</v-btn>
          <v-btn v-if="!done" class="go" @click="at = index + 1">Cut, next</v-btn>
          <v-btn v-else @click="at = 0">Begin again</v-btn>
        </p>
      </article>
      <p v-else class="quiet">{{ busy ? 'Working the table out…' : 'The curve is not settled yet.' }}</p>
      <p v-if="slow"><v-btn @click="stop">Stop working it out</v-btn></p>
      <table v-if="rows.length">
        <thead>
          <tr>
            <th scope="col">Step</th>
            <th scope="col">Carriage</th>
            <th scope="col">Cross-slide</th>
            <th scope="col">Ridge left</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in shown" :key="one.i" :class="{ next: one.i === index }">
            <th scope="row">{{ one.i < at ? '✓ ' : '' }}{{ one.i + 1 }}</th>
            <td><FigureText :figure="length(one.along, ALONG)" /></td>
            <td><FigureText :figure="cut.dialFigure(one.across)" /></td>
            <td><FigureText :figure="length(one.ridge, 0.001)" /></td>
          </tr>
        </tbody>
      </table>
      <FinishingCard v-if="table" :desk="desk" :ridge="table.highest" />
    </section>
    <aside class="side">
      <div class="worked">
        <p v-if="table">
          <strong><FigureText :figure="count(rows.length)" /></strong> steps, about
          <FigureText :figure="count(table.minutes)" /> minutes; ridges up to
          <FigureText :figure="length(table.highest, 0.001)" /> for file and cloth.
        </p>
        <p v-if="rows.length" class="row">
          <v-btn @click="pdf">Table to print</v-btn><v-btn @click="csv">Table as CSV</v-btn>
        </p>
      </div>
      <RidgeDrawing
        v-if="row && last && desk.pieces.value"
        :pieces="desk.pieces.value"
        :member="desk.member.value"
        :nose="desk.length('nose')"
        :here="row.nose"
        :before="last.nose"
        :ridge="row.ridge"
      />
      <PickOne
        :model-value="desk.choice.value.of ?? 'tip'"
        :picks="OF"
        label="Figures are of"
        @update:model-value="(of) => desk.change({ of })"
      />
      <CurveLength
        :desk="desk"
        name="nose"
        label="Nose of the tool, radius"
        :error="error?.field === 'noseRadius' ? error.sentence : undefined"
      />
      <CurveLength
        :desk="desk"
        name="ridge"
        label="Ridges no higher than"
        :error="error?.field === 'ridge' ? error.sentence : undefined"
      />
      <CurveLength :desk="desk" name="longest" label="No step longer than" />
      <CurveLength :desk="desk" name="allowance" label="Left on, on radius" />
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
.huge {
  font-size: 76px;
  font-weight: 650;
  line-height: 1.05;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
/* As high before it is worked out: what is typed below must not move. */
.worked {
  display: grid;
  gap: 10px;
  align-content: start;
  min-height: 103px;
}
.next td,
.next th {
  font-weight: 700;
  background: var(--blue-wash);
}
@media (max-width: 700px) {
  .huge {
    font-size: 52px;
  }
}
</style>

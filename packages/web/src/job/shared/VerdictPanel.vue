<script setup lang="ts">
import { ofKind, settingInForce, verdictOnPiece } from '@anello/core/job';
import { LOSS_CAUSES } from '@anello/core/memory';
import { computed, ref } from 'vue';
import { useJob } from '../../data/stores/job';
import { useJobModel } from '../model/useJobModel';
import { useShop } from '../../data/stores/shop';
import { useLeadOn } from '../../ui/useLeadOn';

/** Accepted, rework or scrap; the last two with their cause. Accepted also proves the setting. */
const props = defineProps<{
  atLine: boolean;
  angleRight: boolean;
  past: boolean;
  hasTaper: boolean;
  /** On the whole piece, where the part has several shapes. */
  whole?: boolean;
}>();
const job = useJob();
const shop = useShop();
const lead = useLeadOn();
const model = useJobModel();
type Verdict = 'accepted' | 'rework' | 'scrap';
const picking = ref<Verdict | null>(null);
const cause = ref('');
const problem = ref('');
const causes = computed(() =>
  LOSS_CAUSES.filter(
    (one) => picking.value !== null && picking.value !== 'accepted' && one.of.includes(picking.value),
  ),
);
const several = computed(() => model.shapes.value.length > 1);
/** What it is given of: the piece, or of several shapes the one in hand. */
const of = computed(() =>
  several.value && !props.whole ? (model.shape.value?.name ?? '') : `Piece ${job.piece}`,
);
const given = computed(() =>
  several.value && props.whole
    ? (verdictOnPiece(job.records, job.piece, model.shapes.value.length) ?? null)
    : (ofKind(model.records.value, 'verdict', job.piece).at(-1) ?? null),
);
const advice = computed(() => {
  if (props.whole)
    return props.atLine
      ? 'Every shape is proved: measure what the drawing asks for besides, then close the piece.'
      : 'A shape of it is not proved yet.';
  if (!props.hasTaper) return 'Measure what the drawing asks for, then say how it came out.';
  if (props.past) return 'Past its line: rework if the drawing allows, otherwise scrap with its cause.';
  if (props.atLine && props.angleRight) return 'At its line and marked all along: it can be accepted.';
  if (props.atLine) return 'At its line. Blue it once before accepting: size alone does not prove the angle.';
  return 'Not yet at its line.';
});

async function keep(verdict: Verdict): Promise<void> {
  if (verdict !== 'accepted' && cause.value.trim() === '') {
    problem.value = 'Say what caused it: the next piece learns from that.';
    return;
  }
  await lead(() => keepVerdict(verdict));
}

/** Where it leads, if anywhere. */
async function keepVerdict(verdict: Verdict): Promise<string | null> {
  const body = { kind: 'verdict', verdict, cause: verdict === 'accepted' ? '' : cause.value.trim() } as const;
  const record = props.whole ? await job.keep(body) : await model.keep(body);
  if (verdict === 'accepted' && !props.whole) await proveSetting();
  picking.value = null;
  problem.value = '';
  job.offerBack(`${of.value}: ${verdict}.`, () => job.withdraw(record));
  if (verdict === 'rework' || props.whole) return null;
  // Of several shapes there is more to do: the line of work says what.
  return `/job/${job.id}/${several.value && verdict === 'accepted' ? 'plan' : 'record'}`;
}

/** A piece that fits proves what the lathe stands at; the setting on record says so. */
async function proveSetting(): Promise<void> {
  const { value: way } = model.wayChosen;
  const setting = settingInForce(model.records.value, job.piece);
  if (!way?.device || !setting || !job.document || setting.body.way !== way.id) return;
  const { machineId, halfAngle, workLength } = setting.body;
  await shop.keepSetting({
    machineId,
    device: way.device,
    halfAngle,
    workLength: way.betweenCentres ? workLength : null,
    jobId: job.id,
    jobNumber: job.document.number,
    how: `piece ${job.piece} fitted its mate`,
  });
}
</script>

<template>
  <section class="verdict sheet" aria-label="Verdict">
    <p>
      <strong>{{ given ? `${of}: ${given.body.verdict}` : of }}</strong>
      <span class="quiet">{{ given?.body.cause || advice }}</span>
    </p>
    <div class="row">
      <v-btn :class="{ go: atLine && angleRight }" @click="keep('accepted')">Accept it</v-btn>
      <v-btn :aria-expanded="picking === 'rework'" @click="picking = picking === 'rework' ? null : 'rework'"
        >Rework</v-btn
      >
      <v-btn
        class="danger"
        :aria-expanded="picking === 'scrap'"
        @click="picking = picking === 'scrap' ? null : 'scrap'"
        >Scrap</v-btn
      >
    </div>
    <form v-if="picking === 'rework' || picking === 'scrap'" class="cause" @submit.prevent="keep(picking)">
      <div class="row">
        <v-btn
          v-for="{ id, says } in causes"
          :key="id"
          :aria-pressed="cause === says"
          :class="{ on: cause === says }"
          @click="cause = says"
          >{{ says }}</v-btn
        >
      </div>
      <v-text-field
        v-model="cause"
        label="Cause, in your words"
        maxlength="400"
        :error-messages="problem"
        autocomplete="off"
      />
      <v-btn type="submit" :class="picking === 'scrap' ? 'danger' : 'go'">{{
        picking === 'scrap' ? 'Record as scrap' : 'Record for rework'
      }}</v-btn>
    </form>
  </section>
</template>

<style scoped>
.verdict {
  padding: 12px 18px 14px;
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.cause {
  display: grid;
  gap: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
  justify-items: start;
}
.cause .v-input {
  width: 100%;
}
.on {
  border: 2px solid var(--blue);
  color: var(--blue);
}
</style>

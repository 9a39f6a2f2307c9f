import { lastReadings, triesOf, type Try } from '@anello/core/approach';
import { ofKind, settingInForce } from '@anello/core/job';
import {
  judgeSweep,
  type Nudge,
  type SettingStep,
  type Station,
  type SweepVerdict,
} from '@anello/core/setting';
import type { SettingRow } from '@anello/contract';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useJob } from '../../../data/stores/job';
import { useShop } from '../../../data/stores/shop';
import { useJobModel } from '../../model/useJobModel';

/** A nudge, and the half angle it is made from. */
export interface Nudged {
  readonly nudge: Nudge;
  readonly halfAngle: number;
}

export interface SettingDesk {
  readonly step: ComputedRef<SettingStep | null>;
  readonly index: Ref<number>;
  readonly done: ComputedRef<readonly boolean[]>;
  readonly allDone: ComputedRef<boolean>;
  readonly carried: ComputedRef<number | null>;
  readonly tries: ComputedRef<readonly Try[]>;
  readonly verdict: ComputedRef<SweepVerdict | null>;
  readonly nextStation: ComputedRef<Station | null>;
  readonly aimed: Ref<number | null>;
  /** Reads this station next, again if it was read before. */
  aimAt(at: number): void;
  keepReading(seen: number, typed: string): Promise<void>;
  /** By what a sweep all along said, where not by the stations. */
  keepNudge(by?: Nudged): Promise<void>;
  keepSetting(halfAngle?: number): Promise<void>;
  keepStep(): Promise<void>;
  takeAsOther(): Promise<void>;
}

/** The Set stage's work: which card is current, what was read on it, what it means, and keeping it. */
export function useSetting(): SettingDesk {
  const job = useJob();
  const shop = useShop();
  const model = useJobModel();
  const index = ref(0);
  const aimed = ref<number | null>(null);

  const inForce = computed(() => settingInForce(model.records.value, job.piece));
  const settingStands = computed(() => {
    const stage = model.stages.value.find((s) => s.stage === 'set');
    return inForce.value !== undefined && !stage?.stale;
  });
  const carried = computed(() =>
    settingStands.value && inForce.value && inForce.value.piece < job.piece ? inForce.value.piece : null,
  );
  const done = computed(() =>
    model.steps.value.map((step) => (carried.value !== null && !step.later) || isDone(step)),
  );
  const step = computed(() => model.steps.value[index.value] ?? null);
  const way = model.way;

  function isDone(candidate: SettingStep): boolean {
    if (candidate.proves) return settingStands.value;
    const kept = ofKind(model.records.value, 'step', job.piece).some(
      (r) => r.body.way === way.value && r.body.step === candidate.id,
    );
    return kept || (candidate.sweep !== undefined && !candidate.later && readInBand(candidate));
  }

  function readInBand(candidate: SettingStep): boolean {
    const verdictThere = judge(candidate);
    return verdictThere?.inBand ?? false;
  }

  function judge(candidate: SettingStep): SweepVerdict | null {
    const { value: context } = model.context;
    if (!way.value || !context || !candidate.sweep) return null;
    const current = triesOf(model.records.value, way.value, candidate.id, job.piece).at(-1);
    return current ? judgeSweep(way.value, context, candidate.sweep, lastReadings(current)) : null;
  }

  const tries = computed(() =>
    way.value && step.value ? triesOf(model.records.value, way.value, step.value.id, job.piece) : [],
  );
  const verdict = computed(() => (step.value ? judge(step.value) : null));
  const nextStation = computed(() => {
    const stations = step.value?.sweep?.stations ?? [];
    const read = new Set(tries.value.at(-1)?.readings.map((r) => r.body.at) ?? []);
    return stations.find((s) => s.at === aimed.value) ?? stations.find((s) => !read.has(s.at)) ?? null;
  });

  const goToFirstOpen = (): void => {
    const steps = model.steps.value;
    const open = steps.findIndex((candidate, i) => !candidate.later && !done.value[i]);
    const lastNow = steps.filter((candidate) => !candidate.later).length - 1;
    index.value = open === -1 ? Math.max(0, lastNow) : open;
  };
  watch([way, model.key, () => job.piece, () => model.steps.value.map((s) => s.id).join()], goToFirstOpen, {
    immediate: true,
  });
  watch(index, () => (aimed.value = null));

  async function keepReading(seen: number, typed: string): Promise<void> {
    const station = nextStation.value;
    if (!station || !step.value?.sweep || !way.value) return;
    const { at, expected, low, high } = station;
    const { travelAlong } = step.value.sweep;
    aimed.value = null;
    await model.keep({
      kind: 'reading',
      way: way.value,
      step: step.value.id,
      travelAlong,
      at,
      seen,
      expected,
      low,
      high,
      typed,
    });
  }

  async function keepNudge(by?: Nudged): Promise<void> {
    const nudge = by?.nudge ?? verdict.value?.nudge;
    const from = by?.halfAngle ?? verdict.value?.fit.halfAngle;
    if (!nudge || !step.value || !way.value || !model.context.value) return;
    await model.keep({
      kind: 'nudge',
      way: way.value,
      step: step.value.id,
      amount: nudge.amount.value,
      direction: `${nudge.place}, ${nudge.direction}`,
      fromHalfAngle: from ?? 0,
      toHalfAngle: model.context.value.task.halfAngle,
    });
  }

  async function keepSetting(by?: number): Promise<void> {
    const { value: context } = model.context;
    const fitted = by ?? verdict.value?.fit.halfAngle;
    if (!way.value || !context || !job.document) return;
    const halfAngle = fitted ?? context.task.halfAngle;
    const { machineId, number } = job.document;
    const { workLength } = context.task;
    await model.keep({ kind: 'setting-kept', way: way.value, machineId, halfAngle, workLength });
    await keepOnMachine(machineId, number, {
      halfAngle,
      workLength: model.wayChosen.value?.betweenCentres ? workLength : null,
      how: model.school.value?.provedBy ?? '',
    });
    goToFirstOpen();
  }

  /** What the lathe's device is set to from now on; a way without a device leaves nothing set. */
  async function keepOnMachine(
    machineId: string,
    number: string,
    setting: Pick<SettingRow, 'halfAngle' | 'workLength' | 'how'>,
  ): Promise<void> {
    const device = model.wayChosen.value?.device;
    if (!device) return;
    await shop.keepSetting({
      machineId,
      device,
      jobId: job.id,
      jobNumber: number,
      ...setting,
    });
  }

  async function keepStep(): Promise<void> {
    if (!way.value || !step.value) return;
    if (step.value.proves) return keepSetting();
    const { id, later } = step.value;
    await model.keep({ kind: 'step', way: way.value, step: id });
    if (later && job.document) {
      const { machineId, number } = job.document;
      await keepOnMachine(machineId, number, {
        halfAngle: null,
        workLength: null,
        how: 'back at zero, proved on a test bar',
      });
    }
    goToFirstOpen();
  }

  /** The travel was measured along the other: the same readings, judged by the other formula. */
  async function takeAsOther(): Promise<void> {
    const readings = tries.value.at(-1)?.readings ?? [];
    const other = model.measuredAlong.value === 'slide' ? 'axis' : 'slide';
    for (const { id } of readings) await model.keep({ kind: 'withdrawn', record: id });
    model.measuredAlong.value = other;
    const sweep = model.steps.value.find((s) => s.proves)?.sweep;
    const stepId = model.steps.value.find((s) => s.proves)?.id;
    if (!sweep || !stepId || !way.value) return;
    for (const { body } of readings) {
      const station = sweep.stations.find((s) => s.at === body.at);
      if (!station) continue;
      const { at, expected, low, high } = station;
      const { seen, typed } = body;
      const common = { kind: 'reading' as const, way: way.value, step: stepId };
      await model.keep({ ...common, travelAlong: other, at, seen, expected, low, high, typed });
    }
  }

  return {
    step,
    index,
    done,
    allDone: computed(() => model.steps.value.every((s, i) => s.later || done.value[i])),
    carried,
    tries,
    verdict,
    nextStation,
    aimed,
    aimAt: (at) => void (aimed.value = at),
    keepReading,
    keepNudge,
    keepSetting,
    keepStep,
    takeAsOther,
  };
}

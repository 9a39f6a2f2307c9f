import type { Entry } from '@anello/contract';
import { ofKind } from '@anello/core/job';
import type { SettingStep } from '@anello/core/setting';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { HELD } from '../../../../data/names';
import { useHeld } from '../../../../data/useHeld';
import { useJob } from '../../../../data/stores/job';
import { usePreferences } from '../../../../data/stores/preferences';
import { useWorkerTask, type WorkerTask } from '../../../../data/worker/useWorkerTask';
import { useJobModel } from '../../../model/useJobModel';
import type { SettingDesk } from '../useSetting';
import { thinnedTo, type LongFound, type LongQuestion, type Read } from './judgedSweep';

export interface LongSweepDesk {
  /** Travel and reading, a pair a line, as pasted, typed or taken from a file. */
  readonly text: Ref<string>;
  /** A stretch that is left out, mm from the start of the travel. */
  readonly without: Ref<{ from: number; to: number } | null>;
  /** Where on the bar or slide the travel begins, where that is said. */
  readonly begins: Ref<Entry | undefined>;
  readonly task: WorkerTask<LongFound>;
  /** The sweep kept last at this card. */
  readonly before: ComputedRef<{ readonly readings: readonly Read[]; readonly slope: number } | null>;
  /** Takes it off the screen, with what was left out of it. */
  clear(): void;
  /** Keeps it as it was read. */
  keep(): Promise<void>;
  keepNudge(): Promise<void>;
  keepSetting(): Promise<void>;
}

/** Characters that are held over a reload. */
const LONGEST_HELD = 200_000;
/** Of a kept sweep so many readings go with the record. */
const KEPT = 800;

export function useLongSweep(
  desk: SettingDesk,
  step: () => SettingStep,
  begin: () => Worker = () =>
    new Worker(new URL('./longSweep.worker.ts', import.meta.url), { type: 'module' }),
): LongSweepDesk {
  const job = useJob();
  const model = useJobModel();
  const preferences = usePreferences();
  const key = HELD.longSweep(`${model.key.value}.${step().id}`);
  const held = useHeld(key, '');
  const text = ref(held.value);
  // A hundred thousand readings would fill the browser's store: they are taken in again, not held.
  watch(text, (now) => (held.value = now.length <= LONGEST_HELD ? now : ''));
  const without = useHeld<{ from: number; to: number } | null>(`${key}.without`, null);
  /** A carriage stop is left where it is: from one sweep to the next it is the same. */
  const beganAt = useHeld<Entry | null>(
    HELD.barBegins(job.document?.machineId ?? '', model.way.value ?? ''),
    null,
  );
  const begins = computed<Entry | undefined>({
    get: () => beganAt.value ?? undefined,
    set: (next) => (beganAt.value = next ?? null),
  });
  const task = useWorkerTask<LongQuestion, LongFound>(begin, () => {
    const { sweep } = step();
    const { value: context } = model.context;
    const { value: way } = model.way;
    if (!sweep || !context || !way || text.value.trim() === '') return null;
    return {
      text: text.value,
      defaultUnit: preferences.units === 'mm' ? 'mm' : 'in',
      way,
      context,
      sweep,
      lead: context.lathe.leadScrew ?? null,
      without: without.value,
    };
  });
  const before = computed(() => {
    const last = ofKind(model.records.value, 'swept', job.piece)
      .filter(({ body }) => body.way === model.way.value && body.step === step().id)
      .at(-1);
    if (!last) return null;
    const { travel, reading, expectedSlope } = last.body;
    return {
      slope: expectedSlope,
      readings: travel.map((at, i) => ({ at, seen: reading[i] as number })),
    };
  });

  async function keep(): Promise<void> {
    const { value: found } = task.found;
    const { sweep, id } = step();
    if (!found || !sweep || !model.way.value) return;
    const shown = thinnedTo(found.shown, KEPT);
    await model.keep({
      kind: 'swept',
      way: model.way.value,
      step: id,
      travelAlong: sweep.travelAlong,
      expectedSlope: found.wanted,
      travel: shown.map(({ at }) => at),
      reading: shown.map(({ seen }) => seen),
      count: found.count,
      ...(begins.value ? { beginsAt: begins.value.value } : {}),
      halfAngle: found.verdict.halfAngle.value,
      u: found.verdict.halfAngle.u,
      causes: found.verdict.causes.map((cause) => cause.id),
    });
    clear();
  }
  /** With what was left out of it: the next sweep is another. */
  function clear(): void {
    text.value = '';
    without.value = null;
  }

  return {
    text,
    without,
    begins,
    task,
    before,
    keep,
    clear,
    async keepNudge() {
      const verdict = task.found.value?.verdict;
      if (!verdict?.nudge) return;
      await keep();
      await desk.keepNudge({ nudge: verdict.nudge, halfAngle: verdict.halfAngle.value });
    },
    async keepSetting() {
      const verdict = task.found.value?.verdict;
      if (!verdict) return;
      await keep();
      await desk.keepSetting(verdict.halfAngle.value);
    },
  };
}

import {
  shapesOf,
  taperOfJobIfComplete,
  workTried,
  type JobCard,
  type JobDocument,
  type JobView,
} from '@anello/contract';
import { whyNotTried } from '@anello/core/practice';
import { DEVICES, type Device } from '@anello/core/machine';
import type { Phrase } from '@anello/core/figure';
import { NAMED_WAYS } from '@anello/core/ways';
import { chosenFault, USUAL_LEVEL, type Badness, type FaultId, type Level } from '@anello/core/virtual-lathe';
import { computed, reactive, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { request } from '../../data/api';
import { useJobSearch } from '../../data/useJobSearch';
import { anyLathe, beginPractice } from '../../data/practice/begin';
import { practiceOf } from '../../data/practice/names';
import { latheOf, useShop } from '../../data/stores/shop';
import { isProfile, isTaper } from '@anello/core/part';

type JobNamed = Pick<JobCard, 'id' | 'number' | 'title'>;

export interface FreePlay {
  /** What matches the words, and the one that is picked. */
  readonly jobs: ComputedRef<readonly JobNamed[]>;
  /** Words to find a job by. */
  readonly search: Ref<string>;
  readonly away: Ref<boolean>;
  readonly form: {
    job: string | null;
    feature: string | null;
    way: Device | null;
    /** On the job's own lathe, as its owner describes it, or on the practice corner's. */
    own: boolean;
    level: Level;
    faults: Partial<Record<FaultId, Badness>>;
  };
  readonly shapes: ComputedRef<readonly { value: string; title: string }[]>;
  readonly ways: ComputedRef<readonly { value: Device; title: string }[]>;
  /** The job's own lathe; null while it is not known. */
  readonly lathe: ComputedRef<string | null>;
  /** Why it cannot be tried; null where it can. */
  readonly why: ComputedRef<Phrase | null>;
  readonly ready: ComputedRef<boolean>;
  /** Makes the practice job: gives the address it is worked at. */
  begin(): Promise<string>;
}

/** A job as it is picked from a list. */
export const nameOf = ({ number, title }: JobNamed): string => `${number} ${title}`;

const isCurve = (of: JobDocument | null, feature: string | null): boolean =>
  of?.features.some((one) => one.id === feature && isProfile(one)) ?? false;
/** So many are shown of those that match. */
const MOST = 30;
const titleOfWay = (device: Device): string => NAMED_WAYS.find(({ id }) => id === device)?.title ?? device;

/** Any job of the rack tried first: which shape of it, in what way, on what lathe, and with what wrong with that. */
export function useFreePlay(asked: { job?: string | undefined; feature?: string | undefined }): FreePlay {
  const shop = useShop();
  const document = shallowRef<JobDocument | null>(null);
  const form = reactive<FreePlay['form']>({
    job: asked.job ?? null,
    feature: asked.feature ?? null,
    way: null,
    own: true,
    level: USUAL_LEVEL,
    faults: {},
  });
  if (!shop.loaded) void shop.load();
  const { search, found, away } = useJobSearch(MOST, wordsOf);
  const picked = computed<JobNamed | null>(() =>
    form.job && document.value
      ? { id: form.job, number: document.value.number, title: document.value.title }
      : null,
  );
  /** The picked one stands in the box as it is called: nobody has typed it. */
  function wordsOf(text: string): string {
    if (text === '') return text;
    const now = picked.value ?? found.value.find(({ id }) => id === form.job);
    return now && text === nameOf(now) ? '' : text;
  }
  watch(
    () => form.job,
    async (id) => {
      document.value = null;
      if (!id) return;
      try {
        const { job } = await request<JobView>('GET', `/api/jobs/${encodeURIComponent(id)}`);
        if (form.job === id) document.value = job.document;
      } catch {
        away.value = true;
      }
    },
    { immediate: true },
  );
  const shapes = computed(() =>
    document.value
      ? shapesOf(document.value).map(({ feature, name }) => ({ value: feature, title: name }))
      : [],
  );
  const onTaper = computed(() => document.value?.features.some((f) => f.id === form.feature && isTaper(f)));
  const machine = computed(() => (document.value && shop.byId(document.value.machineId)) ?? null);
  const lathe = computed(() => (form.own && machine.value ? latheOf(machine.value) : undefined));
  const ways = computed(() =>
    onTaper.value ? DEVICES.map((value) => ({ value, title: titleOfWay(value) })) : [],
  );
  watch(
    shapes,
    (all) => {
      if (!all.some(({ value }) => value === form.feature)) form.feature = all[0]?.value ?? null;
    },
    { flush: 'sync' },
  );
  watch([() => form.feature, document], ([feature, of]) => {
    const chosen = feature ? of?.work[feature]?.way : undefined;
    const id = typeof chosen === 'object' ? chosen?.id : undefined;
    form.way = DEVICES.find((device) => device === id) ?? (onTaper.value ? (DEVICES[0] ?? null) : null);
  });
  const tried = computed(() =>
    document.value && form.feature
      ? workTried(document.value, form.feature, { until: 'made', way: form.way ?? undefined })
      : null,
  );
  const why = computed<Phrase | null>(() => {
    if (!document.value) return null;
    if (shapes.value.length === 0)
      return ['This job has no taper, throw, curve or groove: there is nothing of it to try here.'];
    if (!tried.value)
      return isCurve(document.value, form.feature)
        ? ['Only a curve outside can be followed here, and its figures must be complete.']
        : ['Its figures are not complete yet.'];
    return whyNotTried(tried.value, lathe.value);
  });

  /** The job's own document with the way that is tried; nothing of it goes back. */
  function partOf(of: JobDocument, feature: string): Partial<JobDocument> {
    const { plan: _plan, order: _order, due: _due, who: _who, tags: _tags, ...part } = of;
    const work = of.work[feature];
    const halfAngle = taperOfJobIfComplete(of, feature)?.task.halfAngle;
    if (!isTaper(work) || !form.way || halfAngle === undefined) return part;
    const before = work.way?.id === form.way ? work.way : null;
    const way = { ...before, id: form.way, machineId: machineFor(of) ?? '', halfAngle };
    return { ...part, work: { ...of.work, [feature]: { ...work, way } } };
  }
  const machineFor = (of: JobDocument): string | undefined =>
    form.own && machine.value ? practiceOf(of.machineId) : undefined;

  return {
    jobs: computed(() => {
      const others = found.value.filter(({ id }) => id !== picked.value?.id);
      if (!picked.value || others.length < found.value.length) return found.value;
      return wordsOf(search.value ?? '') ? [...others, picked.value] : [picked.value, ...others];
    }),
    search,
    away,
    form,
    shapes,
    ways,
    lathe: computed(() => machine.value?.document.name ?? null),
    why,
    ready: computed(() => tried.value !== null && why.value === null),
    async begin() {
      const [of, feature] = [document.value as JobDocument, form.feature as string];
      const faults = Object.fromEntries(
        Object.entries(form.faults).map(([id, how]) => [id, chosenFault(id as FaultId, how)]),
      );
      const machineId = machineFor(of);
      const id = await beginPractice({
        part: partOf(of, feature),
        feature,
        until: 'made',
        ...(form.way ? { way: form.way } : {}),
        exercise: null,
        hidden: { seed: anyLathe(), level: form.level, faults },
        ...(machineId ? { machineId } : {}),
      });
      return `/job/${id}/set/${feature}`;
    },
  };
}

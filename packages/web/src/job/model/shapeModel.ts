import {
  eccentricOfJob,
  newWork,
  operationOf,
  taperOfJob,
  valuesOf,
  workOf,
  type Shape,
} from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { USUAL_CUT } from '@anello/core/cutting';
import type { EccentricPart } from '@anello/core/eccentric';
import type { TravelAlong } from '@anello/core/gauging';
import { recordsOf, type KeptRecord, type RecordBody, type StageState } from '@anello/core/job';
import { learnedMinutes, type Learned } from '@anello/core/memory';
import type { TaperOfPart } from '@anello/core/part';
import {
  schoolOf,
  schoolsFor,
  settingSteps,
  type SchoolChoice,
  type SettingContext,
  type SettingStep,
} from '@anello/core/setting';
import type { WayId } from '@anello/core/taper';
import { compareWays, wayOf, type Way, type WayChoice } from '@anello/core/ways';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useJob, type About } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useLikeness } from '../../data/stores/likeness';
import { asStillSet } from '../../data/stores/shop';
import type { PartModel } from './partModel';
import { isEccentric, isTaper } from '@anello/core/part';

/** The shape in hand: a taper, an eccentric or a curve of the part, with what was kept of it and all that follows. */
export interface ShapeModel {
  /** Null of a part that is plain all over. */
  readonly shape: ComputedRef<Shape | null>;
  /** What is held in the browser for it begins with this. */
  readonly key: ComputedRef<string>;
  /** What was kept of it, and of the piece as a whole. */
  readonly records: ComputedRef<readonly KeptRecord[]>;
  /** How far it has come on this piece. */
  readonly stages: ComputedRef<readonly StageState[]>;
  /** What is said with everything that is kept of it. */
  readonly about: ComputedRef<About>;
  /** Keeps a record of it. */
  keep(body: RecordBody): Promise<KeptRecord>;
  /** The same, said and offered back. */
  keepAndOffer(body: RecordBody, said?: string): Promise<void>;
  readonly taper: ComputedRef<TaperOfPart | null>;
  readonly taperError: ComputedRef<AnelloError | null>;
  readonly choice: ComputedRef<WayChoice | null>;
  /** Set-up minutes that the lathe’s records give where nobody typed them. */
  readonly learnedMinutes: ComputedRef<Partial<Record<WayId, Learned>>>;
  readonly way: ComputedRef<WayId | null>;
  /** All there is to know of that way. */
  readonly wayChosen: ComputedRef<Way | null>;
  readonly context: ComputedRef<SettingContext | null>;
  /** The schools the chosen way can be set by here, and the one in use. */
  readonly schools: ComputedRef<readonly SchoolChoice[]>;
  readonly school: ComputedRef<SchoolChoice | null>;
  /** What the compound's travel is measured along, as the user said. */
  readonly measuredAlong: Ref<TravelAlong>;
  readonly steps: ComputedRef<readonly SettingStep[]>;
  readonly eccentric: ComputedRef<EccentricPart | null>;
  readonly cutFigures: ComputedRef<{
    stock?: number | undefined;
    roughDepth: number;
    lastStock: number;
    allowance: number;
  } | null>;
}

export function makeShapeModel(part: PartModel, picked: () => string | undefined): ShapeModel {
  const job = useJob();
  const kit = useKit();
  const likeness = useLikeness();
  const shape = computed(() => {
    const { value: shapes } = part.shapes;
    const named = (id: string | null | undefined): Shape | undefined => shapes.find((s) => s.feature === id);
    return named(picked()) ?? named(part.progress.value?.at) ?? shapes[0] ?? null;
  });
  const first = computed(() => shape.value === (part.shapes.value[0] ?? null));
  const work = computed(() =>
    job.document && isTaper(shape.value)
      ? workOf(job.document, shape.value.feature, 'taper')
      : newWork('taper'),
  );
  const about = computed<About>(() =>
    shape.value && job.document
      ? { feature: shape.value.feature, operation: operationOf(job.document, shape.value) }
      : {},
  );
  const solved = computed(() =>
    solve(() =>
      job.document && isTaper(shape.value) ? taperOfJob(job.document, shape.value.feature) : null,
    ),
  );
  const taper = computed(() => solved.value.taper);
  const way = computed(() => work.value.way?.id ?? null);
  const measuredAlong = ref<TravelAlong>('slide');
  const context = computed<SettingContext | null>(() =>
    taper.value && part.lathe.value
      ? {
          task: taper.value.task,
          lathe: part.lathe.value,
          kit: kit.core,
          blocksInUse: kit.blocksInUse,
          withoutWear: kit.withoutWear,
          measuredAlong: measuredAlong.value,
        }
      : null,
  );
  /** Typed for this lathe, or where nobody did as its records have them. */
  const learned = computed(() => {
    const said = likeness.of(job.document?.machineId ?? '');
    return part.lathe.value && said ? learnedMinutes(part.lathe.value, said.figures) : {};
  });
  const minutes = computed(() => ({
    ...part.lathe.value?.minutes,
    ...Object.fromEntries(Object.entries(learned.value).map(([id, one]) => [id, one.value])),
  }));
  const cutting = computed(() => ({
    feed: job.document?.cut.feed?.value ?? USUAL_CUT.feed,
    noseRadius: job.document?.cut.noseRadius?.value ?? USUAL_CUT.noseRadius,
  }));
  const schools = computed(() => (context.value && way.value ? schoolsFor(way.value, context.value) : []));
  const school = computed(() => {
    if (!way.value) return null;
    const { id } = schoolOf(way.value, work.value.way?.school);
    return schools.value.find((s) => s.id === id) ?? null;
  });
  return {
    shape,
    learnedMinutes: learned,
    key: computed(() => (first.value ? job.id : `${job.id}.${shape.value?.feature}`)),
    records: computed(() =>
      shape.value ? recordsOf(job.records, shape.value.feature, first.value) : job.records,
    ),
    stages: computed(() => {
      const progress = part.progress.value;
      const own = progress?.shapes.find((s) => s.feature === (shape.value?.feature ?? null));
      return own?.stages ?? progress?.stages ?? [];
    }),
    about,
    keep: (body) => job.keep(body, about.value),
    keepAndOffer: (body, said) => job.keepAndOffer(body, said, about.value),
    taper,
    taperError: computed(() => solved.value.error),
    choice: computed(() =>
      context.value
        ? compareWays({
            ...context.value,
            lathe: { ...context.value.lathe, minutes: minutes.value },
            stillSet: asStillSet(part.stillSet.value),
            cutting: cutting.value,
          })
        : null,
    ),
    way,
    wayChosen: computed(() => (way.value ? wayOf(way.value) : null)),
    context,
    schools,
    school,
    measuredAlong,
    steps: computed(() =>
      context.value && way.value ? settingSteps(way.value, context.value, school.value?.id) : [],
    ),
    eccentric: computed(() =>
      job.document && isEccentric(shape.value) ? eccentricOfJob(job.document, shape.value.feature) : null,
    ),
    cutFigures: computed(() => {
      if (!job.document) return null;
      const { stock, lastStock, allowance } = valuesOf(work.value.cut);
      return { stock, lastStock, allowance, roughDepth: job.document.cut.roughDepth.value };
    }),
  };
}

function solve(work: () => TaperOfPart | null): { taper: TaperOfPart | null; error: AnelloError | null } {
  try {
    return { taper: work(), error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { taper: null, error };
    throw error;
  }
}

import { coreFeatures, entry, type CurveWork, type Entry } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { outOfReach, USUAL_CURVE, type OutOfReach, type Piece } from '@anello/core/curve';
import { plungeOf, profileCurve, type Plunge, isProfile } from '@anello/core/part';
import type { Member } from '@anello/core/taper';
import type { CurveWayId } from '@anello/core/ways';
import { computed, type ComputedRef } from 'vue';
import { NOTHING_TRIED, tried, type Tried } from '../model/tried';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { shared } from '../model/desk';
import { useJobModel } from '../model/useJobModel';
import { useWork } from '../model/useWork';

type Lengths = keyof typeof USUAL_CURVE;

export interface CurveDesk {
  /** The curve the job is about; null where there is none, or its figures are not settled. */
  readonly pieces: ComputedRef<readonly Piece[] | null>;
  readonly member: ComputedRef<Member>;
  readonly name: ComputedRef<string>;
  readonly plunge: ComputedRef<Plunge | null>;
  readonly choice: ComputedRef<CurveWork>;
  /** What the tool does not reach; or what is wrong with its figures. */
  readonly reach: ComputedRef<Tried<readonly OutOfReach[]>>;
  /** From the part's tailstock face to the curve's own tailstock end, mm. */
  readonly beyond: ComputedRef<number>;
  /** A length as given, or the usual. */
  length(key: Lengths): number;
  entryOf(key: Lengths): Entry | undefined;
  change(more: Partial<CurveWork>): void;
  choose(way: CurveWayId): void;
  /** Keeps that it was cut so, and what is to be said of it. */
  keepShaped(way: CurveWayId, said: string): Promise<void>;
}

/** What is usual, as it would be typed. */
const usual = (key: Lengths): Entry => entry(`${USUAL_CURVE[key]} mm`);

/** The curve or the grooves a job is about, how they are made, and the figures that takes. */
export const useCurve = shared('curve', makeCurveDesk);

function makeCurveDesk(): CurveDesk {
  const job = useJob();
  const preferences = usePreferences();
  const model = useJobModel();
  const { work: choice, lay, held } = useWork('curve');
  const feature = computed(() => {
    const found = coreFeatures(job.document?.features ?? []).find((f) => f.id === model.shape.value?.feature);
    return isProfile(found) ? found : null;
  });
  const pieces = computed(() => {
    if (!feature.value) return null;
    try {
      return profileCurve(feature.value);
    } catch (error) {
      if (error instanceof AnelloError) return null;
      throw error;
    }
  });
  const member = computed<Member>(() => feature.value?.side ?? 'external');
  const lengthOf = (key: Lengths): number => choice.value[key]?.value ?? USUAL_CURVE[key];

  const change = (more: Partial<CurveWork>): void => lay(more);

  return {
    pieces,
    member,
    name: computed(() => feature.value?.name ?? ''),
    plunge: computed(() => plungeOf(coreFeatures(job.document?.features ?? []))),
    choice,
    reach: computed(() => {
      const { value: found } = pieces;
      if (!found) return NOTHING_TRIED;
      const [noseRadius, flank] = [lengthOf('nose'), choice.value.flank?.value];
      return tried(
        () => outOfReach({ pieces: found, noseRadius, member: member.value, flank }),
        preferences.units,
      );
    }),
    beyond: computed(() => {
      const { sections, length: whole } = model.layout.value;
      const section = sections.find((s) => s.id === feature.value?.id);
      return section ? whole - section.z1 : 0;
    }),
    length: lengthOf,
    entryOf: (key) => choice.value[key] ?? usual(key),
    change,
    async keepShaped(way, said) {
      await model.keepAndOffer({ kind: 'shaped', way, said });
    },
    choose(way) {
      const before = choice.value.way;
      const here = held();
      here.lay({ way });
      if (before && before !== way) job.offerBack('Way changed.', () => here.lay({ way: before }));
    },
  };
}

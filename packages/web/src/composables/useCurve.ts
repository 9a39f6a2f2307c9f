import { coreFeatures, entry, type CurveChoice, type CurveWayId, type Entry } from '@anello/contract';
import {
  AnelloError,
  outOfReach,
  plungeOf,
  profileCurve,
  type Member,
  type OutOfReach,
  type Piece,
  type Plunge,
} from '@anello/core';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../stores/job';
import { useScreen } from '../stores/screen';

type Lengths =
  | 'nose'
  | 'stylus'
  | 'ridge'
  | 'longest'
  | 'allowance'
  | 'printedBar'
  | 'limit'
  | 'toolRadius'
  | 'stickOut'
  | 'widthBand'
  | 'bottomBand';

export interface CurveDesk {
  /** The curve the job is about; null where there is none, or its figures are not settled. */
  readonly pieces: ComputedRef<readonly Piece[] | null>;
  readonly member: ComputedRef<Member>;
  readonly name: ComputedRef<string>;
  readonly plunge: ComputedRef<Plunge | null>;
  readonly choice: ComputedRef<CurveChoice>;
  readonly reach: ComputedRef<readonly OutOfReach[]>;
  /** A length as given, or the usual. */
  length(key: Lengths): number;
  entryOf(key: Lengths): Entry | undefined;
  change(more: Partial<CurveChoice>): void;
  choose(way: CurveWayId): void;
}

const USUAL: Readonly<Record<Lengths, string>> = {
  nose: '0.8 mm',
  stylus: '0.8 mm',
  ridge: '0.02 mm',
  longest: '1 mm',
  allowance: '0 mm',
  printedBar: '100 mm',
  limit: '0.1 mm',
  toolRadius: '30 mm',
  stickOut: '60 mm',
  widthBand: '0.05 mm',
  bottomBand: '0.05 mm',
};

/** The curve or the grooves a job is about, how they are made, and the figures that takes. */
export function useCurve(): CurveDesk {
  const job = useJob();
  const screen = useScreen();
  const choice = computed<CurveChoice>(() => job.document?.curve ?? {});
  const feature = computed(() => {
    const found = coreFeatures(job.document?.features ?? []).find((f) => f.kind === 'profile');
    return found?.kind === 'profile' ? found : null;
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
  const lengthOf = (key: Lengths): number => choice.value[key]?.value ?? entry(USUAL[key]).value;

  function change(more: Partial<CurveChoice>): void {
    job.edit((draft) => {
      const next: Record<string, unknown> = { ...draft.curve, ...more };
      for (const [key, value] of Object.entries(next)) if (value === undefined) delete next[key];
      draft.curve = next as CurveChoice;
    });
  }

  return {
    pieces,
    member,
    name: computed(() => feature.value?.name ?? ''),
    plunge: computed(() => plungeOf(coreFeatures(job.document?.features ?? []))),
    choice,
    reach: computed(() =>
      pieces.value
        ? outOfReach({
            pieces: pieces.value,
            noseRadius: lengthOf('nose'),
            member: member.value,
            flank: choice.value.flank?.value,
          })
        : [],
    ),
    length: lengthOf,
    entryOf: (key) => choice.value[key] ?? entry(USUAL[key]),
    change,
    choose(way) {
      const before = choice.value.way;
      change({ way });
      if (before && before !== way)
        screen.undoable = { text: 'Way changed.', run: () => change({ way: before }) };
    },
  };
}

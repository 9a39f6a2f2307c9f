import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { BehaviourId } from './behaviours/behaviour';
import type { Knowledge } from './belief';
import type { InfeedPass } from './learn';

export const SUSPICION_IDS = ['nothing-comes', 'dial-doubled', 'dial-halved', 'lash', 'misfit'] as const;
export type SuspicionId = (typeof SUSPICION_IDS)[number];

/** Something about the passes that no infeed should be trusted to before it has been looked at. */
export interface Suspicion {
  readonly kind: SuspicionId;
  /** What the passes show. */
  readonly looks: Phrase;
  /** What to check before going on. */
  readonly check: Phrase;
}

interface Suspect {
  readonly kind: SuspicionId;
  readonly check: string;
  looks(known: Knowledge, passes: readonly InfeedPass[], sigma: number): Phrase | null;
}

/** More than any usual lash fed in, and next to nothing of it came off. */
const MORE_THAN_LASH = 0.09;
const NEXT_TO_NOTHING = 0.06;
/** A behaviour believed more than this is what is the matter. */
const BELIEVED = 0.5;
const SURE = 0.7;

const weightOf = (known: Knowledge, ...ids: readonly BehaviourId[]): number =>
  known.behaviours.reduce((sum, b) => (ids.includes(b.behaviour.id) ? sum + b.weight : sum), 0);

/** What was fed in and what came of it, over the measured passes. */
function totals(passes: readonly InfeedPass[]): { fed: number; took: number } {
  const last = passes.findLastIndex((p) => p.removed !== null && p.removed !== undefined);
  return passes
    .slice(0, last + 1)
    .reduce((sum, p) => ({ fed: sum.fed + p.infeed, took: sum.took + (p.removed ?? 0) }), {
      fed: 0,
      took: 0,
    });
}

const fedAndTook = ({ fed, took }: { fed: number; took: number }): Phrase => [
  length(fed, 0.001),
  ' on radius was fed in and ',
  length(took, 0.001),
  ' came off',
];

/** One pass with no metal to show for it; one that left more than before is a wild reading, and something else. */
const UNSEEN = 0.01;
const UNSEEN_AT_ALL = 0.0005;
const tookNothing = ({ infeed, removed }: InfeedPass): boolean =>
  removed === null || removed === undefined || Math.abs(removed) <= Math.max(UNSEEN, infeed / 4);

/** Passes in a row, once it has cut, that together took no more than a reading can be out. */
const IDLE = 5;
const HAS_CUT = 0.01;

function idleSinceCut(passes: readonly InfeedPass[], sigma: number): { fed: number; took: number } | null {
  const last = passes.slice(-IDLE);
  const cut = passes.slice(0, -IDLE).some((p) => (p.removed ?? 0) > HAS_CUT);
  if (!cut || last.length < IDLE || last.some((p) => typeof p.removed !== 'number')) return null;
  const sum = totals(last);
  return sum.took < sigma + UNSEEN_AT_ALL ? sum : null;
}

/** The passes since anything came off. */
function sinceAnything(passes: readonly InfeedPass[]): { fed: number; took: number } {
  let worst = { fed: 0, took: 0 };
  for (let from = 0; from < passes.length; from++) {
    const { fed, took } = totals(passes.slice(from));
    const idle = passes.slice(from).every(tookNothing);
    if (idle && took < NEXT_TO_NOTHING * fed && fed > worst.fed) worst = { fed, took };
  }
  return worst;
}

const SUSPECTS: readonly Suspect[] = [
  {
    kind: 'nothing-comes',
    check:
      'See that the tool cuts and does not rub, that the slide is not locked, that its handle is not slipping, and that lash was taken up the way you feed.',
    looks: (_, passes, sigma) => {
      const idle = idleSinceCut(passes, sigma);
      if (idle) return [...fedAndTook(idle), ` in the last ${IDLE} passes.`];
      const since = sinceAnything(passes);
      return since.fed > MORE_THAN_LASH
        ? [...fedAndTook(since), ': more than any usual lash, for next to nothing.']
        : null;
    },
  },
  {
    kind: 'dial-doubled',
    check:
      'See whether this dial reads radius where diameter was taken, and measure again before anything else: the next turn takes twice what it says.',
    looks: (known, passes) =>
      weightOf(known, 'dial-doubled') > BELIEVED
        ? [...fedAndTook(totals(passes)), ': about twice what the dial says.']
        : null,
  },
  {
    kind: 'dial-halved',
    check:
      'See whether this dial reads diameter where radius was taken, and whether the tool springs or rubs. Do not feed the missing half in one go.',
    looks: (known, passes) =>
      weightOf(known, 'dial-halved') > SURE
        ? [...fedAndTook(totals(passes)), ': about half of what the dial says, pass after pass.']
        : null,
  },
  {
    kind: 'lash',
    check:
      'Come in past the mark and back the same way each time, nip the gib or lock the slide, and see that nothing draws the slide in or pushes it back.',
    looks: (known) =>
      weightOf(known, 'lash-returns', 'lash-comes-and-goes') > BELIEVED
        ? ['What comes off does not follow the dial: lash is lost on one pass and not on another.']
        : null,
  },
  {
    kind: 'misfit',
    check:
      'Measure again with the work cool and clean, set the dial against its mark once more, and look at the tool’s edge and its clamping.',
    looks: (known, passes) =>
      known.misfit > BELIEVED
        ? [...fedAndTook(totals(passes)), '. Nothing a tool does explains that: one reading may be wild.']
        : null,
  },
];

/** The first thing that looks wrong, or null. */
export function suspicionIn(
  known: Knowledge,
  passes: readonly InfeedPass[],
  sigma: number,
): Suspicion | null {
  for (const { kind, check, looks } of SUSPECTS) {
    const said = looks(known, passes, sigma);
    if (said) return { kind, looks: said, check: [check] };
  }
  return null;
}

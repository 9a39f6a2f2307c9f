import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { MadeBasis, MadeId } from './made';

export interface Invalidated {
  readonly what: MadeId;
  readonly verdict: 'keep' | 'rework' | 'again';
  readonly said: Phrase;
}

/** What was made, and what a change does to it. */
interface Thing {
  readonly name: string;
  /** What it was made from: a change of any of these touches it. */
  readonly from: readonly (keyof MadeBasis)[];
  /** Where it can be worked on further from what it was to what is wanted, given the figures that changed: how. */
  readonly rework?: (was: MadeBasis, now: MadeBasis, changed: readonly (keyof MadeBasis)[]) => string | null;
  /** What else must be done. */
  readonly again: string;
}
const MUST_BE_MADE = 'as it is, this part must be made again, or bushed';
const misfit = (does: 'does' | 'do'): string => `${does} not fit any more; ${MUST_BE_MADE}`;

const THINGS: Readonly<Record<MadeId, Thing>> = {
  outside: {
    name: 'The outside',
    from: ['diameter'],
    rework: (was, now) => (now.diameter < was.diameter ? 'can be turned down' : null),
    again: misfit('does'),
  },
  throw: { name: 'The throw that was dialled in', from: ['throw'], again: 'must be set again' },
  bore: {
    name: 'The bore',
    from: ['bore', 'throw'],
    rework: (was, now, changed) =>
      !changed.includes('throw') && (now.bore ?? 0) > (was.bore ?? 0)
        ? 'can be opened out at the same setting, or from the proved throw'
        : null,
    again: misfit('does'),
  },
  groove: { name: 'The grooves', from: ['diameter', 'width'], again: misfit('do') },
  screw: {
    name: 'The set-screw’s hole',
    from: ['hub', 'bore'],
    again: 'is drilled and tapped again, at another place round the hub; the part itself can be kept',
  },
  packing: { name: 'The packing', from: ['diameter', 'throw'], again: 'is worked out afresh' },
};
const FIGURES: Readonly<Record<keyof MadeBasis, string>> = {
  throw: 'throw',
  diameter: 'outside',
  width: 'width',
  bore: 'bore',
  hub: 'hub',
};
const SAME = 1e-6;

/**
 * What a later change of the drawing does to what is already made: kept, worked on further, or made again.
 *
 * @example
 * invalidates([{ what: 'throw', basis: BASIS }], { ...BASIS, throw: 5 }).map((one) => one.verdict)
 * // → ['again']
 */
export function invalidates(
  made: readonly { readonly what: MadeId; readonly basis: MadeBasis }[],
  now: MadeBasis,
): Invalidated[] {
  return made.map(({ what, basis }) => {
    const thing = THINGS[what];
    const changed = thing.from.filter((key) => Math.abs((basis[key] ?? 0) - (now[key] ?? 0)) > SAME);
    const [first] = changed;
    if (!first) return { what, verdict: 'keep', said: [`${thing.name} can be kept.`] };
    const rework = thing.rework?.(basis, now, changed) ?? null;
    const said: Phrase = [`${thing.name} ${rework ?? thing.again}: `, ...changeOf(first, basis, now), '.'];
    return { what, verdict: rework ? 'rework' : 'again', said };
  });
}

function changeOf(key: keyof MadeBasis, was: MadeBasis, now: MadeBasis): Phrase {
  const [before, after] = [was[key], now[key]];
  if (!before) return [`there was no ${FIGURES[key]}, and it is `, length(after ?? 0, 0.01), ' now'];
  if (!after) return [`the ${FIGURES[key]} was `, length(before, 0.01), ', and there is none now'];
  return [`the ${FIGURES[key]} was `, length(before, 0.01), ' and is ', length(after, 0.01), ' now'];
}

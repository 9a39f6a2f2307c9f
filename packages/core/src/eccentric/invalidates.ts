import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';

/** What can be made of an eccentric, in the order usual, and how it is said when it has been. */
export const MADE = {
  outside: 'Outside turned',
  throw: 'Throw set',
  bore: 'Bored',
  groove: 'Grooves cut',
  screw: 'Set-screw’s hole tapped',
  packing: 'Packing made',
} as const;
export type MadeId = keyof typeof MADE;
export const MADE_IDS = Object.keys(MADE) as readonly MadeId[];

/** The figures a thing was made to, mm; null where the part has none. */
export interface MadeBasis {
  readonly throw: number;
  readonly diameter: number;
  readonly width: number;
  readonly bore: number | null;
  readonly hub: number | null;
}

export interface Invalidated {
  readonly what: MadeId;
  readonly verdict: 'keep' | 'rework' | 'again';
  readonly said: Phrase;
}

/** What each thing was made from: a change of any of these touches it. */
const DEPENDS: Readonly<Record<MadeId, readonly (keyof MadeBasis)[]>> = {
  outside: ['diameter'],
  throw: ['throw'],
  bore: ['bore', 'throw'],
  groove: ['diameter', 'width'],
  screw: ['hub', 'bore'],
  packing: ['diameter', 'throw'],
};

const NAMES: Readonly<Record<MadeId, string>> = {
  outside: 'The outside',
  throw: 'The throw, as dialled in',
  bore: 'The bore',
  groove: 'The grooves',
  screw: 'The set-screw’s hole',
  packing: 'The packing',
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
    const changed = DEPENDS[what].filter((key) => Math.abs((basis[key] ?? 0) - (now[key] ?? 0)) > SAME);
    return changed.length === 0
      ? { what, verdict: 'keep', said: [`${NAMES[what]} can be kept.`] }
      : { what, ...verdictOf(what, changed, basis, now) };
  });
}

function verdictOf(
  what: MadeId,
  changed: readonly (keyof MadeBasis)[],
  basis: MadeBasis,
  now: MadeBasis,
): Pick<Invalidated, 'verdict' | 'said'> {
  const key = changed[0] as keyof MadeBasis;
  const was: Phrase = [
    `the ${FIGURES[key]} was `,
    length(basis[key] ?? 0, 0.01),
    ' and is ',
    length(now[key] ?? 0, 0.01),
    ' now',
  ];
  if (what === 'bore' && changed.length === 1 && key === 'bore' && (now.bore ?? 0) > (basis.bore ?? 0))
    return {
      verdict: 'rework',
      said: [`${NAMES[what]} can be opened out at the same setting, or from the proved throw: `, ...was, '.'],
    };
  if (what === 'outside' && now.diameter < basis.diameter)
    return { verdict: 'rework', said: [`${NAMES[what]} can be turned down: `, ...was, '.'] };
  if (what === 'screw')
    return {
      verdict: 'again',
      said: [
        `${NAMES[what]} is drilled and tapped again, at another place round the hub; the part itself can be kept: `,
        ...was,
        '.',
      ],
    };
  if (what === 'throw')
    return { verdict: 'again', said: [`${NAMES[what]} must be set again: `, ...was, '.'] };
  if (what === 'packing')
    return { verdict: 'again', said: [`${NAMES[what]} is worked out afresh: `, ...was, '.'] };
  return {
    verdict: 'again',
    said: [
      `${NAMES[what]} does not fit any more; as it is, this part must be made again, or bushed: `,
      ...was,
      '.',
    ],
  };
}

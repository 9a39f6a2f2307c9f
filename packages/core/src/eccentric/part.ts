import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Feature } from '../part/kinds/registry';
import type { Eccentric } from '../part/kinds/eccentric';
import { layoutPart } from '../part/layout';
import type { Section } from '../part/section';
import type { RoundMass } from './balance';
import { massesOf } from './masses';
import { throwOf } from '../part/throwOf';
import { most } from '../basics/extent';
import { isBore, isCylinder, isEccentric } from '../part/kinds/is';

export interface EccentricGroove {
  /** From the eccentric's tailstock face to the groove's nearer side, mm; centred on the width when not given. */
  readonly at: number;
  readonly width: number;
  /** On radius. */
  readonly depth: number;
}

/** An eccentric as it is to be made, every figure settled. mm, rad. */
export interface EccentricPart {
  readonly id: string;
  readonly name: string;
  readonly throw: number;
  readonly diameter: number;
  readonly width: number;
  /** Where its high side lies from the keyway or the first throw. */
  readonly phase: number;
  /** Hole on the shaft's axis, and the hub beside it; null when the part has none. */
  readonly bore: number | null;
  readonly hub: { readonly diameter: number; readonly length: number } | null;
  readonly grooves: readonly EccentricGroove[];
  /** From the part's tailstock face to this one's, and the whole part. */
  readonly beyond: number;
  readonly partLength: number;
  /** The whole part as discs and holes, for its balance. */
  readonly masses: readonly RoundMass[];
}

/**
 * Every eccentric of a part that is settled and can be, in order along the axis.
 *
 * @example
 * eccentricsOf(DISC_PART).map((e) => e.throw)
 * // → [4.75]
 */
export function eccentricsOf(features: readonly Feature[]): EccentricPart[] {
  const { sections, length: partLength, problems } = layoutPart(features);
  const sound = sections.filter((s) => !s.ghost);
  const bore = sound.find(isBore);
  const hub = sound.find((s) => isCylinder(s) && s.side === 'external');
  const masses = massesOf(features, sound);
  return sound.flatMap((section) => {
    const feature = features.find((f): f is Eccentric => f.id === section.id && isEccentric(f));
    if (!feature || problems.has(section.id)) return [];
    const width = section.z1 - section.z0;
    return [
      {
        id: feature.id,
        name: feature.name,
        throw: throwOf(feature),
        diameter: acrossOf(section),
        width,
        phase: feature.phase ?? 0,
        bore: bore ? acrossOf(bore) : null,
        hub: hub ? { diameter: acrossOf(hub), length: hub.z1 - hub.z0 } : null,
        grooves: groovesOf(feature, width),
        beyond: partLength - section.z1,
        partLength,
        masses,
      },
    ];
  });
}

const acrossOf = ({ points }: Section): number => 2 * most(points.map((p) => p.r));

/** Grooves with their figures; one without a place is centred on the width. */
const groovesOf = ({ grooves = [] }: Eccentric, width: number): EccentricGroove[] =>
  grooves.flatMap((g) =>
    g.width !== undefined && g.depth !== undefined && g.width > 0
      ? [{ at: g.at ?? (width - g.width) / 2, width: g.width, depth: g.depth }]
      : [],
  );

export interface EndOn {
  readonly travel: number;
  /** Diameter of the circle the high side sweeps round the shaft's axis. */
  readonly swing: number;
  /** Between the bore and the outside: on the low side, and on the high side; null without a bore. */
  readonly thinnest: number | null;
  readonly thickest: number | null;
}

/**
 * The eccentric seen end-on: what it sweeps, and its walls.
 *
 * @example
 * endOn(DISC).swing
 * // → 63.5
 */
export function endOn({ throw: e, diameter, bore }: EccentricPart): EndOn {
  const wall = (side: 1 | -1): number | null => (bore === null ? null : diameter / 2 + side * e - bore / 2);
  return { travel: 2 * e, swing: diameter + 2 * e, thinnest: wall(-1), thickest: wall(1) };
}

export interface EccentricFault {
  readonly field: string;
  readonly said: Phrase;
  /** It cannot be made so, or it can but is poor. */
  readonly grave: boolean;
}

const THINNEST = 1.5;
const THIN_BY_BORE = 0.1;

/**
 * What is wrong with an eccentric as typed: bore breaking out, thin wall, grooves that do not fit.
 *
 * @example
 * eccentricFaults(DISC)
 * // → []
 */
export function eccentricFaults(part: EccentricPart): EccentricFault[] {
  const { thinnest } = endOn(part);
  const fault = (field: string, grave: boolean, ...said: Phrase): EccentricFault => ({ field, grave, said });
  const least = Math.max(THINNEST, THIN_BY_BORE * (part.bore ?? 0));
  const walls =
    thinnest === null
      ? []
      : thinnest <= 0
        ? [fault('throw', true, 'The bore breaks out of the low side by ', length(-thinnest, 0.01), '.')]
        : thinnest < least
          ? [
              fault(
                'throw',
                false,
                'The wall on the low side is ',
                length(thinnest, 0.01),
                ': under ',
                length(least, 0.1),
                ' it springs when it is bored.',
              ),
            ]
          : [];
  const grooves = part.grooves.flatMap((g, i) => [
    ...(thinnest !== null && g.depth >= thinnest && thinnest > 0
      ? [
          fault(
            `grooves.${i}`,
            true,
            'Groove ',
            String(i + 1),
            ' is deeper, ',
            length(g.depth, 0.01),
            ', than the wall on the low side, ',
            length(thinnest, 0.01),
            '.',
          ),
        ]
      : []),
    ...(g.at < 0 || g.at + g.width > part.width + 1e-9
      ? [
          fault(
            `grooves.${i}`,
            true,
            'Groove ',
            String(i + 1),
            ' runs out of the face: the eccentric is ',
            length(part.width, 0.01),
            ' wide.',
          ),
        ]
      : []),
  ]);
  return [...walls, ...grooves];
}

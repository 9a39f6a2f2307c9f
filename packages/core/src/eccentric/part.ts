import { length } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import type { Bore, Cylinder, Eccentric, Feature } from '../part/feature';
import { throwOf } from './throwOf';

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
}

/** Every eccentric of a part whose figures are complete, in order along the axis. */
export function eccentricsOf(features: readonly Feature[]): EccentricPart[] {
  const bore =
    features.find((f): f is Bore => f.kind === 'bore' && f.diameter !== undefined)?.diameter ?? null;
  const hub = features.find(
    (f): f is Cylinder =>
      f.kind === 'cylinder' && f.side === 'external' && f.diameter !== undefined && f.length !== undefined,
  );
  return features.flatMap((f) => {
    if (f.kind !== 'eccentric' || f.diameter === undefined || f.length === undefined) return [];
    if (f.throw === undefined && f.travel === undefined) return [];
    const width = f.length;
    return [
      {
        id: f.id,
        name: f.name,
        throw: throwOrNothing(f),
        diameter: f.diameter,
        width,
        phase: f.phase ?? 0,
        bore,
        hub: hub ? { diameter: hub.diameter as number, length: hub.length as number } : null,
        grooves: (f.grooves ?? []).flatMap((g) =>
          g.width !== undefined && g.depth !== undefined
            ? [{ at: g.at ?? (width - g.width) / 2, width: g.width, depth: g.depth }]
            : [],
        ),
      },
    ];
  });
}

function throwOrNothing(f: Eccentric): number {
  try {
    return throwOf(f);
  } catch {
    // Figures that disagree are said where the part is laid out; the throw given stands meanwhile.
    return f.throw ?? 0;
  }
}

export interface EndOn {
  readonly travel: number;
  /** Diameter of the circle the high side sweeps round the shaft's axis. */
  readonly swing: number;
  /** Between the bore and the outside: on the low side, and on the high side; null without a bore. */
  readonly thinnest: number | null;
  readonly thickest: number | null;
}

/** The eccentric seen end-on: what it sweeps, and its walls. */
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

/** What is wrong with an eccentric as typed: bore breaking out, thin wall, grooves that do not fit. */
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

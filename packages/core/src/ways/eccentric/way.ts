import type { Lathe } from '../../machine/lathe';
import type { Figure } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { EccentricPart } from '../../eccentric/part';

export const ECCENTRIC_WAY_IDS = ['four-jaw', 'packing', 'offset-centres', 'fixture', 'own-stub'] as const;
export type EccentricWayId = (typeof ECCENTRIC_WAY_IDS)[number];

export interface EccentricContext {
  readonly part: EccentricPart;
  /** All the throws of the part, this one among them. */
  readonly throws: readonly EccentricPart[];
  readonly lathe: Lathe;
  readonly quantity: number;
  /** Longest stroke of an indicator owned, mm; null when none is on record. */
  readonly range: number | null;
  /** What packing can be made and measured to, mm. */
  readonly step: number;
}

export interface EccentricAssessment {
  readonly id: EccentricWayId;
  readonly title: string;
  readonly blockers: readonly Phrase[];
  /** The figure it is set to. */
  readonly setting: Figure;
  readonly settingLabel: string;
  /** What the finished travel is likely to be out by, mm. */
  readonly travelError: number;
  readonly minutes: number;
  readonly notes: readonly Phrase[];
}

export interface EccentricWay {
  readonly id: EccentricWayId;
  assess(context: EccentricContext): EccentricAssessment;
}

/** A chuck of a kind on the lathe's record, or null. */
export function chuckOf(
  lathe: Lathe,
  kind: string,
): { readonly name: string; readonly capacity?: number | undefined } | null {
  return lathe.chucks?.find((c) => c.kind === kind) ?? null;
}

import type { Lathe } from '../../machine/lathe';
import type { EccentricPart } from '../../eccentric/part';
import type { Assessment } from '../assessment';

/** Every way of making an eccentric that Anello weighs. */
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

export interface EccentricAssessment extends Assessment<EccentricWayId> {
  /** What the finished travel is likely to be out by, mm. */
  readonly travelError: number;
  readonly minutes: number;
}

/** A way of making an eccentric: a family, one file each. */
export interface EccentricWay {
  readonly id: EccentricWayId;
  readonly title: string;
  /** Usual set-up, minutes. */
  readonly usualMinutes: number;
  /** Where its set-up begins: dialling in, the packing, or the centres. */
  readonly beginsWith: 'dial' | 'packing' | 'centres';
  /** The way weighed here; it may say its title again, where the part makes it another. */
  assess(context: EccentricContext): Omit<EccentricAssessment, 'id' | 'title' | 'minutes'> & {
    readonly title?: string;
  };
}

/** A chuck of a kind on the lathe's record, or null. */
export function chuckOf(
  lathe: Lathe,
  kind: string,
): { readonly name: string; readonly capacity?: number | undefined } | null {
  return lathe.chucks?.find((c) => c.kind === kind) ?? null;
}

import type { Phrase } from '../../figure/phrase';
import type { Device } from '../../machine/lathe';
import type { SchoolId } from '../../ways/taper/schoolId';
import type { FaultId } from '../../virtual-lathe';
import type { Member } from '../../taper/task';

/** Exercises that are a job: worked with the job's own cards and reading bar beside the practice lathe. */
export const PIECE_IDS = ['compound', 'set-over', 'master', 'shank', 'hub', 'seat'] as const;
export type PieceId = (typeof PIECE_IDS)[number];

/** A cone to be set for or made; lengths mm, angles rad. */
export interface PieceExercise {
  readonly id: PieceId;
  readonly title: string;
  readonly goal: Phrase;
  readonly why: string;
  readonly way: Device;
  readonly school: SchoolId;
  readonly until: 'set' | 'made';
  /** Always there: without it there is nothing to find. */
  readonly finds: FaultId | null;
  readonly cone: {
    readonly member: Member;
    readonly largeDiameter: number;
    readonly halfAngle: number;
    readonly length: number;
    /** Plain, beside the cone. */
    readonly besides: { readonly diameter: number; readonly length: number } | null;
    readonly standOff: number;
  };
}

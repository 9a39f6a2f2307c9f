import { angle } from '../../../figure/figure';
import type { Phrase } from '../../../figure/phrase';
import type { Lathe } from '../../../machine/lathe';
import type { TaperTask } from '../../../taper/task';
import type { FaultId } from '../../../virtual-lathe/faults/registry';
import type { Against } from '../../../virtual-lathe';
import type { VirtualLathe } from '../../../virtual-lathe/makeVirtualLathe';
import type { Knob, Outcome } from '../../exercise';
import type { Bench } from '../bench';

/** More than nothing where the large end is at the headstock: the other way every device is set the other way. */
export type Sign = 1 | -1;

/** How the practice lathe makes a cone by one of its devices: a family, one file each. */
export interface ConeDevice {
  /** What may be wrong with a lathe that matters to it. */
  readonly about: readonly FaultId[];
  readonly scale: Omit<NonNullable<Bench['scale']>, 'set'>;
  /** The indicator goes on this too, before all else. */
  readonly needleOn: readonly Against[];
  /** Why no bore is made by it; null where one is. */
  readonly noBore: Phrase | null;
  /** It has a bar that can be coupled and let go. */
  readonly couples: boolean;
  readonly runs: Bench['runs'];
  /** Every run into a bore begins so far before its mouth, mm. */
  readonly beforeBore: number;
  knobs(lathe: Lathe, sign: Sign): readonly Knob[];
  /** From what holds the work to its free end, mm. */
  out(task: TaperTask): number;
  /** Takes a shank's blank up. */
  hold(lathe: VirtualLathe, diameter: number, out: number): void;
  /** As it stands before anything is set. */
  begin(lathe: VirtualLathe, sign: Sign): void;
  /** Faults that explain an angle found off by so much from what its scale said. */
  found(off: number): Partial<Record<FaultId, number>>;
  judge(task: TaperTask, sign: Sign, lathe: VirtualLathe): Outcome;
}

/** Held by so much more than stands out, and past the cone for its runs, mm. */
export const GRIPPED = 40;
export const PAST = 14;
/** From a device's pivot to the end it is nudged at, where its owner does not say, mm. */
export const REACH = 150;
/** The free end is past the cone by nothing; every run begins so far before it. */
export const BEFORE = 14;
/** Stood farther out than so many diameters it is carried by a centre. */
const SLENDER = 4;

/** A blank in the three-jaw, on a centre where it is slender. */
export function holdInChuck(lathe: VirtualLathe, diameter: number, out: number): void {
  const blank = { diameter, length: out + GRIPPED };
  lathe.act({ do: 'hold', by: 'three-jaw', blank, out, centre: out > SLENDER * diameter });
}

/** A device that stands at an angle, whichever way round. */
export function judgeAngle({ halfAngle, tolerance }: TaperTask, stands: number): Outcome {
  const inside = Math.abs(Math.abs(stands) - halfAngle) <= tolerance.halfAngle;
  const wanted: Phrase = [angle(halfAngle), ', give or take ', angle(tolerance.halfAngle)];
  const line = { what: 'Angle it stands at', is: angle(Math.abs(stands)), wanted, inside };
  return { right: inside, lines: [line] };
}

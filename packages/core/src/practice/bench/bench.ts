import type { CurvePoint } from '../../curve/piece';
import type { Device } from '../../machine/lathe';
import type { TaperTask } from '../../taper/task';
import type { Against, FaultId, VirtualLathe } from '../../virtual-lathe';
import type { Level } from '../../virtual-lathe/faults/draw';
import type { Side } from '../../virtual-lathe/metal/piece';
import type { Knob, Outcome } from '../exercise';
import type { ConePlace } from './conePlace';

/** What of a job is worked at the practice lathe: lengths mm, angles rad. */
export type WorkTried =
  | {
      readonly kind: 'cone';
      readonly way: Device;
      readonly task: TaperTask;
      /** How far off its line it may stand. */
      readonly standOff: number;
      /** Diameter at the line, where that is not its large end, and how far from that. */
      readonly gauge?: { readonly diameter: number; readonly beyond: number } | undefined;
      /** Until its device is set, or until the piece is made. */
      readonly until: 'set' | 'made';
    }
  | {
      readonly kind: 'throw';
      readonly throw: number;
      /** Plus or minus on the needle's whole swing. */
      readonly limit: number;
      readonly diameter: number;
      readonly length: number;
    }
  | {
      readonly kind: 'curve';
      /** Along it from its headstock end to its tailstock end. */
      readonly points: readonly CurvePoint[];
      /** Radius of the tool's nose. */
      readonly nose: number;
      /** How far it may be off its line, either way. */
      readonly limit: number;
    }
  | {
      readonly kind: 'plunge';
      /** Places of the work along one plunge, radii, from its headstock end. */
      readonly points: readonly CurvePoint[];
      readonly width: number;
      /** Each with where it begins along the plunge, and the diameter of its bottom. */
      readonly grooves: readonly {
        readonly name: string;
        readonly at: number;
        readonly width: number;
        readonly bottom: number;
      }[];
      /** How far a bottom may be out on diameter, either way. */
      readonly band: number;
    };

/** A lathe made ready for a piece of work, and everything that can be done at it. */
export interface Bench {
  readonly knobs: readonly Knob[];
  /** The tool packed higher, where its height matters. */
  readonly raise: Knob | null;
  /** What the indicator can be put on, what is usual first. */
  readonly needleOn: readonly Against[];
  /**
   * Which way the indicator counts where it stands: set up so that a slide that climbs as the cone does reads more, and one that
   * is steeper than a master reads plus.
   */
  sense(on: Against): 1 | -1;
  /** A scale to set a device by, and what it shows. */
  readonly scale: {
    readonly title: string;
    readonly shows: 'angle' | 'length';
    set(to: number): Parameters<VirtualLathe['act']>[0];
  } | null;
  /** The cone that is made, where there is one: it can be measured and tried in its gauge. */
  readonly cone: ConePlace | null;
  /** The line that is followed, from the chuck's face, where there is one. */
  readonly line?: readonly CurvePoint[] | undefined;
  /** That cone's gauge can be tried on it as it is held. */
  readonly gauged: boolean;
  readonly side: Side;
  /** From the chuck's face to the free end of the work. */
  readonly out: number;
  /** The attachment's bar can be coupled and let go. */
  readonly couples: boolean;
  /** Faults that this work is about: told first at the end. */
  readonly about: readonly FaultId[];
  /** The slide that carries the tool along the shape. */
  readonly runs: 'carriage' | 'compound';
  /** What a device was off by its scale: set to that by it, it was found to stand at a half angle. */
  found(scaleTo: number, stood: number): Partial<Record<FaultId, number>>;
  begin(seed: number, level: Level, faults?: Readonly<Partial<Record<FaultId, number>>>): VirtualLathe;
  judge(lathe: VirtualLathe): Outcome;
  /** Metal is gone that was wanted: no more can be made right. */
  gone(lathe: VirtualLathe): boolean;
}

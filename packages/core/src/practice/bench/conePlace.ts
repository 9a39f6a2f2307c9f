import type { TaperTask } from '../../taper/task';
import type { ConeGauge } from '../../virtual-lathe/measure/coneGauge';
import type { VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';

/** A cone to be made, and where it lies on the bed; lengths mm, z from the chuck's face. */
export interface ConePlace {
  readonly task: TaperTask;
  /** Diameter at its gauge line, and where that line should stand. */
  readonly line: { readonly diameter: number; readonly z: number };
  /** From the line to each end of the cone. */
  readonly toLarge: number;
  readonly toSmall: number;
}

/** How a gauge is tried: what it is, where its line should come to stand, and the ends of the cone. */
export interface GaugeTry {
  readonly gauge: ConeGauge;
  readonly line: number;
  readonly from: number;
  readonly to: number;
}

/** A gauge is longer than what it gauges by this, mm. */
const LONGER = 20;

/**
 * The gauge of a cone, true and long enough for all of it, and where it is tried.
 *
 * @example
 * gaugeOfCone(CONE_PLACE).gauge.toLarge
 * // → 5
 */
export function gaugeOfCone({ task, line, toLarge, toSmall }: ConePlace): GaugeTry {
  const way = towardLarge(task);
  const ends = [line.z + way * toLarge, line.z - way * toSmall] as const;
  return {
    gauge: {
      diameter: line.diameter,
      halfAngle: task.halfAngle,
      toLarge,
      toSmall: toSmall + LONGER,
      toward: way,
    },
    line: line.z,
    from: Math.min(...ends),
    to: Math.max(...ends),
  };
}

/** Along the bed from its small end to its large. */
const towardLarge = ({ largeEnd }: TaperTask): 1 | -1 => (largeEnd === 'headstock' ? -1 : 1);

/** At its very ends a cone is rounded by the nose, mm. */
const MARGIN = 1.5;
const STATIONS = 101;

/**
 * What a cone really is: how far its half angle is off by all of it, rad, and how far from its line a true gauge stands, mm;
 * null where it does not touch.
 *
 * @example
 * coneTruth(CONE_PLACE, makeVirtualLathe({ seed: 1, level: 0 })).standOff
 * // → null
 */
export function coneTruth(
  place: ConePlace,
  lathe: VirtualLathe,
): { readonly angleOff: number; readonly standOff: number | null } {
  const { task, line, toLarge, toSmall } = place;
  const { outline, standOff } = lathe.reveal();
  const side = task.member === 'external' ? 'outside' : 'inside';
  const [from, to] = [-toSmall + MARGIN, toLarge - MARGIN];
  const at = Array.from({ length: STATIONS }, (_, i) => from + ((to - from) * i) / (STATIONS - 1));
  const r = at.map((s) => outline(side, Math.round(10 * (line.z + towardLarge(task) * s)) / 10));
  const mean = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0) / of.length;
  const [ms, mr] = [mean(at), mean(r)];
  const slope =
    at.reduce((sum, s, i) => sum + (s - ms) * ((r[i] as number) - mr), 0) /
    at.reduce((sum, s) => sum + (s - ms) ** 2, 0);
  const { gauge, ...of } = gaugeOfCone(place);
  return { angleOff: Math.atan(slope) - task.halfAngle, standOff: standOff(gauge, of) };
}

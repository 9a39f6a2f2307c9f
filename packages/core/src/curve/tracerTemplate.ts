import { notNegative, positive } from '../basics/check';
import type { Member } from '../way/way';
import { surfaceOf } from './offsetProfile';
import type { CurvePoint, Piece } from './piece';

export interface TracerRequest {
  readonly pieces: readonly Piece[];
  readonly member: Member;
  readonly noseRadius: number;
  /** Tip of the stylus that follows the line; nothing for a fine pointer. */
  readonly stylusRadius: number;
  /** Places along the axis the line is drawn through, mm apart. */
  readonly step?: number;
}

export interface TracerCheck {
  /** Along the axis, and the work's diameter there. */
  readonly z: number;
  readonly diameter: number;
  /** From the first witness line to the nose's centre, out from the axis, mm. */
  readonly centre: number;
}

export interface TracerTemplate {
  /** The line the stylus follows, full size: z along the axis, r as the nose's centre stands. */
  readonly line: readonly CurvePoint[];
  readonly checks: readonly TracerCheck[];
  /** Most the work would be left large because the stylus is too thick to follow, mm; nothing when it follows. */
  readonly lost: number;
  /** Steepest part of the line, dr/dz: the hand moves that much for the carriage's one. */
  readonly steepest: number;
}

const STEP = 0.1;
const CHECKS = 5;

/**
 * The full-size line for copying by a stylus that rides with the tool: the path of the nose's centre, brought in by the
 * stylus's own radius so that stylus and nose keep company. With equal tips it is the profile itself; for a bore it is
 * mirrored. Errors: out-of-range.
 */
export function tracerTemplate({
  pieces,
  member,
  noseRadius,
  stylusRadius,
  step = STEP,
}: TracerRequest): TracerTemplate {
  notNegative(noseRadius, 'noseRadius', 'The nose radius');
  notNegative(stylusRadius, 'stylusRadius', 'The stylus');
  positive(step, 'step', 'The step');
  const surface = surfaceOf(pieces, member);
  const count = Math.max(2, Math.ceil((surface.to - surface.from) / step));
  const fine = (surface.to - surface.from) / count;
  const reach = Math.ceil(stylusRadius / fine);
  const centre = (i: number): number => surface.rest(surface.from + i * fine, noseRadius)?.r ?? Infinity;
  const centres = Array.from({ length: count + 2 * reach + 1 }, (_, i) => centre(i - reach));
  const line: CurvePoint[] = [];
  for (let i = 0; i <= count; i++)
    line.push({ z: surface.from + i * fine, r: broughtIn(centres, i + reach, reach, fine, stylusRadius) });
  const sign = member === 'external' ? 1 : -1;
  return {
    line: line.map((p) => ({ z: p.z, r: sign * p.r })),
    checks: Array.from({ length: CHECKS }, (_, k) => {
      const i = Math.round((k * count) / (CHECKS - 1));
      const z = surface.from + i * fine;
      return { z, diameter: 2 * Math.abs(surface.height(z) ?? 0), centre: sign * (centres[i + reach] ?? 0) };
    }),
    lost: lostBy(line, centres, reach, fine, stylusRadius),
    steepest: Math.max(...line.slice(1).map((p, i) => Math.abs(p.r - (line[i]?.r ?? p.r)) / fine)),
  };
}

function broughtIn(
  centres: readonly number[],
  at: number,
  reach: number,
  step: number,
  radius: number,
): number {
  let least = centres[at] ?? Infinity;
  if (radius === 0) return least;
  least = Infinity;
  for (let k = -reach; k <= reach; k++) {
    const aside = radius * radius - (k * step) ** 2;
    if (aside >= 0) least = Math.min(least, (centres[at + k] ?? Infinity) - Math.sqrt(aside));
  }
  return least;
}

/** How far below its path the nose would go when the stylus rides the line drawn: a thick stylus loses sharp tops. */
function lostBy(
  line: readonly CurvePoint[],
  centres: readonly number[],
  reach: number,
  step: number,
  radius: number,
): number {
  if (radius === 0) return 0;
  let lost = 0;
  for (let i = reach; i < line.length - reach; i++) {
    let rides = -Infinity;
    for (let k = -reach; k <= reach; k++) {
      const aside = radius * radius - (k * step) ** 2;
      if (aside >= 0) rides = Math.max(rides, (line[i + k]?.r ?? -Infinity) + Math.sqrt(aside));
    }
    lost = Math.max(lost, (centres[i + reach] ?? 0) - rides);
  }
  return lost < step * step ? 0 : lost;
}

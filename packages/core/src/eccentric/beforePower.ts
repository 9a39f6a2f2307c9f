import { AnelloError } from '../basics/error';
import { feedAndSpeed, slowEnough } from '../cutting/feedAndSpeed';
import type { Material, ToolMaterial } from '../kit/material';
import { balance, pullAt, type Balance } from './balance';
import { endOn, type EccentricPart } from './part';

export interface Clearance {
  readonly of: 'bed' | 'slide' | 'tool';
  /** What is left between the high side and it, mm: nothing or less strikes; null where the room is not on record. */
  readonly left: number | null;
}

/**
 * What the high side clears as it goes round; rooms are diameters for bed and slide, a radius for the tool. mm.
 *
 * @example
 * clearances(DISC, { swing: 200 }).length
 * // → 3
 */
export function clearances(
  part: EccentricPart,
  room: {
    readonly swing?: number | undefined;
    readonly swingOverSlide?: number | undefined;
    readonly tool?: number | undefined;
  },
): Clearance[] {
  const reach = endOn(part).swing / 2;
  const left = (radius: number | undefined): number | null => (radius === undefined ? null : radius - reach);
  const half = (diameter: number | undefined): number | undefined =>
    diameter === undefined ? undefined : diameter / 2;
  return [
    { of: 'bed', left: left(half(room.swing)) },
    { of: 'slide', left: left(half(room.swingOverSlide)) },
    { of: 'tool', left: left(room.tool) },
  ];
}

export interface ThrowSpeed {
  /** What the tool asks for, and what balance allows, rpm; null where it runs in balance, or nothing can be weighed. */
  readonly byTool: number;
  readonly byBalance: number | null;
  /** The lathe's own speed to set, or what is asked for where its speeds are not on record. */
  readonly set: number;
  /** Even the lathe's slowest is faster than that. */
  readonly tooFast: boolean;
  readonly feed: number;
  /** Null where the holes leave nothing to weigh. */
  readonly still: Balance | null;
  /** The pull at the speed set, N. */
  readonly pull: number;
  /** The same at each of the lathe's speeds, up to the first past the limit. */
  readonly pulls: readonly { readonly rpm: number; readonly pull: number; readonly tooFast: boolean }[];
}

/**
 * How fast an eccentric may turn about its shaft's axis: no faster than an interrupted cut at its outside asks for, and
 * no faster than balance allows. Errors: out-of-range.
 *
 * @example
 * speedAtThrow({ part: DISC, material: STEEL, tool: 'hss', speeds: [] }).byTool
 * // → 106.103
 */
export function speedAtThrow({
  part,
  material,
  tool,
  speeds,
}: {
  part: EccentricPart;
  material: Material;
  tool: ToolMaterial;
  speeds: readonly number[];
}): ThrowSpeed {
  const still = weighed(part, material.density);
  const duty = { finishing: false, interrupted: true };
  const { rpm, feed } = feedAndSpeed({ material, tool, diameter: part.diameter, duty });
  const byBalance = still?.topSpeed ?? null;
  const outOfBalance = (at: number): boolean => byBalance !== null && at > byBalance;
  const { set, tooFast } = slowEnough(Math.min(rpm, byBalance ?? rpm), speeds);
  const pull = (at: number): number => (still ? pullAt({ unbalance: still.unbalance, rpm: at }) : 0);
  const rising = [...speeds].sort((a, b) => a - b);
  const past = rising.findIndex(outOfBalance);
  return {
    byTool: rpm,
    byBalance,
    set,
    tooFast,
    feed,
    still,
    pull: pull(set),
    pulls: rising
      .slice(0, past === -1 ? rising.length : past + 1)
      .map((s) => ({ rpm: s, pull: pull(s), tooFast: outOfBalance(s) })),
  };
}

function weighed(part: EccentricPart, density: number): Balance | null {
  try {
    return balance({ masses: part.masses, spindle: { x: 0, y: 0 }, density });
  } catch (error) {
    if (error instanceof AnelloError && error.code === 'impossible') return null;
    throw error;
  }
}

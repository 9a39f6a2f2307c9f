import type { GainShown } from '../infeed/shown';
import { DEVICES, type Device } from '../machine/lathe';
import { WAY_IDS, type WayId } from '../taper/wayId';
import type { ShapeStory } from './shapeStory';
import { meanOf, scatterOf } from './spread';
import { LEAST_CHANGED, LATEST } from './usual';

/** How one shape went on a lathe, and which job that was. */
export interface Told {
  readonly jobId: string;
  readonly number: string;
  readonly story: ShapeStory;
  /** What its approaches showed of the tool. */
  readonly shown?: readonly GainShown[] | undefined;
  /** What it went by from piece to piece of its batch, where that was more than scatter, mm. */
  readonly drift?: number | null | undefined;
}

/** A figure of a lathe at one time: from the records of one job. */
export interface LikenessPoint {
  readonly at: string;
  readonly jobId: string;
  readonly number: string;
  readonly value: number;
}

/** What a lathe is like in one respect, from everything kept on it. */
export interface Likeness {
  /**
   * `scale`: how far off a device was, set by its scale, rad. `took`: what came off for each mm fed. `set-up`: minutes until
   * a way's setting was proved. `spring`: part of a cut that springs back. `lash`: how much further off the edge stood at the
   * first cut than the dial said, and `wear`: what it receded by at a pass; mm on radius. `runout`: whole swing of a master in
   * the spindle. `drift`: what a figure goes by from piece to piece. mm.
   */
  readonly kind: 'scale' | 'took' | 'set-up' | 'spring' | 'lash' | 'wear' | 'runout' | 'drift';
  /** Of a scale. */
  readonly device: Device | null;
  /** Of a set-up. */
  readonly way: WayId | null;
  readonly points: readonly LikenessPoint[];
  readonly mean: number;
  /** How far single ones lie from it, plus or minus (k = 2); null of fewer than two. */
  readonly scatter: number | null;
  /** The mean of the latest against those before, where they differ by more than their scatter explains; else null. */
  readonly changed: { readonly from: number; readonly to: number } | null;
}

type Read = (told: Told) => number | null;

/** Each respect with how it is read from a story. A new one is a line here. */
const KINDS: readonly {
  readonly kind: Likeness['kind'];
  readonly device?: Device;
  readonly way?: WayId;
  readonly read: Read;
}[] = [
  ...DEVICES.map((device) => ({
    kind: 'scale' as const,
    device,
    read: ({ story: { way, setting } }: Told) => (way === device ? (setting?.scaleOff ?? null) : null),
  })),
  ...WAY_IDS.map((id) => ({
    kind: 'set-up' as const,
    way: id,
    read: ({ story: { way, setUpMinutes } }: Told) => (way === id ? setUpMinutes : null),
  })),
  { kind: 'took', read: ({ story: { took } }) => took },
  { kind: 'spring', read: shownOf(({ gain }) => 1 - gain) },
  { kind: 'lash', read: shownOf(({ lash }) => lash) },
  { kind: 'wear', read: shownOf(({ wear }) => wear) },
  { kind: 'runout', read: ({ story: { runout } }) => runout },
  { kind: 'drift', read: ({ drift = null }) => drift },
];

/** The mean of what a shape's approaches showed. */
function shownOf(of: (one: GainShown) => number): Read {
  return ({ shown = [] }) => (shown.length > 0 ? meanOf(shown.map(of)) : null);
}

/**
 * What a lathe is like, from how the shapes went that were made on it: how far its devices' scales are off and what its tools
 * really take, each with its scatter, and whether that has changed lately. Only respects of which something is known.
 *
 * @example
 * latheLikeness([])
 * // → []
 */
export function latheLikeness(told: readonly Told[]): Likeness[] {
  return KINDS.flatMap(({ kind, device = null, way = null, read }) => {
    const points = told
      .flatMap((one) => {
        const value = read(one);
        const { jobId, number, story } = one;
        return value === null ? [] : [{ at: story.to, jobId, number, value }];
      })
      .sort((a, b) => a.at.localeCompare(b.at));
    if (points.length === 0) return [];
    const values = points.map(({ value }) => value);
    return [
      {
        kind,
        device,
        way,
        points,
        mean: meanOf(values),
        scatter: scatterOf(values),
        changed: changedIn(values),
      },
    ];
  });
}

/** Two means differ by more than twice what the scatter of those before lets them. */
function changedIn(values: readonly number[]): Likeness['changed'] {
  if (values.length < LEAST_CHANGED) return null;
  const [before, latest] = [values.slice(0, -LATEST), values.slice(-LATEST)];
  const [from, to] = [meanOf(before), meanOf(latest)];
  const may = (scatterOf(before) ?? 0) * Math.sqrt(1 / LATEST + 1 / before.length);
  return Math.abs(to - from) > may ? { from, to } : null;
}

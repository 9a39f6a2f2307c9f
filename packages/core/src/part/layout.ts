import { AnelloError } from '../basics/error';
import { length as lengthFigure } from '../figure/figure';
import { isDetail, type Feature, type LengthFeature } from './kinds/registry';
import type { Detail, Section } from './section';
import { withDetails } from './withDetails';
import { outlineOf } from './outline';
import { standsOut } from './standsOut';
import type { Outline } from './kinds/outline';
import { most } from '../basics/extent';
import { isTaper } from './kinds/is';

export interface PartLayout {
  readonly sections: readonly Section[];
  /** What lies on them: corners, flats, cross holes, centres. */
  readonly details: readonly Detail[];
  readonly length: number;
  readonly largestRadius: number;
  /** What is missing or wrong, by feature id. */
  readonly problems: ReadonlyMap<string, AnelloError>;
}

const GHOST_LENGTH = 12;
const GHOST_RADIUS = 8;

/**
 * Lays the features of a part along the axis; what cannot be worked out yet is a ghost with its problem.
 *
 * @example
 * layoutPart(SHANK_PART).length
 * // → 136
 */
export function layoutPart(features: readonly Feature[]): PartLayout {
  const problems = new Map<string, AnelloError>();
  const along = features.filter((f): f is LengthFeature => !isDetail(f));
  const outside = placeOutside(along, problems);
  const length = outside.at(-1)?.z1 ?? 0;
  const inside = placeInside(along, length, problems);
  for (const side of [outside, inside.toSorted((a, b) => a.z0 - b.z0)])
    side.forEach((section, i) => {
      const out = standsOut(section, [side[i - 1], side[i + 1]]);
      if (out && !problems.has(section.id)) problems.set(section.id, out);
    });
  const { sections, details } = withDetails(features.filter(isDetail), { outside, inside, length }, problems);
  for (const section of inside) {
    const broken = breakout(section, outside, length);
    if (broken && !problems.has(section.id)) problems.set(section.id, broken);
  }
  const largestRadius = Math.max(
    1,
    most(sections.flatMap((s) => s.points.map((p) => p.r + Math.abs(s.offset)))),
  );
  return { sections, details, length, largestRadius, problems };
}

interface Shaped {
  readonly outline: Outline;
  readonly ghost: boolean;
}

function shape(feature: LengthFeature, problems: Map<string, AnelloError>, ghostRadius: number): Shaped {
  try {
    return { outline: outlineOf(feature), ghost: false };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    problems.set(feature.id, error);
    const given = 'length' in feature && feature.length && feature.length > 0 ? feature.length : GHOST_LENGTH;
    const points = [
      { z: 0, r: ghostRadius },
      { z: given, r: ghostRadius },
    ];
    return { outline: { length: given, points, offset: 0 }, ghost: true };
  }
}

function place(feature: LengthFeature, { outline, ghost }: Shaped, z0: number): Section {
  const points = outline.points.map((p) => ({ z: p.z + z0, r: p.r }));
  return {
    id: feature.id,
    kind: feature.kind,
    side: feature.side,
    from: feature.from ?? 'tailstock',
    z0,
    z1: z0 + outline.length,
    points,
    drawn: points,
    offset: outline.offset,
    ghost,
  };
}

function placeOutside(features: readonly LengthFeature[], problems: Map<string, AnelloError>): Section[] {
  const placed: Section[] = [];
  for (const feature of features.filter((f) => f.side === 'external')) {
    const before = placed.at(-1);
    placed.push(
      place(feature, shape(feature, problems, before?.points.at(-1)?.r ?? GHOST_RADIUS), before?.z1 ?? 0),
    );
  }
  return placed;
}

function placeInside(
  features: readonly LengthFeature[],
  length: number,
  problems: Map<string, AnelloError>,
): Section[] {
  const placed: Section[] = [];
  const depth = { headstock: 0, tailstock: 0 };
  for (const feature of features.filter((f) => f.side === 'internal')) {
    const from = feature.from ?? 'tailstock';
    const shaped = shape(feature, problems, GHOST_RADIUS / 2);
    const start = depth[from];
    depth[from] += shaped.outline.length;
    const z0 = from === 'headstock' ? start : length - depth[from];
    placed.push(place(feature, shaped, z0));
    if (depth[from] > length + DEPTH_DUST && !problems.has(feature.id)) {
      problems.set(
        feature.id,
        new AnelloError('impossible', 'length', [
          'That comes out of the far face by ',
          lengthFigure(depth[from] - length, 0.01),
          '.',
        ]),
      );
    }
  }
  return placed;
}

/** Depths are sums of typed figures: a micrometre is arithmetic, not a hole through the far face. */
const DEPTH_DUST = 0.001;

/** Where a bore leaves no wall. Both outlines are straight between points, so their corners decide. */
function breakout(inside: Section, outside: readonly Section[], length: number): AnelloError | null {
  const corners = [...inside.points.map((p) => p.z), ...outside.flatMap((s) => [s.z0, s.z1])];
  for (const z of corners.filter((c) => c >= inside.z0 && c <= inside.z1)) {
    const inner = radiusAt(inside, z, 'largest') + Math.abs(inside.offset);
    const outer = Math.min(
      ...outside
        .filter((s) => z >= s.z0 && z <= s.z1)
        .map((s) => radiusAt(s, z, 'smallest') - Math.abs(s.offset)),
    );
    if (Number.isFinite(outer) && inner >= outer) {
      return new AnelloError('impossible', isTaper(inside) ? 'largeDiameter' : 'diameter', [
        'This breaks through the outside ',
        lengthFigure(length - z, 0.1),
        ' from the tailstock face.',
      ]);
    }
  }
  return null;
}

/** Radius of a section at z; at a step the larger or the smaller of the two. */
export function radiusAt(section: Section, z: number, atStep: 'largest' | 'smallest' = 'largest'): number {
  const found: number[] = [];
  section.points.forEach((point, index) => {
    const next = section.points[index + 1];
    if (!next || z < point.z || z > next.z) return;
    const span = next.z - point.z;
    found.push(span === 0 ? point.r : point.r + ((next.r - point.r) * (z - point.z)) / span);
  });
  if (found.length === 0) return 0;
  return atStep === 'largest' ? Math.max(...found) : Math.min(...found);
}

/**
 * The part's largest outside diameter, mm; null while nothing outside is known.
 *
 * @example
 * outsideDiameter(layoutPart(DISC_PART))
 * // → 54
 */
export function outsideDiameter({ sections }: Pick<PartLayout, 'sections'>): number | null {
  const radii = sections.filter((s) => s.side === 'external').flatMap((s) => s.points.map((p) => p.r));
  return radii.length > 0 ? 2 * most(radii) : null;
}

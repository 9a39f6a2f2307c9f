import { entry, taperFigures, type FeatureDocument } from '@anello/contract';
import { taperSize } from '@anello/core/taper';

type End = 'headstock' | 'tailstock';
type Of<K extends FeatureDocument['kind']> = Extract<FeatureDocument, { kind: K }>;

const ids = new Map<string, number>();
/** A readable id that is unique in the demo shop. */
function id(name: string): string {
  const slug = name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  const seen = (ids.get(slug) ?? 0) + 1;
  ids.set(slug, seen);
  return `${slug}-${seen}`;
}

export const cylinder = (name: string, diameter: string, length: string): Of<'cylinder'> => ({
  id: id(name),
  name,
  kind: 'cylinder',
  side: 'external',
  diameter: entry(diameter),
  length: entry(length),
});

export const groove = (name: string, diameter: string, length: string): Of<'groove'> => ({
  id: id(name),
  name,
  kind: 'groove',
  side: 'external',
  diameter: entry(diameter),
  length: entry(length),
});

export const hole = (
  name: string,
  diameter: string,
  length: string,
  from: End = 'tailstock',
  point?: string,
): Of<'bore'> => ({
  id: id(name),
  name,
  kind: 'bore',
  side: 'internal',
  from,
  diameter: entry(diameter),
  length: entry(length),
  ...(point ? { pointAngle: entry(point, 'angle') } : {}),
});

export const thread = (
  name: string,
  designation: string,
  diameter: string,
  pitch: string,
  length: string,
  side: 'external' | 'internal',
): Of<'thread'> => ({
  id: id(name),
  name,
  kind: 'thread',
  side,
  designation,
  diameter: entry(diameter),
  pitch: entry(pitch),
  length: entry(length),
});

export const eccentric = (
  name: string,
  diameter: string,
  length: string,
  e: string,
  grooves: readonly { width: string; depth: string }[] = [],
): Of<'eccentric'> => ({
  id: id(name),
  name,
  kind: 'eccentric',
  side: 'external',
  diameter: entry(diameter),
  length: entry(length),
  throw: entry(e),
  grooves: grooves.map((g) => ({ width: entry(g.width), depth: entry(g.depth) })),
});

type ProfilePoint = Of<'profile'>['points'][number];

export const profile = (
  name: string,
  points: readonly (readonly [string, string, Partial<ProfilePoint>?])[],
): Of<'profile'> => ({
  id: id(name),
  name,
  kind: 'profile',
  side: 'external',
  points: points.map(([z, diameter, more]) => ({ z: entry(z), diameter: entry(diameter), ...more })),
});

/** A Morse shank or socket from the metric table, drawbar form. */
export function morse(size: string, side: 'external' | 'internal', largeEnd: End, from?: End): Of<'taper'> {
  const row = taperSize('morse-iso', size);
  const placed = {
    id: id(row.name),
    name: row.name,
    kind: 'taper' as const,
    side,
    largeEnd,
    ...(from ? { from } : {}),
  };
  return { ...placed, ...taperFigures(row, side) };
}

export const taper = (
  name: string,
  side: 'external' | 'internal',
  largeEnd: End,
  figures: Partial<Of<'taper'>>,
): Of<'taper'> => ({
  id: id(name),
  name,
  kind: 'taper',
  side,
  largeEnd,
  ...figures,
});

/** A corner broken, lying on another feature. */
export const chamfer = (name: string, on: { readonly id: string }, at: End, size: string): Of<'chamfer'> => ({
  id: id(name),
  name,
  kind: 'chamfer',
  side: 'external',
  on: on.id,
  at,
  size: entry(size),
});

/** Flats for a spanner, all along what they lie on. */
export const flats = (name: string, on: { readonly id: string }, across: string): Of<'flats'> => ({
  id: id(name),
  name,
  kind: 'flats',
  side: 'external',
  on: on.id,
  at: 'headstock',
  across: entry(across),
});

export const tang = (name: string, at: End, thickness: string, length: string): Of<'tang'> => ({
  id: id(name),
  name,
  kind: 'tang',
  side: 'external',
  at,
  thickness: entry(thickness),
  length: entry(length),
});

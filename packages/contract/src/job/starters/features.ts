import type { TaperSize } from '@anello/core/taper';
import { entry, type Entry } from '../../entry/entry';
import type { FeatureDocument } from '../feature/schema';
import { taperFigures } from '../feature/taperFromTable';

type Of<K extends FeatureDocument['kind']> = Extract<FeatureDocument, { kind: K }>;
type End = 'headstock' | 'tailstock';

/** Ids within one part: what a feature is called, made plain. */
const idOf = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]+/g, '-');

export const mm = (value: number): Entry => entry(`${Number(value.toFixed(4))} mm`);

export const cylinder = (name: string, diameter: Entry, length: Entry): Of<'cylinder'> => ({
  id: idOf(name),
  name,
  kind: 'cylinder',
  side: 'external',
  diameter,
  length,
});

export const groove = (name: string, diameter: Entry, length: Entry): Of<'groove'> => ({
  id: idOf(name),
  name,
  kind: 'groove',
  side: 'external',
  diameter,
  length,
});

export const hole = (name: string, diameter: Entry, length: Entry, from: End = 'tailstock'): Of<'bore'> => ({
  id: idOf(name),
  name,
  kind: 'bore',
  side: 'internal',
  from,
  diameter,
  length,
});

export const thread = (
  name: string,
  designation: string,
  given: { readonly diameter: Entry; readonly pitch: Entry; readonly length: Entry },
  side: 'external' | 'internal',
  from: End = 'tailstock',
): Of<'thread'> => ({
  id: idOf(name),
  name,
  kind: 'thread',
  side,
  designation,
  ...(side === 'internal' ? { from } : {}),
  ...given,
});

/** A size of the tables; inside it is sunk from the tailstock, its mouth there. */
export function fromTable(size: TaperSize, side: 'external' | 'internal', largeEnd: End): Of<'taper'> {
  return {
    id: idOf(`${size.name}-${side}`),
    name: size.name,
    kind: 'taper',
    side,
    largeEnd,
    ...(side === 'internal' ? { from: 'tailstock' as const } : {}),
    ...taperFigures(size, side),
  };
}

export const taper = (
  name: string,
  side: 'external' | 'internal',
  largeEnd: End,
  figures: Partial<Of<'taper'>>,
): Of<'taper'> => ({
  id: idOf(name),
  name,
  kind: 'taper',
  side,
  largeEnd,
  ...(side === 'internal' ? { from: 'tailstock' as const } : {}),
  ...figures,
});

export const eccentric = (name: string, diameter: Entry, length: Entry, off: Entry): Of<'eccentric'> => ({
  id: idOf(name),
  name,
  kind: 'eccentric',
  side: 'external',
  diameter,
  length,
  throw: off,
});

type Point = Of<'profile'>['points'][number];

/** A curve by places along it, each with the diameter there and how it is run to. */
export const profile = (
  name: string,
  places: readonly (readonly [z: Entry, diameter: Entry, run?: Point['run']])[],
): Of<'profile'> => ({
  id: idOf(name),
  name,
  kind: 'profile',
  side: 'external',
  points: places.map(([z, diameter, run]) => ({ z, diameter, ...(run ? { run } : {}) })),
});

export const tang = (name: string, at: End, thickness: Entry, length: Entry): Of<'tang'> => ({
  id: idOf(name),
  name,
  kind: 'tang',
  side: 'external',
  at,
  thickness,
  length,
});

export const chamfer = (name: string, on: { readonly id: string }, at: End, size: Entry): Of<'chamfer'> => ({
  id: idOf(name),
  name,
  kind: 'chamfer',
  side: 'external',
  on: on.id,
  at,
  size,
});

import { NO_KIT, USUAL_KIT, type Material } from '@anello/core/kit';
import { entry } from '../entry/entry';
import { KIT_SCHEMA } from '../forms';
import { materialDocument, sizes } from './new';
import type { KitDocument, KitKind } from './schema';

// Beside `new`, not in it: what a size is comes with the first screen, what a new thing is with the form.

type Of<K extends KitKind> = KitDocument & { kind: K };
const base = { schema: KIT_SCHEMA, archived: false, note: '', name: '' } as const;
const usual = USUAL_KIT;

/** One of each kind, with usual figures to be changed. */
const NEW: { readonly [K in KitKind]: () => Of<K> } = {
  instrument: () => ({
    ...base,
    kind: 'instrument',
    type: 'micrometer',
    resolution: entry(usual.instrument.resolution),
    uncertainty: entry(usual.instrument.uncertainty),
  }),
  blocks: () => ({ ...base, kind: 'blocks', sizes: sizes(usual.blocks) }),
  master: () => ({
    ...base,
    kind: 'master',
    ratio: entry(usual.master.ratio, 'taper'),
    length: entry(usual.master.length),
  }),
  'sine-bar': () => ({ ...base, kind: 'sine-bar', length: entry(usual['sine-bar'].length) }),
  'pin-block': () => ({
    ...base,
    kind: 'pin-block',
    holes: [{ name: 'Hole', x: entry(usual['pin-block'].x), y: entry(usual['pin-block'].y) }],
  }),
  rollers: () => ({ ...base, kind: 'rollers', sizes: sizes(usual.rollers) }),
  balls: () => ({ ...base, kind: 'balls', sizes: sizes(usual.balls) }),
  drills: () => ({ ...base, kind: 'drills', sizes: sizes(usual.drills) }),
  reamers: () => ({ ...base, kind: 'reamers', sizes: sizes(usual.reamers) }),
  'taper-reamer': () => ({
    ...base,
    kind: 'taper-reamer',
    ratio: entry(usual['taper-reamer'].ratio, 'taper'),
    length: entry(usual['taper-reamer'].length),
  }),
  'boring-bar': () => ({
    ...base,
    kind: 'boring-bar',
    diameter: entry(usual['boring-bar'].diameter),
    reach: entry(usual['boring-bar'].reach),
    pointOffset: entry(usual['boring-bar'].pointOffset),
    edgeDepth: entry(usual['boring-bar'].edgeDepth),
    clearance: entry(usual['boring-bar'].clearance, 'angle'),
    material: 'steel',
  }),
  material: () =>
    materialDocument({
      ...(NO_KIT.materials[1] as Material),
      name: '',
      alsoCalled: '',
      source: 'Our own figures',
    }),
};

/** A thing or a set of a kind that nobody has described yet, without a name. */
export const newKit = <K extends KitKind>(kind: K): Of<K> => NEW[kind]();

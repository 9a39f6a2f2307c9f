import type { FeatureDocument } from '@anello/contract';
import type { FeatureKind } from '@anello/core';

export interface FieldSpec {
  readonly key: string;
  readonly label: string;
  readonly dimension: 'length' | 'angle' | 'taper';
}

const DIAMETER: FieldSpec = { key: 'diameter', label: 'Diameter', dimension: 'length' };
const LENGTH: FieldSpec = { key: 'length', label: 'Length', dimension: 'length' };

/** The figures each kind of feature is described by, in the order a drawing gives them. */
export const FEATURE_FIELDS: Readonly<Record<FeatureKind, readonly FieldSpec[]>> = {
  cylinder: [DIAMETER, LENGTH],
  groove: [
    { ...DIAMETER, label: 'Diameter at the bottom' },
    { ...LENGTH, label: 'Width' },
  ],
  bore: [
    DIAMETER,
    { ...LENGTH, label: 'Depth' },
    { key: 'pointAngle', label: 'Drill point, included', dimension: 'angle' },
  ],
  thread: [
    { ...DIAMETER, label: 'Nominal diameter' },
    { key: 'pitch', label: 'Pitch', dimension: 'length' },
    LENGTH,
  ],
  eccentric: [
    DIAMETER,
    LENGTH,
    { key: 'throw', label: 'Throw', dimension: 'length' },
    { key: 'phase', label: 'High side at', dimension: 'angle' },
  ],
  taper: [
    { key: 'largeDiameter', label: 'Large diameter', dimension: 'length' },
    { key: 'smallDiameter', label: 'Small diameter', dimension: 'length' },
    { key: 'length', label: 'Length', dimension: 'length' },
    { key: 'ratio', label: 'Taper on diameter', dimension: 'taper' },
    { key: 'halfAngle', label: 'Half angle', dimension: 'angle' },
    { key: 'gaugeDiameter', label: 'Gauge line diameter', dimension: 'length' },
    { key: 'beyondGauge', label: 'Cone beyond the gauge line', dimension: 'length' },
  ],
  profile: [],
};

/** Kinds that only make sense one way round, or both. */
export const SIDES: Readonly<Record<FeatureKind, readonly ('external' | 'internal')[]>> = {
  cylinder: ['external', 'internal'],
  taper: ['external', 'internal'],
  bore: ['internal'],
  groove: ['external', 'internal'],
  thread: ['external', 'internal'],
  profile: ['external', 'internal'],
  eccentric: ['external', 'internal'],
};

/** A new feature of a kind, with nothing known of it yet. */
export function newFeature(kind: FeatureKind, id: string, name: string): FeatureDocument {
  const side = (SIDES[kind][0] ?? 'external') as 'external' | 'internal';
  const base = { id, name, side, ...(side === 'internal' ? { from: 'tailstock' as const } : {}) };
  switch (kind) {
    case 'taper':
      return { ...base, kind, largeEnd: 'headstock' };
    case 'thread':
      return { ...base, kind, designation: '' };
    case 'profile':
      return { ...base, kind, points: [{}, {}] };
    default:
      return { ...base, kind };
  }
}

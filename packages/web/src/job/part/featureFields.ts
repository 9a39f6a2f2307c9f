import type { FeatureDocument } from '@anello/contract';
import { HOLE_FITS } from '@anello/core/fit';
import type { FeatureKind } from '@anello/core/part';
import { choice, figure, type FormField } from '../../ui/formField';

const DIAMETER: FormField = figure('diameter', 'Diameter');
const FIT = choice('fit', 'Fit on its shaft', Object.fromEntries(HOLE_FITS.map((fit) => [fit, fit])), {
  clearable: true,
});
const LENGTH: FormField = figure('length', 'Length');

/** The figures each kind of feature is described by, in the order a drawing gives them. */
export const FEATURE_FIELDS: Readonly<Record<FeatureKind, readonly FormField[]>> = {
  cylinder: [DIAMETER, LENGTH],
  groove: [
    { ...DIAMETER, label: 'Diameter at the bottom' },
    { ...LENGTH, label: 'Width' },
  ],
  bore: [
    DIAMETER,
    { ...LENGTH, label: 'Depth' },
    figure('pointAngle', 'Drill point, included', 'angle'),
    FIT,
  ],
  thread: [{ ...DIAMETER, label: 'Nominal diameter' }, figure('pitch', 'Pitch'), LENGTH],
  eccentric: [
    DIAMETER,
    LENGTH,
    figure('throw', 'Throw'),
    figure('travel', 'or the whole travel'),
    figure('phase', 'High side at', 'angle'),
  ],
  taper: [
    figure('largeDiameter', 'Large diameter'),
    figure('smallDiameter', 'Small diameter'),
    figure('length', 'Length'),
    figure('ratio', 'Taper on diameter', 'taper'),
    figure('halfAngle', 'Half angle', 'angle'),
    figure('gaugeDiameter', 'Gauge line diameter'),
    figure('beyondGauge', 'Cone beyond the gauge line'),
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

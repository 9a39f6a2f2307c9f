import { entry, type Entry } from '../../entry/entry';
import type { FeatureDocument } from './schema';
import { isCylinder, isProfile, isTaper } from '@anello/core/part';

/** A point of a part's outline, mm, and how the outline runs to it from the one before: straight where it is not said. */
export interface OutlinePlace {
  readonly z: number;
  readonly diameter: number;
  readonly run?: string | undefined;
  readonly radius?: number | undefined;
  readonly bulge?: 'out' | 'in' | undefined;
  readonly via?: { readonly z: number; readonly r: number } | undefined;
}

/** Places nearer than this are the same, mm. */
const SAME = 1e-4;
/** A corner that is cut no longer than this, at something like 45°, is a chamfer and no taper. */
const LONGEST_CHAMFER = 3;
const STEEPEST = Math.tan((60 * Math.PI) / 180);
const FLATTEST = Math.tan((30 * Math.PI) / 180);

const mm = (value: number): Entry => entry(`${Number(value.toFixed(4))} mm`);

type Of<K extends FeatureDocument['kind']> = Extract<FeatureDocument, { kind: K }>;
interface Stretch {
  readonly from: OutlinePlace;
  readonly to: OutlinePlace;
}

/**
 * The outside of a part as a drawn outline gives it: lines along the axis are cylinders, sloping ones tapers or, where they are
 * short and stand at a cylinder's edge, chamfers; what is drawn in arcs, with what joins it, is a profile. Faces and steps between
 * them are lines across. Places must run from the headstock to the tailstock.
 */
export function featuresFromOutline(places: readonly OutlinePlace[]): FeatureDocument[] {
  const along = places.flatMap((to, i): Stretch[] => {
    const from = places[i - 1];
    return from && Math.abs(to.z - from.z) > SAME ? [{ from, to }] : [];
  });
  const found: FeatureDocument[] = [];
  const name = named();
  let curve: Stretch[] = [];
  const close = (): void => {
    if (curve.length > 0) found.push(profileOf(curve, name('Curve')));
    curve = [];
  };
  along.forEach((stretch) => {
    if (isCurved(stretch)) return void curve.push(stretch);
    close();
    found.push(
      Math.abs(stretch.to.diameter - stretch.from.diameter) < SAME
        ? cylinderOf(stretch, name('Diameter'))
        : taperOf(stretch, UNNAMED),
    );
  });
  close();
  return withChamfers(found, name);
}

/** Steeper than this a slope is a face that leans, not a cone anybody sets an angle for: it is followed like a curve. */
const FACE = Math.tan((75 * Math.PI) / 180);
const isCurved = ({ from, to }: Stretch): boolean =>
  (to.run !== undefined && to.run !== 'line') ||
  Math.abs(to.diameter - from.diameter) / 2 > FACE * (to.z - from.z);

/** Names with a number from the second on, and ids made of them. */
function named(): (what: string) => { id: string; name: string } {
  const seen = new Map<string, number>();
  return (what) => {
    const count = (seen.get(what) ?? 0) + 1;
    seen.set(what, count);
    return { id: `${what.toLowerCase()}-${count}`, name: count === 1 ? what : `${what} ${count}` };
  };
}

const cylinderOf = ({ from, to }: Stretch, called: { id: string; name: string }): Of<'cylinder'> => ({
  ...called,
  kind: 'cylinder',
  side: 'external',
  diameter: mm(from.diameter),
  length: mm(to.z - from.z),
});

/** What is a chamfer after all has no name of a taper, and leaves no gap in them. */
const UNNAMED = { id: '', name: '' };

const taperOf = ({ from, to }: Stretch, called: { id: string; name: string }): Of<'taper'> => ({
  ...called,
  kind: 'taper',
  side: 'external',
  largeEnd: from.diameter > to.diameter ? 'headstock' : 'tailstock',
  largeDiameter: mm(Math.max(from.diameter, to.diameter)),
  smallDiameter: mm(Math.min(from.diameter, to.diameter)),
  length: mm(to.z - from.z),
});

function profileOf(stretches: readonly Stretch[], called: { id: string; name: string }): Of<'profile'> {
  const start = (stretches[0] as Stretch).from;
  const point = ({
    z,
    diameter,
    run,
    radius,
    bulge,
    via,
  }: OutlinePlace): Of<'profile'>['points'][number] => ({
    z: mm(z - start.z),
    diameter: mm(diameter),
    ...(run ? { run: run as Of<'profile'>['points'][number]['run'] } : {}),
    ...(radius ? { radius: mm(radius) } : {}),
    ...(bulge ? { bulge } : {}),
    ...(via ? { viaZ: mm(via.z - start.z), viaDiameter: mm(2 * via.r) } : {}),
  });
  const { z, diameter } = start;
  return {
    ...called,
    kind: 'profile',
    side: 'external',
    points: [point({ z, diameter }), ...stretches.map(({ to }) => point(to))],
  };
}

/** Short slopes at a cylinder's edge become chamfers lying on it, and their length the cylinder's. */
function withChamfers(
  features: readonly FeatureDocument[],
  name: ReturnType<typeof named>,
): FeatureDocument[] {
  const out: FeatureDocument[] = [];
  const chamfers: Of<'chamfer'>[] = [];
  const grown = new Map<string, number>();
  features.forEach((feature, i) => {
    const host = chamferedBy(feature, features[i - 1], features[i + 1]);
    if (!isTaper(feature) || !host) return void out.push(feature);
    const size = feature.length?.value ?? 0;
    const drop = ((feature.largeDiameter?.value ?? 0) - (feature.smallDiameter?.value ?? 0)) / 2;
    grown.set(host.id, (grown.get(host.id) ?? 0) + size);
    chamfers.push({
      ...name('Chamfer'),
      kind: 'chamfer',
      side: 'external',
      on: host.id,
      at: feature.largeEnd === 'headstock' ? 'tailstock' : 'headstock',
      size: mm(size),
      ...(Math.abs(drop - size) < SAME
        ? {}
        : { angle: entry(`${Number(((Math.atan2(drop, size) * 180) / Math.PI).toFixed(6))} deg`, 'angle') }),
    });
  });
  const whole = out.map((feature) => {
    if (isTaper(feature)) return { ...feature, ...name('Taper') };
    return isCylinder(feature) && grown.has(feature.id)
      ? { ...feature, length: mm((feature.length?.value ?? 0) + (grown.get(feature.id) ?? 0)) }
      : feature;
  });
  return [...whole, ...chamfers];
}

/** The cylinder whose edge a short slope breaks: at its large end, of the same diameter. */
function chamferedBy(
  slope: FeatureDocument,
  before: FeatureDocument | undefined,
  after: FeatureDocument | undefined,
): Of<'cylinder'> | null {
  if (!isTaper(slope)) return null;
  const host = slope.largeEnd === 'headstock' ? before : after;
  const [large, small] = [slope.largeDiameter?.value ?? 0, slope.smallDiameter?.value ?? 0];
  const size = slope.length?.value ?? 0;
  const steep = (large - small) / 2 / size;
  if (size > LONGEST_CHAMFER || steep < FLATTEST || steep > STEEPEST) return null;
  if (!isCylinder(host) || Math.abs((host.diameter?.value ?? 0) - large) > SAME) return null;
  // What follows stands no higher than the slope comes down to, or there is no edge that it breaks.
  const beyond = slope.largeEnd === 'headstock' ? after : before;
  return beyond === undefined || mouthOf(beyond, slope.largeEnd) <= small + SAME ? host : null;
}

/** Diameter of a feature at its end toward the headstock or the tailstock. */
function mouthOf(feature: FeatureDocument, end: 'headstock' | 'tailstock'): number {
  if (isCylinder(feature)) return feature.diameter?.value ?? 0;
  if (isTaper(feature))
    return (feature.largeEnd === end ? feature.largeDiameter : feature.smallDiameter)?.value ?? 0;
  if (isProfile(feature))
    return (end === 'headstock' ? feature.points[0] : feature.points.at(-1))?.diameter?.value ?? 0;
  return 0;
}

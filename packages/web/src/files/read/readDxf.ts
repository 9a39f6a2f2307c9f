import { pointOn, shapeCurve } from '@anello/core/curve';
import type { Phrase } from '@anello/core/figure';
import bspline from 'b-spline';
import DxfParser from 'dxf-parser';
import { drawnArc, followed, profileOf, type AxisAlong, type Drawn, type Place } from './drawing';
import { UNITS, type FileUnit, type ReadProfile, type Tell } from './readProfile';

interface Vertex extends Place {
  readonly bulge?: number;
}
interface Entity {
  readonly type: string;
  readonly layer?: string;
  readonly vertices?: readonly Vertex[];
  readonly center?: Place;
  readonly radius?: number;
  readonly startAngle?: number;
  readonly endAngle?: number;
  readonly majorAxisEndPoint?: Place;
  readonly axisRatio?: number;
  readonly controlPoints?: readonly Place[];
  readonly fitPoints?: readonly Place[];
  readonly knotValues?: readonly number[];
  readonly degreeOfSplineCurve?: number;
  readonly rational?: boolean;
}

/** $INSUNITS of a DXF's header, mm. */
const INSUNITS: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };

export interface DxfRequest {
  readonly unit: FileUnit;
  readonly axis: AxisAlong;
  /** Where the axis lies across the file, in its units, when no centre line says. */
  readonly axisAt: number | null;
}

/** A profile from a DXF: lines, arcs, polylines with their bulges, ellipses and splines; anything else is named and left. */
export function readDxf(text: string, { unit, axis, axisAt }: DxfRequest, tell?: Tell): ReadProfile {
  const parsed = new DxfParser().parseSync(text);
  const told = INSUNITS[Number(parsed?.header['$INSUNITS'])];
  const scale = unit === 'file' ? (told ?? 1) : UNITS[unit];
  const left = new Map<string, number>();
  const entities = (parsed?.entities ?? []) as unknown as Entity[];
  const drawn = entities.flatMap((entity, i): readonly Drawn[] => {
    tell?.(i / entities.length);
    const found = drawnOf(entity, scale);
    if (!found) left.set(entity.type, (left.get(entity.type) ?? 0) + 1);
    return found ?? [];
  });
  const said: Phrase[] = [
    ...[...left].map(([type, count]): Phrase => [`${count} × ${type.toLowerCase()}`]),
    ...(unit === 'file' && !told ? [['its unit, which it does not say: 1 mm was taken'] as const] : []),
  ];
  return profileOf(drawn, said, { scale, axis, axisAt: axisAt ?? 0 });
}

const TURN = 2 * Math.PI;
/** From one angle anticlockwise to another. */
const onward = (from: number, to: number): number => (((to - from) % TURN) + TURN) % TURN || TURN;

function drawnOf(entity: Entity, scale: number): readonly Drawn[] | null {
  const { vertices = [], center, radius = 0, startAngle = 0, endAngle = 0, layer = '' } = entity;
  switch (entity.type) {
    case 'LINE':
      return vertices[0] && vertices[1] ? [{ from: vertices[0], to: vertices[1], layer }] : null;
    case 'ARC':
      return center ? drawnArc(center, radius, startAngle, onward(startAngle, endAngle), layer) : null;
    case 'LWPOLYLINE':
    case 'POLYLINE':
      return vertices.slice(1).flatMap((to, i) => bulged(vertices[i] as Vertex, to, layer));
    case 'ELLIPSE':
      return ellipse(entity, scale);
    case 'SPLINE':
      return spline(entity, scale);
    default:
      return null;
  }
}

/** A bulge is the tangent of a quarter of the arc's angle, anticlockwise more than nothing. */
function bulged(from: Vertex, to: Place, layer: string): Drawn[] {
  const bulge = from.bulge ?? 0;
  if (Math.abs(bulge) < 1e-9) return [{ from, to, layer }];
  const off = (1 - bulge * bulge) / (4 * bulge);
  const centre = {
    x: (from.x + to.x) / 2 - (to.y - from.y) * off,
    y: (from.y + to.y) / 2 + (to.x - from.x) * off,
  };
  const start = Math.atan2(from.y - centre.y, from.x - centre.x);
  const radius = Math.hypot(from.x - centre.x, from.y - centre.y);
  return drawnArc(centre, radius, start, 4 * Math.atan(bulge), layer);
}

/** Part of an ellipse, by its long half-axis and the ratio of the short one; a whole one is no profile. */
function ellipse(entity: Entity, scale: number): Drawn[] | null {
  const { center, majorAxisEndPoint: major, axisRatio = 1, startAngle = 0, endAngle = 0 } = entity;
  const sweep = onward(startAngle, endAngle);
  if (!center || !major || sweep > TURN - 1e-6) return null;
  return followed(
    (part) => {
      const t = startAngle + part * sweep;
      const [long, short] = [Math.cos(t), axisRatio * Math.sin(t)];
      return {
        x: center.x + long * major.x - short * major.y,
        y: center.y + long * major.y + short * major.x,
      };
    },
    scale,
    entity.layer ?? '',
  );
}

/** A spline by its control points and knots, or through its fit points; weights are not in what is read, so a weighted one is left. */
function spline(entity: Entity, scale: number): Drawn[] | null {
  const { controlPoints = [], fitPoints = [], knotValues, degreeOfSplineCurve: degree = 3 } = entity;
  const layer = entity.layer ?? '';
  if (entity.rational) return null;
  if (controlPoints.length > degree) {
    const points = controlPoints.map(({ x, y }) => [x, y]);
    const at = (part: number): Place => {
      const [x = 0, y = 0] = bspline(part, degree, points, knotValues);
      return { x, y };
    };
    return followed(at, scale, layer);
  }
  if (fitPoints.length < 2) return null;
  const chords = shapeCurve(fitPoints.map(({ x, y }) => ({ z: x, r: y, run: 'spline' as const })));
  const at = (part: number): Place => {
    const along = part * chords.length;
    const index = Math.min(chords.length - 1, Math.floor(along));
    const { z, r } = pointOn(chords[index] as (typeof chords)[number], along - index);
    return { x: z, y: r };
  };
  return followed(at, scale, layer);
}

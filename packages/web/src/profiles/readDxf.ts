import DxfParser from 'dxf-parser';
import {
  arcStretch,
  joined,
  UNITS,
  type AxisAlong,
  type FileUnit,
  type ReadProfile,
  type Stretch,
} from './readProfile';

interface Place {
  readonly x: number;
  readonly y: number;
  readonly bulge?: number;
}
interface Entity {
  readonly type: string;
  readonly vertices?: readonly Place[];
  readonly center?: Place;
  readonly radius?: number;
  readonly startAngle?: number;
  readonly endAngle?: number;
}
type Stretches = readonly Stretch[];

/** A profile from a DXF: lines, arcs, and polylines with their bulges; anything else is named and left. */
export function readDxf(text: string, unit: FileUnit, axis: AxisAlong): ReadProfile {
  const parsed = new DxfParser().parseSync(text);
  const left = new Map<string, number>();
  const place = ({ x, y }: Place): { z: number; r: number } => {
    const [z, r] = axis === 'x' ? [x, y] : [y, x];
    return { z: z * UNITS[unit], r: Math.abs(r) * UNITS[unit] };
  };
  const stretches = ((parsed?.entities ?? []) as unknown as Entity[]).flatMap((entity): Stretches => {
    const found = stretchesOf(entity, place);
    if (!found) left.set(entity.type, (left.get(entity.type) ?? 0) + 1);
    return found ?? [];
  });
  return joined(
    stretches,
    [...left].map(([type, count]) => [`${count} × ${type.toLowerCase()}`]),
  );
}

function stretchesOf(entity: Entity, place: (p: Place) => { z: number; r: number }): Stretches | null {
  const { vertices = [], center, radius = 0, startAngle = 0, endAngle = 0 } = entity;
  if (entity.type === 'LINE' && vertices[0] && vertices[1])
    return [{ from: place(vertices[0]), to: place(vertices[1]) }];
  if (entity.type === 'ARC' && center) {
    const at = (angle: number): Place => ({
      x: center.x + radius * Math.cos(angle),
      y: center.y + radius * Math.sin(angle),
    });
    return [arcStretch(place(at(startAngle)), place(at(endAngle)), place(center))];
  }
  if (entity.type === 'LWPOLYLINE' || entity.type === 'POLYLINE')
    return vertices.slice(1).map((to, i) => {
      const from = vertices[i] as Place;
      const bulge = from.bulge ?? 0;
      return Math.abs(bulge) < 1e-9
        ? { from: place(from), to: place(to) }
        : arcStretch(place(from), place(to), place(centreOf(from, to, bulge)));
    });
  return null;
}

/** A bulge is the tangent of a quarter of the arc's angle, anticlockwise more than nothing. */
function centreOf(a: Place, b: Place, bulge: number): Place {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const off = (1 - bulge * bulge) / (4 * bulge);
  return { x: (a.x + b.x) / 2 - dy * off, y: (a.y + b.y) / 2 + dx * off };
}

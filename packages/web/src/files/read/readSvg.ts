import type { Phrase } from '@anello/core/figure';
import svgpath from 'svgpath';
import { drawnArc, followed, profileOf, type Drawn, type Place } from './drawing';
import type { DxfRequest } from './readDxf';
import { UNITS, type ReadProfile, type Tell } from './readProfile';
import { alongArc, bezier, centredArc } from './svgCurve';
import type { SvgDrawing, SvgShape } from './svgShapes';

/**
 * A profile from an SVG: paths with all their curves, lines and polygons, as they stand after their transforms. Its y
 * grows downward; without a centre line the axis is the lower edge of its page.
 */
export function readSvg(drawing: SvgDrawing, { unit, axis, axisAt }: DxfRequest, tell?: Tell): ReadProfile {
  const scale = unit === 'file' ? drawing.scale : UNITS[unit];
  const drawn = drawing.shapes.flatMap((shape, i) => {
    tell?.(i / drawing.shapes.length);
    return drawnOf(shape, scale);
  });
  const said = drawing.left.map(([name, count]): Phrase => [`${count} × ${name}`]);
  const level = axisAt ?? (axis === 'x' ? drawing.bottom : 0);
  return profileOf(drawn, said, { scale, axis, axisAt: axis === 'x' ? -level : level });
}

function drawnOf({ d, transform, layer }: SvgShape, scale: number): Drawn[] {
  const drawn: Drawn[] = [];
  let start: Place = { x: 0, y: 0 };
  svgpath(d)
    .transform(transform)
    .abs()
    .unshort()
    .iterate(([name, ...figures], _index, x, y) => {
      const from = up({ x, y });
      const straight = (to: Place): number => drawn.push({ from, to: up(to), layer });
      switch (name) {
        case 'M':
          start = up({ x: figures[0] ?? 0, y: figures[1] ?? 0 });
          break;
        case 'L':
          straight({ x: figures[0] ?? 0, y: figures[1] ?? 0 });
          break;
        case 'H':
          straight({ x: figures[0] ?? 0, y });
          break;
        case 'V':
          straight({ x, y: figures[0] ?? 0 });
          break;
        case 'Z':
        case 'z':
          if (Math.hypot(from.x - start.x, from.y - start.y) > 1e-9) drawn.push({ from, to: start, layer });
          break;
        case 'A':
          drawn.push(...arc({ x, y }, figures, scale, layer));
          break;
        default: {
          const at = bezier([{ x, y }, ...placesOf(figures)]);
          drawn.push(...followed((part) => up(at(part)), scale, layer));
        }
      }
    });
  return drawn;
}

/** Nearer than this to its other radius, of the larger, an ellipse is a circle. */
const ROUND = 1e-9;

function arc(from: Place, figures: readonly number[], scale: number, layer: string): Drawn[] {
  const found = centredArc(from, figures);
  const [x = 0, y = 0] = figures.slice(5);
  if (!found) return [{ from: up(from), to: up({ x, y }), layer }];
  const { centre, rx, ry, turn, from: begins, sweep } = found;
  // Turned over with the drawing, it runs the other way round.
  if (Math.abs(rx - ry) <= ROUND * rx) return drawnArc(up(centre), rx, -(begins + turn), -sweep, layer);
  const at = alongArc(found);
  return followed((part) => up(at(part)), scale, layer);
}

const placesOf = (figures: readonly number[]): Place[] =>
  Array.from({ length: figures.length / 2 }, (_, i) => ({
    x: figures[2 * i] ?? 0,
    y: figures[2 * i + 1] ?? 0,
  }));

const up = ({ x, y }: Place): Place => ({ x, y: -y });

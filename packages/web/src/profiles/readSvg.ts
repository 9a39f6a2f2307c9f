import { AnelloError, type Phrase } from '@anello/core';
import { svgPathProperties } from 'svg-path-properties';
import svgpath from 'svgpath';
import { followed, profileOf, type Drawn, type Place } from './drawing';
import type { DxfRequest } from './readDxf';
import { UNITS, type ReadProfile } from './readProfile';

/** Units a drawing may give its size in, mm. */
const LENGTHS: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, px: 25.4 / 96 };
const PX = 25.4 / 96;
/** What holds shapes that are not drawn where they stand. */
const NOT_DRAWN = 'defs, symbol, clipPath, mask, marker, pattern';
const SHAPES = 'path, line, polyline, polygon, rect';
const LEFT_OUT = 'circle, ellipse, image, use';

/**
 * A profile from an SVG: paths with all their curves, lines and polygons, as they stand after their transforms. Its y
 * grows downward; without a centre line the axis is the lower edge of its page. Errors: unreadable.
 */
export function readSvg(text: string, { unit, axis, axisAt }: DxfRequest): ReadProfile {
  const parsed = new DOMParser().parseFromString(text, 'image/svg+xml');
  const svg = parsed.documentElement;
  if (parsed.querySelector('parsererror') || svg.localName !== 'svg')
    throw new AnelloError('unreadable', 'file', 'That is not an SVG that can be read.');
  const page = pageOf(svg);
  const scale = unit === 'file' ? page.scale : UNITS[unit];
  const shown = (selector: string): Element[] =>
    [...svg.querySelectorAll(selector)].filter((one) => !one.closest(NOT_DRAWN));
  const drawn = shown(SHAPES).flatMap((shape) => drawnOf(shape, scale));
  const left = new Map<string, number>();
  for (const { localName } of shown(LEFT_OUT)) left.set(localName, (left.get(localName) ?? 0) + 1);
  const said: Phrase[] = [...left].map(([name, count]): Phrase => [`${count} × ${name}`]);
  const level = axisAt ?? (axis === 'x' ? page.bottom : 0);
  return profileOf(drawn, said, { scale, axis, axisAt: axis === 'x' ? -level : level });
}

/** How large one of its units is by its own word, and where its page ends, in its units. */
function pageOf(svg: Element): { scale: number; bottom: number } {
  const [, top = 0, wide = 0, high = 0] = (svg.getAttribute('viewBox') ?? '').split(/[\s,]+/).map(Number);
  const width = sizeOf(svg, 'width');
  const scale = wide > 0 && width > 0 ? width / wide : PX;
  return { scale, bottom: high > 0 ? top + high : sizeOf(svg, 'height') / PX };
}

/** A size as the file gives it, mm; nothing where it gives none, or a part of something else. */
function sizeOf(svg: Element, name: string): number {
  const [, size, unit = ''] = /^\s*([\d.]+)\s*([a-z]*)\s*$/.exec(svg.getAttribute(name) ?? '') ?? [];
  return size === undefined ? 0 : Number(size) * (LENGTHS[unit] ?? PX);
}

function drawnOf(shape: Element, scale: number): Drawn[] {
  const layer = layerOf(shape);
  const drawn: Drawn[] = [];
  let start: Place = { x: 0, y: 0 };
  svgpath(pathOf(shape))
    .transform(transformOf(shape))
    .abs()
    .unshort()
    .iterate((segment, _index, x, y) => {
      const from = up({ x, y });
      const [name, ...figures] = segment;
      switch (name) {
        case 'M':
          start = up({ x: figures[0] ?? 0, y: figures[1] ?? 0 });
          break;
        case 'L':
          drawn.push({ from, to: up({ x: figures[0] ?? 0, y: figures[1] ?? 0 }), layer });
          break;
        case 'H':
          drawn.push({ from, to: up({ x: figures[0] ?? 0, y }), layer });
          break;
        case 'V':
          drawn.push({ from, to: up({ x, y: figures[0] ?? 0 }), layer });
          break;
        case 'Z':
        case 'z':
          if (Math.hypot(from.x - start.x, from.y - start.y) > 1e-9) drawn.push({ from, to: start, layer });
          break;
        default: {
          const curve = new svgPathProperties(`M${x} ${y}${name}${figures.join(' ')}`);
          const long = curve.getTotalLength();
          drawn.push(...followed((part) => up(curve.getPointAtLength(part * long)), scale, layer));
        }
      }
    });
  return drawn;
}

const up = ({ x, y }: Place): Place => ({ x, y: -y });

/** Names a centre line may be known by: on the shape, or on what it stands in. */
function layerOf(shape: Element): string {
  const group = shape.closest('g');
  return [shape, group]
    .flatMap((one) => ['class', 'id', 'data-pen'].map((name) => one?.getAttribute(name) ?? ''))
    .join(' ');
}

function transformOf(shape: Element): string {
  const own: string[] = [];
  for (let one: Element | null = shape; one; one = one.parentElement)
    own.unshift(one.getAttribute('transform') ?? '');
  return own.join(' ').trim();
}

function pathOf(shape: Element): string {
  const n = (name: string): number => Number(shape.getAttribute(name) ?? 0);
  const points = (shape.getAttribute('points') ?? '').trim();
  switch (shape.localName) {
    case 'line':
      return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`;
    case 'polyline':
      return points ? `M${points}` : 'M0 0';
    case 'polygon':
      return points ? `M${points}Z` : 'M0 0';
    case 'rect':
      return `M${n('x')} ${n('y')}h${n('width')}v${n('height')}h${-n('width')}Z`;
    default:
      return shape.getAttribute('d') ?? 'M0 0';
  }
}

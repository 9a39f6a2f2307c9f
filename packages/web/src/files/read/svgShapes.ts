import { AnelloError } from '@anello/core/basics';

/** A shape of an SVG as its file has it: a path, how it is moved, and the names it and its group go by. */
export interface SvgShape {
  readonly d: string;
  readonly transform: string;
  readonly layer: string;
}

/** What an SVG holds, without its document: it can be sent to a worker. */
export interface SvgDrawing {
  /** One of its units by its own word, mm. */
  readonly scale: number;
  /** Where its page ends, in its units. */
  readonly bottom: number;
  readonly shapes: readonly SvgShape[];
  /** What cannot be turned: its name and how many. */
  readonly left: readonly (readonly [name: string, count: number])[];
}

/** Units a drawing may give its size in, mm. */
const LENGTHS: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, px: 25.4 / 96 };
const PX = 25.4 / 96;
/** What holds shapes that are not drawn where they stand. */
const NOT_DRAWN = 'defs, symbol, clipPath, mask, marker, pattern';
const SHAPES = 'path, line, polyline, polygon, rect';
const LEFT_OUT = 'circle, ellipse, image, use';

/** The shapes of an SVG. Only a page can take its text apart, and does so at once; what is slow is done with these. Errors: unreadable. */
export function svgShapes(text: string): SvgDrawing {
  const parsed = new DOMParser().parseFromString(text, 'image/svg+xml');
  const svg = parsed.documentElement;
  if (parsed.querySelector('parsererror') || svg.localName !== 'svg')
    throw new AnelloError('unreadable', 'file', 'That is not an SVG that can be read.');
  const shown = (selector: string): Element[] =>
    [...svg.querySelectorAll(selector)].filter((one) => !one.closest(NOT_DRAWN));
  const left = new Map<string, number>();
  for (const { localName } of shown(LEFT_OUT)) left.set(localName, (left.get(localName) ?? 0) + 1);
  const shapes = shown(SHAPES).map((shape) => ({
    d: pathOf(shape),
    transform: transformOf(shape),
    layer: layerOf(shape),
  }));
  return { ...pageOf(svg), shapes, left: [...left] };
}

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

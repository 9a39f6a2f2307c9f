import { snap } from '@anello/core/figure';
import { arcEnds, type Mark, type Pen, type Sheet } from '../sheet';

const STROKE: Record<Pen, string> = {
  part: 'data-pen="part" stroke="#000" stroke-width="0.35"',
  centre: 'data-pen="centre" stroke="#000" stroke-width="0.13" stroke-dasharray="4 1 0.6 1"',
  note: 'data-pen="note" stroke="#000" stroke-width="0.18"',
};
const ANCHOR = { start: 'start', middle: 'middle', end: 'end' } as const;
/** Cap height of the words against the type size they are set in. */
const CAPS = 0.7;
/** Finer than this nothing prints, mm. */
const FINE = 1e-4;
const n = (value: number): string => String(snap(value, FINE));

/** A sheet as an SVG document whose user unit is the millimetre, so that it prints true. */
export function toSvg({ title, width, height, marks }: Sheet): string {
  const up = (y: number): string => n(height - y);
  const body = marks.map((mark) => element(mark, up)).join('\n  ');
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}">
  <title>${escaped(title)}</title>
  ${body}
</svg>
`;
}

function element(mark: Mark, up: (y: number) => string): string {
  switch (mark.kind) {
    case 'line':
      return `<line x1="${n(mark.x1)}" y1="${up(mark.y1)}" x2="${n(mark.x2)}" y2="${up(mark.y2)}" ${STROKE[mark.pen]}/>`;
    case 'arc': {
      const { start, end } = arcEnds(mark);
      const flags = `${Math.abs(mark.sweep) > Math.PI ? 1 : 0} ${mark.sweep > 0 ? 0 : 1}`;
      return `<path d="M${n(start.x)} ${up(start.y)}A${n(mark.r)} ${n(mark.r)} 0 ${flags} ${n(end.x)} ${up(end.y)}" fill="none" ${STROKE[mark.pen]}/>`;
    }
    case 'circle':
      return `<circle cx="${n(mark.x)}" cy="${up(mark.y)}" r="${n(mark.r)}" fill="none" ${STROKE[mark.pen]}/>`;
    case 'block':
      return `<rect x="${n(mark.x)}" y="${up(mark.y + mark.height)}" width="${n(mark.width)}" height="${n(mark.height)}"/>`;
    case 'text':
      return `<text${mark.bold ? ' font-weight="bold"' : ''} x="${n(mark.x)}" y="${up(mark.y)}" font-family="sans-serif" font-size="${n(mark.size / CAPS)}" text-anchor="${ANCHOR[mark.anchor ?? 'start']}">${escaped(mark.text)}</text>`;
  }
}

const escaped = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

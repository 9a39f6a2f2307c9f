import { formatFigure, length } from '@anello/core/figure';
import { formToolOutline, type FormTool, type FormToolKind } from '@anello/core/form-tool';
import { line, scaleBars, uprightBar, type Mark, type Sheet } from '../sheet';

const MARGIN = 16;
const ROW = 5;
const TEXT = 2.6;
const BAR = 50;
/** The words beside the drawing want this much, mm. */
const TABLE = 84;

/** A form tool's own drawing, full size: its outline, and the coordinates it is turned, milled or ground to. */
export function formToolSheet(title: string, tool: FormTool, kind: FormToolKind): Sheet {
  const outline = formToolOutline(tool, kind);
  const [wide, high] = [Math.max(...outline.map((p) => p.z)), Math.max(...outline.map((p) => p.r))];
  const tall = Math.max(high + 24, (tool.points.length + 3) * ROW, BAR) + 2 * MARGIN;
  const width = Math.max(wide + 2 * MARGIN, BAR + 2 * MARGIN) + TABLE;
  const [x0, y0] = [MARGIN, MARGIN + 18];
  const edges = outline.map((p, i): Mark => {
    const next = outline[(i + 1) % outline.length] ?? p;
    return line('part', x0 + p.z, y0 + p.r, x0 + next.z, y0 + next.r);
  });
  const left = width - TABLE;
  const start = Math.min(...tool.points.map((p) => p.z));
  const head = kind === 'flat' ? 'depth from the foremost edge' : 'radius of the disc';
  const rows = [
    ['along', head],
    ...tool.points.map((p) => [written(p.z - start, 0.01), written(p.tool, 0.001)]),
  ];
  return {
    title,
    width,
    height: tall,
    marks: [
      ...edges,
      ...(kind === 'circular' ? [line('centre', x0 - 6, y0, x0 + wide + 6, y0)] : []),
      ...scaleBars(MARGIN, MARGIN, BAR),
      ...uprightBar(width - MARGIN / 2, MARGIN, BAR),
      words(MARGIN, tall - MARGIN + 4, title),
      ...rows.flatMap(([along = '', made = ''], i) => [
        words(left, tall - MARGIN - i * ROW, along),
        words(left + 26, tall - MARGIN - i * ROW, made),
      ]),
    ],
  };
}

const written = (value: number, resolution: number): string => formatFigure(length(value, resolution), 'mm');
const words = (x: number, y: number, text: string): Mark => ({
  kind: 'text',
  pen: 'note',
  x,
  y,
  size: TEXT,
  text,
});

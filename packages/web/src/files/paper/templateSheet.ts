import { AnelloError } from '@anello/core/basics';
import { PRINTED_BAR, printerScale, type CurvePoint, type TracerTemplate } from '@anello/core/curve';
import { formatFigure, length } from '@anello/core/figure';
import type { Member } from '@anello/core/taper';
import { line, scaleBars, uprightBar, type Mark, type Sheet } from '../sheet';

export interface TemplateWish {
  readonly title: string;
  readonly template: TracerTemplate;
  /** The bar as this printer printed it: everything is drawn so much larger or smaller. mm. */
  readonly printedBar: number;
  /** Paper, lying, mm. */
  readonly paper: { readonly width: number; readonly height: number };
  /** A check point's dial, as it reads on this lathe. */
  readonly dial: (tip: number) => string;
  /** Which side of the line the stylus keeps to: the axis's, in a bore. */
  readonly member: Member;
  /** For a bore cut on the far wall: across is turned over. */
  readonly turnedOver?: boolean;
  /** Distance of the datum line from the axis, mm: two sheets of a pair are given the same. None draws it under the line. */
  readonly datum?: number | undefined;
}

/** A4, lying, mm. */
export const TEMPLATE_PAPER = { width: 297, height: 210 } as const;

const MARGIN = 12;
/** Neighbouring sheets show this much of one another, with a cross to lay them together by. */
const OVERLAP = 15;
/** Under the drawing stand the bar and the words, mm. */
const HEAD = 32;
const ROW = 4;
const WITNESS = 6;
/** The datum line lies this far under the lowest place of the line, mm. */
const UNDER = 8;

/**
 * The line for a stylus full size, on as many sheets as it takes: centre line, witness lines at both ends, check points
 * with their diameters, hold-down marks, bars both ways. The line is drawn from a base a little inside its lowest place.
 * Errors: as printerScale; impossible at `paper` where it rises more than a sheet is tall.
 */
export function templateSheets(wish: TemplateWish): Sheet[] {
  const { title, printedBar, paper, datum, dial, member, turnedOver = false } = wish;
  const template = turnedOver ? over(wish.template) : wish.template;
  const grow = printerScale(printedBar);
  const { line: points, checks, ends } = template;
  const [from, to] = [Math.min(...points.map((p) => p.z)), Math.max(...points.map((p) => p.z))];
  const lowest = Math.min(...points.map((p) => p.r)) - UNDER;
  // Where the line is turned over, so is its datum.
  const level = datum === undefined ? lowest : Math.sign(points[0]?.r || 1) * datum;
  const base = Math.min(lowest, level);
  const across = (Math.max(...points.map((p) => p.r), level) - base) * grow;
  if (across > paper.height - 2 * MARGIN - HEAD)
    throw new AnelloError('impossible', 'paper', [
      'The line rises ',
      length(across, 1),
      ' across, more than this paper has room for: draw it in two parts.',
    ]);
  const right = MARGIN + PRINTED_BAR * grow + 18;
  const side = (member === 'external') === !turnedOver ? 'above' : 'below';
  const room = paper.width - 2 * MARGIN;
  const step = (room - OVERLAP) / grow;
  const count = Math.max(1, Math.ceil((to - from - OVERLAP / grow) / step));
  return Array.from({ length: count }, (_, i) => {
    const left = from + i * step;
    const place = (p: CurvePoint): { x: number; y: number } => ({
      x: MARGIN + (p.z - left) * grow,
      y: MARGIN + HEAD + (p.r - base) * grow,
    });
    const inside = (z: number): boolean => z >= left - 1e-9 && z <= left + room / grow + 1e-9;
    const shown = points.filter((p) => inside(p.z));
    const marks: Mark[] = [
      ...shown.slice(1).map((p, k) => between('part', place(shown[k] as CurvePoint), place(p))),
      ...centreLine(place, level, left, room / grow),
      words(
        place({ z: left, r: level }).x,
        place({ z: left, r: level }).y - 4,
        `this line is ${written(Math.abs(level), 0.01)} from the axis`,
      ),
      ...[ends.from, ends.to].filter(inside).flatMap((z) => witness(place, points, z)),
      ...checks.flatMap((c, k) => (inside(c.z) ? check(place, points, c.z, k + 1) : [])),
      ...checks.map((c, k) =>
        words(
          right,
          MARGIN + 4 + (checks.length - k) * ROW,
          `${k + 1}: at ${written(c.z, 0.1)}, dia. ${written(c.diameter, 0.01)}, dial ${dial(c.tip)}`,
        ),
      ),
      ...corners(paper),
      ...scaleBars(MARGIN + 6, MARGIN + 4, PRINTED_BAR * grow, PRINTED_BAR),
      ...uprightBar(
        paper.width - MARGIN - 6,
        MARGIN + HEAD,
        Math.min(PRINTED_BAR * grow, paper.height - 2 * MARGIN - 40),
      ),
      words(
        right,
        MARGIN + 4,
        `${title}, sheet ${i + 1} of ${count}; print without fitting to the page; stylus ${side} the line`,
      ),
      ...(i > 0 ? joint(place({ z: left + OVERLAP / grow / 2, r: base + 3 })) : []),
      ...(i < count - 1 ? joint(place({ z: left + step + OVERLAP / grow / 2, r: base + 3 })) : []),
    ];
    return { title: `${title} ${i + 1}`, width: paper.width, height: paper.height, marks };
  });
}

const between = (
  pen: 'part' | 'centre' | 'note',
  a: { x: number; y: number },
  b: { x: number; y: number },
): Mark => line(pen, a.x, a.y, b.x, b.y);
const words = (x: number, y: number, text: string, anchor: 'start' | 'middle' = 'start'): Mark => ({
  kind: 'text',
  pen: 'note',
  x,
  y,
  size: 2.6,
  text,
  anchor,
});
type Placer = (p: CurvePoint) => { x: number; y: number };

function centreLine(place: Placer, base: number, left: number, room: number): Mark[] {
  return [between('centre', place({ z: left, r: base }), place({ z: left + room, r: base }))];
}

/** A line square to the axis at an end, to bring tool and paper together by. */
function witness(place: Placer, points: readonly CurvePoint[], z: number): Mark[] {
  const at = nearest(points, z);
  return [between('note', place({ z, r: at.r - WITNESS }), place({ z, r: at.r + WITNESS }))];
}

/** A ring on the line with the number its figures are listed under. */
function check(place: Placer, points: readonly CurvePoint[], z: number, number: number): Mark[] {
  const { x, y } = place(nearest(points, z));
  return [{ kind: 'circle', pen: 'note', x, y, r: 1.2 }, words(x + 2.6, y + 2.6, String(number))];
}

/** Across turned over: the far wall moves the slide the other way. */
const over = (template: TracerTemplate): TracerTemplate => ({
  ...template,
  line: template.line.map((p) => ({ z: p.z, r: -p.r })),
});

const written = (value: number, resolution: number): string => formatFigure(length(value, resolution), 'mm');

const nearest = (points: readonly CurvePoint[], z: number): CurvePoint =>
  points.reduce((best, p) => (Math.abs(p.z - z) < Math.abs(best.z - z) ? p : best));

/** Where tape or magnets hold it, clear of the line. */
function corners({ width, height }: { width: number; height: number }): Mark[] {
  const spots = [
    [MARGIN, height - MARGIN],
    [width - MARGIN, height - MARGIN],
    [width - MARGIN, MARGIN],
  ] as const;
  return spots.flatMap(([x, y]) => [line('note', x - 3, y, x + 3, y), line('note', x, y - 3, x, y + 3)]);
}

function joint({ x, y }: { x: number; y: number }): Mark[] {
  return [line('centre', x - 5, y, x + 5, y), line('centre', x, y - 5, x, y + 5)];
}

/** A drawing to be printed true to scale: mm, origin at the lower left corner, y upward. */
export interface Sheet {
  readonly title: string;
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}

/** Which pen: the part itself, its centre lines, or dimensions and words. */
export type Pen = 'part' | 'centre' | 'note';

export type Mark =
  | {
      readonly kind: 'line';
      readonly pen: Pen;
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
    }
  | {
      /** From an angle through a sweep, rad, anticlockwise positive. */
      readonly kind: 'arc';
      readonly pen: Pen;
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly from: number;
      readonly sweep: number;
    }
  | { readonly kind: 'circle'; readonly pen: Pen; readonly x: number; readonly y: number; readonly r: number }
  | {
      /** Filled, from its lower left corner. */
      readonly kind: 'block';
      readonly pen: Pen;
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
    }
  | {
      readonly kind: 'text';
      readonly pen: Pen;
      readonly x: number;
      readonly y: number;
      /** Height of the capitals, mm. */
      readonly size: number;
      readonly text: string;
      readonly anchor?: 'start' | 'middle' | 'end';
      readonly bold?: boolean;
    };

export const line = (pen: Pen, x1: number, y1: number, x2: number, y2: number): Mark => ({
  kind: 'line',
  pen,
  x1,
  y1,
  x2,
  y2,
});

/** Where an arc begins and ends. */
export const arcEnds = ({ x, y, r, from, sweep }: Extract<Mark, { kind: 'arc' }>) => ({
  start: { x: x + r * Math.cos(from), y: y + r * Math.sin(from) },
  end: { x: x + r * Math.cos(from + sweep), y: y + r * Math.sin(from + sweep) },
});

/** A rectangle as its four sides. */
export const box = (pen: Pen, x: number, y: number, width: number, height: number): Mark[] => [
  line(pen, x, y, x + width, y),
  line(pen, x + width, y, x + width, y + height),
  line(pen, x + width, y + height, x, y + height),
  line(pen, x, y + height, x, y),
];

/** A cross on a centre, reaching `over` past a radius. */
export const cross = (x: number, y: number, reach: number): Mark[] => [
  line('centre', x - reach, y, x + reach, y),
  line('centre', x, y - reach, x, y + reach),
];

/** A bar to check the printer by with a rule before anything is believed: drawn so long, and meant to print as `meant`. mm. */
export function scaleBars(x: number, y: number, length: number, meant = length): Mark[] {
  const tick = 2;
  const words = `${meant} mm: measure both bars before use`;
  return [
    line('note', x, y, x + length, y),
    line('note', x, y - tick, x, y + tick),
    line('note', x + length, y - tick, x + length, y + tick),
    { kind: 'text', pen: 'note', x: x + length / 2, y: y + 3.2, size: 2.6, text: words, anchor: 'middle' },
  ];
}

/** The same bar standing up. */
export const uprightBar = (x: number, y: number, length: number): Mark[] => [
  line('note', x, y, x, y + length),
  line('note', x - 2, y, x + 2, y),
  line('note', x - 2, y + length, x + 2, y + length),
];

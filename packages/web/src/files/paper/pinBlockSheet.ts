import { formatFigure, length, angle } from '@anello/core/figure';
import type { PinBlockDesign, PinBlockWish } from '@anello/core/kit';
import { box, cross, scaleBars, uprightBar, type Mark, type Sheet } from '../sheet';

const MARGIN = 16;
const ROW = 6;
const WORDS = 2.8;
const BAR = 50;
const OVER = 2.5;

/** The block full size with every hole, a table of them, and bars to check the printer by. */
export function pinBlockSheet(wish: PinBlockWish, { origin, holes }: PinBlockDesign): Sheet {
  const rows = holes.length + 2;
  const table = rows * ROW;
  const width = Math.max(wish.width, 130) + 2 * MARGIN + 8;
  const blockY = MARGIN + table + 14;
  const height = blockY + wish.height + 26;
  const x0 = MARGIN + 8;
  const at = { x: x0 + origin.x, y: blockY + origin.y };
  const r = wish.holeDiameter / 2;
  const hole = (x: number, y: number, name: string): Mark[] => [
    { kind: 'circle', pen: 'part', x, y, r },
    ...cross(x, y, r + OVER),
    { kind: 'text', pen: 'note', x, y: y + r + 1.2, size: 2.2, text: name, anchor: 'middle' },
  ];
  return {
    title: 'Pin block',
    width,
    height,
    marks: [
      ...box('part', x0, blockY, wish.width, wish.height),
      ...hole(at.x, at.y, '0'),
      ...holes.flatMap((h, index) => hole(at.x + h.x, at.y + h.y, String(index + 1))),
      ...scaleBars(x0, height - 14, BAR),
      ...uprightBar(MARGIN, blockY, Math.min(BAR, Math.floor(wish.height / 10) * 10)),
      words(
        x0 + BAR + 10,
        height - 14,
        `Pin block, ${mm(wish.width, 0.01)} by ${mm(wish.height, 0.01)}, holes ${mm(wish.holeDiameter, 0.01)}`,
      ),
      ...tableMarks(x0, blockY - 12, wish, origin, holes),
    ],
  };
}

const mm = (value: number, resolution: number): string => formatFigure(length(value, resolution), 'mm');
const words = (x: number, y: number, text: string, anchor: 'start' | 'end' = 'start'): Mark => ({
  kind: 'text',
  pen: 'note',
  x,
  y,
  size: WORDS,
  text,
  anchor,
});

/** Places from the origin hole; the origin itself from the block's lower left corner. */
function tableMarks(
  x: number,
  top: number,
  wish: PinBlockWish,
  origin: PinBlockDesign['origin'],
  holes: PinBlockDesign['holes'],
): Mark[] {
  const line = (index: number, cells: readonly string[]): Mark[] => {
    const y = top - index * ROW;
    const [what = '', along = '', across = '', error = ''] = cells;
    return [
      words(x, y, what),
      words(x + 70, y, along, 'end'),
      words(x + 98, y, across, 'end'),
      words(x + 128, y, error, 'end'),
    ];
  };
  return [
    ...line(0, ['Hole', 'Along', 'Across', 'Angle left over']),
    ...line(1, [
      '0 origin, from the corner',
      mm(origin.x, wish.resolution),
      mm(origin.y, wish.resolution),
      '',
    ]),
    ...holes.flatMap((h, i) =>
      line(i + 2, [
        `${i + 1} ${h.name}`,
        mm(h.x, wish.resolution),
        mm(h.y, wish.resolution),
        formatFigure(angle(h.angleError, Math.PI / 180 / 3600 / 10), 'mm'),
      ]),
    ),
  ];
}

import { line, type Mark, type Sheet } from '../sheet';

/** Paper as it stands in the printer, mm. */
export const PAPERS = {
  a4: { title: 'A4', width: 210, height: 297 },
  letter: { title: 'Letter', width: 215.9, height: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;

const MARGIN = 14;
const FOOT = 10;
/** Capitals against the size of the type, and a letter's usual width against it; a bold one is wider. */
const CAPS = 0.7;
const LETTER = { plain: 0.5, bold: 0.55 } as const;
/** Lines stand this far apart, in heights of their capitals. */
const LEADING = 1.9;

export interface Words {
  /** Height of the capitals, mm. */
  readonly size?: number;
  readonly bold?: boolean;
  /** From the left edge of the printed part, mm. */
  readonly indent?: number;
  /** What stands at the right edge of the first line. */
  readonly right?: string;
  /** So much of the right is left free, mm. */
  readonly spare?: number;
}

/** Pages filled from the top; what does not fit begins the next, which says what it is of. */
export class Pages {
  private readonly pages: Mark[][] = [[]];
  private y: number;

  constructor(
    private readonly paper: Paper,
    private readonly title: string,
  ) {
    this.y = this.top;
  }

  get left(): number {
    return MARGIN;
  }
  get right(): number {
    return PAPERS[this.paper].width - MARGIN;
  }
  get width(): number {
    return this.right - this.left;
  }
  private get top(): number {
    return PAPERS[this.paper].height - MARGIN;
  }

  /** So much is wanted in one piece: on the next page where this one has no more. */
  need(height: number): void {
    if (this.y - height >= MARGIN + FOOT) return;
    this.pages.push([]);
    this.y = this.top;
  }

  /** Moves down. */
  skip(height: number): void {
    this.y -= height;
  }

  /** Marks whose lowest stands `height` under where the page has come to, by that place; then moves down past them. */
  put(height: number, marks: (y: number) => readonly Mark[]): void {
    this.need(height);
    this.pages.at(-1)?.push(...marks(this.y - height));
    this.y -= height;
  }

  /** Marks beside what comes next, hanging from where the page has come to. */
  beside(marks: (top: number) => readonly Mark[]): void {
    this.pages.at(-1)?.push(...marks(this.y));
  }

  /** Words, broken into lines. */
  write(text: string, { size = 2.5, bold = false, indent = 0, right = '', spare = 0 }: Words = {}): void {
    const room = this.width - indent - spare - (right ? widthOf(right, size, bold) + 4 : 0);
    brokenInto(text, room, size, bold).forEach((words, i) => {
      this.put(size * LEADING, (y) => [
        { kind: 'text', pen: 'note', x: this.left + indent, y: y + size * 0.4, size, text: words, bold },
        ...(i === 0 && right
          ? [
              {
                kind: 'text' as const,
                pen: 'note' as const,
                x: this.right - spare,
                y: y + size * 0.4,
                size,
                text: right,
                anchor: 'end' as const,
              },
            ]
          : []),
      ]);
    });
  }

  /** A line across. */
  rule(): void {
    this.put(2, (y) => [line('note', this.left, y + 1, this.right, y + 1)]);
  }

  sheets(): Sheet[] {
    const { width, height } = PAPERS[this.paper];
    return this.pages.map((marks, i) => ({
      title: this.title,
      width,
      height,
      marks: [...marks, ...this.foot(i + 1)],
    }));
  }

  private foot(page: number): Mark[] {
    const words = (x: number, text: string, anchor: 'start' | 'end'): Mark => ({
      kind: 'text',
      pen: 'note',
      x,
      y: MARGIN - 2,
      size: 2,
      text,
      anchor,
    });
    return [
      words(this.left, this.title, 'start'),
      words(this.right, `page ${page} of ${this.pages.length}`, 'end'),
    ];
  }
}

const widthOf = (text: string, size: number, bold: boolean): number =>
  text.length * (size / CAPS) * LETTER[bold ? 'bold' : 'plain'];

/** Words in lines no longer than there is room for; a word longer than that stands alone. */
export function brokenInto(text: string, room: number, size: number, bold = false): string[] {
  const lines: string[] = [];
  let now = '';
  for (const word of text.split(' ')) {
    const longer = now === '' ? word : `${now} ${word}`;
    if (now !== '' && widthOf(longer, size, bold) > room) {
      lines.push(now);
      now = word;
    } else now = longer;
  }
  return [...lines, now];
}

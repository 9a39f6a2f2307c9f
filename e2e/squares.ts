import jsQR from 'jsqr';
import { decodePDFRawStream, PDFArray, PDFRawStream, type PDFDocument, type PDFPage } from 'pdf-lib';

interface Block {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What a page draws, as the operators of its format. */
function operatorsOf(page: PDFPage): string {
  const { context } = page.doc;
  const contents = page.node.Contents();
  const parts = contents instanceof PDFArray ? contents.asArray() : contents ? [contents] : [];
  return parts
    .map((part) => context.lookup(part))
    .map((part) =>
      part instanceof PDFRawStream ? Buffer.from(decodePDFRawStream(part).decode()).toString('latin1') : '',
    )
    .join('\n');
}

const NUMBER = '(-?[\\d.]+)';
/** A filled box: put in its place, then drawn round from its corner. */
const BOX = new RegExp(
  `1 0 0 1 ${NUMBER} ${NUMBER} cm[^q]*?0 0 m\\s+0 ${NUMBER} l\\s+${NUMBER} ${NUMBER} l\\s+${NUMBER} 0 l\\s+h\\s+f`,
  'g',
);
const blocksOf = (page: PDFPage): Block[] =>
  [...operatorsOf(page).matchAll(BOX)].map(([, x, y, height, width]) => ({
    x: Number(x),
    y: Number(y),
    width: Number(width),
    height: Number(height),
  }));

/** Dots to a point: a module of the smallest square is over three of them. */
const DOTS = 6;
/** White round a square that keeps it apart from the next, in points. */
const APART = 8;

/** Boxes that lie nearer each other than squares do. */
function grouped(blocks: readonly Block[]): Block[][] {
  const groups: Block[][] = [];
  const near = (a: Block, b: Block): boolean =>
    a.x - APART < b.x + b.width &&
    b.x - APART < a.x + a.width &&
    a.y - APART < b.y + b.height &&
    b.y - APART < a.y + a.height;
  for (const block of blocks) {
    const touched = groups.filter((group) => group.some((one) => near(one, block)));
    for (const one of touched) groups.splice(groups.indexOf(one), 1);
    groups.push([block, ...touched.flat()]);
  }
  return groups;
}

function read(blocks: readonly Block[]): string[] {
  const [left, foot] = [
    Math.min(...blocks.map((b) => b.x)) - APART,
    Math.min(...blocks.map((b) => b.y)) - APART,
  ];
  const wide = Math.ceil((Math.max(...blocks.map((b) => b.x + b.width)) + APART - left) * DOTS);
  const high = Math.ceil((Math.max(...blocks.map((b) => b.y + b.height)) + APART - foot) * DOTS);
  const pixels = new Uint8ClampedArray(wide * high * 4).fill(255);
  for (const { x, y, width, height } of blocks)
    for (let row = Math.round((y - foot) * DOTS); row < Math.round((y + height - foot) * DOTS); row++) {
      const from = ((high - 1 - row) * wide + Math.round((x - left) * DOTS)) * 4;
      pixels.fill(0, from, from + Math.round(width * DOTS) * 4);
      for (let dot = from + 3; dot < from + Math.round(width * DOTS) * 4; dot += 4) pixels[dot] = 255;
    }
  const found = jsQR(pixels, wide, high);
  return found ? [found.data] : [];
}

/** The addresses in the squares of a printed document, read off its boxes as a camera reads them off the paper. */
export const squaresOf = (document: PDFDocument): string[] =>
  document.getPages().flatMap((page) => grouped(blocksOf(page)).flatMap(read));

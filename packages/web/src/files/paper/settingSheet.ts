import { formatFigure, length, plainText, type Phrase } from '@anello/core/figure';
import type { NudgeRow, SettingStep } from '@anello/core/setting';
import { box, line, type Mark, type Sheet } from '../sheet';
import { writeHead, type SheetHead } from './head';
import { Pages, type Paper } from './pages';

/** One card of a setting, with the nudges its readings would ask for. */
export interface SettingCardGiven {
  readonly step: SettingStep;
  readonly nudges: readonly NudgeRow[];
}

export interface SettingSheetGiven extends SheetHead {
  readonly cards: readonly SettingCardGiven[];
  readonly units: 'mm' | 'inch';
  readonly paper: Paper;
}

const BOX = 3.6;
const TEXT = 2.5;
const ROW = 7;
/** Readings are tried again: so many rows to write in. */
const TRIES = 4;
const FIRST = 34;

/** A setting on paper: each card in turn with its figures, the stations with what is good enough and room to write, and what to nudge. */
export function settingSheet(given: SettingSheetGiven): Sheet[] {
  const pages = new Pages(given.paper, `${given.number} ${given.title}`);
  const said = (phrase: Phrase): string => plainText(phrase, given.units).replaceAll('\u00a0', ' ');
  writeHead(pages, given);
  for (const card of given.cards) cardOf(pages, card, given.units, said);
  pages.write('The machine’s manual and the shop’s rules come first.', { size: 2 });
  return pages.sheets();
}

function cardOf(
  pages: Pages,
  { step, nudges }: SettingCardGiven,
  units: 'mm' | 'inch',
  said: (phrase: Phrase) => string,
): void {
  pages.need(26);
  pages.beside((top) => box('note', pages.left, top - BOX - 1, BOX, BOX));
  pages.write(said(step.title), { size: 3.2, bold: true, indent: 7 });
  pages.write(said(step.detail), { indent: 7 });
  for (const { label, figure, after } of step.figures)
    pages.write(`${label}: ${formatFigure(figure, units)}${after ? ` ${after}` : ''}`, {
      size: 3,
      bold: true,
      indent: 7,
    });
  if (step.bandNote) pages.write(said(step.bandNote), { indent: 7 });
  if (step.caution) pages.write(step.caution, { indent: 7, bold: true });
  if (step.sweep) stations(pages, step.sweep, units);
  if (nudges.length > 0) nudgesOf(pages, nudges, units, said);
  pages.rule();
}

/** A column for each station: where it is, what should be read, what is good enough, and rows to write what was. */
function stations(
  pages: Pages,
  { stations: all, resolution, label }: NonNullable<SettingStep['sweep']>,
  units: 'mm' | 'inch',
): void {
  const written = (value: number, to = resolution): string =>
    formatFigure(length(value, to), units).replaceAll('\u00a0', ' ');
  const wide = Math.min(34, (pages.width - FIRST) / Math.max(1, all.length));
  const rows: readonly (readonly string[])[] = [
    [label, ...all.map(({ at }) => written(at, 0.1))],
    ['Should read', ...all.map(({ expected }) => written(expected))],
    ['Good from', ...all.map(({ low }) => written(low))],
    ['to', ...all.map(({ high }) => written(high))],
    ...Array.from({ length: TRIES }, (_, i) => [`Seen, ${i + 1}`, ...all.map(() => '')]),
  ];
  const right = pages.left + FIRST + wide * all.length;
  for (const [name = '', ...cells] of rows)
    pages.put(ROW, (y): Mark[] => [
      text(pages.left, y + 2.2, name),
      ...cells.map((cell, i) => text(pages.left + FIRST + wide * (i + 1) - 2, y + 2.2, cell, 'end')),
      line('note', pages.left, y, right, y),
    ]);
  pages.skip(3);
}

function nudgesOf(
  pages: Pages,
  rows: readonly NudgeRow[],
  units: 'mm' | 'inch',
  said: (phrase: Phrase) => string,
): void {
  const [first] = rows;
  if (!first) return;
  pages.need(8 + rows.length * 5);
  pages.write(
    `Seen at ${formatFigure(length(first.at, 0.1), units)}, then nudge, and read again from the start:`,
    {
      bold: true,
    },
  );
  for (const { seen, nudge } of rows)
    pages.write(
      `${formatFigure(length(seen, 0.001), units)}: ${said([nudge.amount])} ${nudge.place}, ${nudge.direction}`,
      { indent: 7 },
    );
}

const text = (x: number, y: number, words: string, anchor: 'start' | 'end' = 'start'): Mark => ({
  kind: 'text',
  pen: 'note',
  x,
  y,
  size: TEXT,
  text: words,
  anchor,
});

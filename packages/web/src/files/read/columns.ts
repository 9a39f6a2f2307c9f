import { dsvFormat } from 'd3-dsv';

export interface Columns {
  /** Of each line, what stands in its columns. */
  readonly rows: readonly (readonly string[])[];
  /** Whether a comma in a figure can only be a decimal one. */
  readonly commas: boolean;
}

/** What is looked at to tell what stands between. */
const HEAD = 2000;
/** How a note leads from one figure to the next: 25: 0.627, 25 = 0.627, 25 -> 0.627. */
const LEADS_TO = /[ \t]*(?:->|=>|→|[:=|])[ \t]*/g;
/** Two figures with decimal commas and nothing but blanks between. */
const WITH_COMMAS = /^[ \t]*[-+]?\d+(?:,\d+)?[ \t]+[-+]?\d*,\d+[ \t]*$/m;
/** A figure with its fraction and its unit is one thing, whatever blanks are in it. */
const FIGURE = String.raw`[-+]?\d+\s+\d+\/\d+|[-+.,]?\d\S*`;
const UNIT = String.raw`(?:mm|cm|m|[uµ]m|in|inch|thou|tenths|")(?![a-z])`;
const THINGS = new RegExp(String.raw`(?:${FIGURE})(?:\s*${UNIT})?|\S+`, 'gi');

/**
 * Lines of figures from a file or typed, in columns: with tabs, semicolons or commas between, or nothing but blanks, an
 * arrow, a colon or an equals sign. The rarest in a figure itself is tried first.
 */
export function columnsOf(text: string): Columns {
  const head = text.slice(0, HEAD).replaceAll(LEADS_TO, ' ');
  const mark = ['\t', ';', ','].find((one) => head.includes(one));
  if (mark && !(mark === ',' && WITH_COMMAS.test(head)))
    return { rows: dsvFormat(mark).parseRows(text), commas: mark !== ',' };
  const rows = text.split(/\r?\n/).map((line) => line.replaceAll(LEADS_TO, ' ').match(THINGS) ?? []);
  return { rows, commas: true };
}

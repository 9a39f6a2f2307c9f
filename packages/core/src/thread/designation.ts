import { AnelloError } from '../basics/error';
import { parseQuantity } from '../quantity/parseQuantity';
import type { ThreadForm, VeeThread } from './form';
import { METRIC_COARSE, PER_INCH } from './series';

export interface NamedThread extends VeeThread {
  /** As it is written in full: "M12 × 1.75", "1/2-13 UNC". */
  readonly name: string;
}

const INCH = 25.4;
type InchSeries = keyof typeof PER_INCH;
const OTHER_NAMES: Readonly<Record<string, InchSeries>> = { WHITWORTH: 'BSW', WHIT: 'BSW', W: 'BSW' };

/**
 * A thread from what it is called: M12, M32x1.5, 1/2-13 UNC, #10-24 UNC, 3/8 UNF, 5/8 BSW, 1/2-16 BSF. Lengths mm.
 * Errors: unreadable; unknown-size for a size its series does not have and no pitch was said for.
 */
export function threadNamed(text: string): NamedThread {
  const tidy = text.trim().replace(/\s+/g, ' ').toUpperCase().replace(',', '.');
  const found = metric(tidy) ?? inch(tidy);
  if (found) return found;
  throw new AnelloError(
    'unreadable',
    'designation',
    `“${text}” is no thread that is known here: M12, M32x1.5, 1/2-13 UNC and 5/8 BSW are.`,
  );
}

function metric(text: string): NamedThread | null {
  const parts = /^M ?(\d+(?:\.\d+)?)(?: ?[X×*] ?(\d+(?:\.\d+)?))?$/.exec(text);
  if (!parts) return null;
  const size = String(Number(parts[1]));
  const pitch = parts[2] ? Number(parts[2]) : METRIC_COARSE[size];
  if (pitch === undefined)
    throw unknown(`M${size} has no coarse pitch here: write it with its pitch, as M${size}x1.5.`);
  return made('metric', Number(size), pitch, `M${size} × ${pitch}`);
}

function inch(text: string): NamedThread | null {
  const parts =
    /^(#\d+|\d+-\d+\/\d+|\d+ \d+\/\d+|\d+\/\d+|\d*\.?\d+)(?: ?IN| ?")?(?:(?: ?[-×X] ?| )(\d+(?:\.\d+)?)(?: ?TPI)?)? ?([A-Z]+)?$/.exec(
      text,
    );
  if (!parts) return null;
  const [, said = '', perInch, seriesSaid = ''] = parts;
  const series = OTHER_NAMES[seriesSaid] ?? seriesSaid;
  const known = series in PER_INCH ? (series as InchSeries) : null;
  if (!known && series !== 'UN' && series !== 'UNS' && !(series === '' && perInch)) return null;
  const size = said.replace(' ', '-');
  const turns = perInch ? Number(perInch) : known ? PER_INCH[known][size] : undefined;
  if (!turns)
    throw unknown(
      `${size} ${series} is not in the table: write it with its threads to the inch, as ${size}-20.`,
    );
  const form: ThreadForm = known === 'BSW' || known === 'BSF' ? 'whitworth' : 'unified';
  return made(form, inchSize(size), INCH / turns, `${size}-${turns} ${series || 'UN'}`);
}

/** Number sizes start at 0.060 in and go up by 0.013. */
const inchSize = (size: string): number =>
  size.startsWith('#')
    ? (0.06 + 0.013 * Number(size.slice(1))) * INCH
    : parseQuantity({ text: size, dimension: 'length', defaultUnit: 'in' }).value;

function made(form: ThreadForm, diameter: number, pitch: number, name: string): NamedThread {
  if (!(pitch > 0) || pitch > diameter / 2)
    throw new AnelloError(
      'impossible',
      'designation',
      `${name}: such a pitch does not go on such a diameter.`,
    );
  return { form, diameter, pitch, name };
}

const unknown = (sentence: string): AnelloError => new AnelloError('unknown-size', 'designation', sentence);

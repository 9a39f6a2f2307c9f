import { AnelloError } from '../basics/error';
import { inchFraction } from '../quantity/inchFraction';
import type { ThreadForm, VeeThread } from './form';
import { THREAD_CLASSES, type ThreadClass } from './limits';
import { inchSize, METRIC_COARSE, PER_INCH, PIPE } from './series';

export interface NamedThread extends VeeThread {
  /** As it is written in full: "M12 × 1.75", "1/2-13 UNC", "M8 × 1.25 LH, 6g". */
  readonly name: string;
  readonly hand: 'right' | 'left';
  /** The class its limits follow, where one was written. */
  readonly class: ThreadClass | null;
}

const INCH = 25.4;
type InchSeries = keyof typeof PER_INCH;
const OTHER_NAMES: Readonly<Record<string, string>> = { WHITWORTH: 'BSW', WHIT: 'BSW', W: 'BSW' };
const UNIFIED = ['UNC', 'UNF', 'UNEF'] as const;

/**
 * A thread from what it is called: M12, M32x1.5, M8 LH 6g, 1/2-13 UNC, .5-13, 10-32, #10-24 UNC-2A, 3/8 UNF,
 * 1/2 UNEF, 5/8 BSW, 1/2-16 BSF, G1/4, 1/4 BSP. A whole number up to 12 with the pitch that number's size has is the numbered size. Lengths mm.
 * Errors: unreadable; unknown-size for a size its series does not have and no pitch was said for; inconsistent where
 * series and threads to the inch contradict each other, or a class belongs to another family.
 *
 * @example
 * threadNamed('M12 x 1.75').pitch
 * // → 1.75
 */
export function threadNamed(text: string): NamedThread {
  const tidy = text.trim().replace(/\s+/g, ' ').replace(',', '.');
  const { rest, hand, said } = extras(tidy);
  const found = metric(rest.toUpperCase()) ?? pipe(rest.toUpperCase()) ?? inch(rest.toUpperCase());
  if (!found)
    throw new AnelloError(
      'unreadable',
      'designation',
      `“${text}” is no thread that is known here: M12, M32x1.5, 1/2-13 UNC, 10-32, 5/8 BSW and G1/4 are.`,
    );
  return { ...found, name: fullName(found.name, hand, said), hand, class: classOf(said, found) };
}

const LEFT = /[ -](LH|L\.H\.|LEFT)(?=$|[ -])/i;
const CLASS = /[ -]([4-8][egGhH]|[123][ABab])$/;

/** What stands after the size and its pitch: the hand, and the class of its limits. */
function extras(text: string): { rest: string; hand: NamedThread['hand']; said: string | null } {
  const left = LEFT.exec(text);
  const handed = left ? text.replace(LEFT, '') : text;
  const cls = CLASS.exec(handed);
  const rest = (cls ? handed.slice(0, cls.index) : handed).trim();
  return { rest, hand: left ? 'left' : 'right', said: cls?.[1] ?? null };
}

const fullName = (name: string, hand: NamedThread['hand'], said: string | null): string =>
  [name, hand === 'left' ? ' LH' : '', said ? `, ${writtenClass(said)}` : ''].join('');
const writtenClass = (said: string): string => (/[ab]$/.test(said) ? said.toUpperCase() : said);

function classOf(said: string | null, { form, name }: VeeThread & { name: string }): ThreadClass | null {
  if (said === null) return null;
  const wanted = writtenClass(said);
  const found = THREAD_CLASSES.find((c) => c === wanted);
  if (!found)
    throw new AnelloError(
      'unknown-size',
      'designation',
      `Class ${wanted} is not in the tables here: ${THREAD_CLASSES.join(', ')} are.`,
    );
  const family = /[AB]$/.test(found) ? 'unified' : 'metric';
  if (family !== form)
    throw new AnelloError('inconsistent', 'designation', `Class ${found} does not belong to ${name}.`);
  return found;
}

type Plain = VeeThread & { readonly name: string };

function metric(text: string): Plain | null {
  const parts = /^M ?(\d+(?:\.\d+)?)(?: ?[X×*] ?(\d+(?:\.\d+)?))?$/.exec(text);
  if (!parts) return null;
  const size = String(Number(parts[1]));
  const pitch = parts[2] ? Number(parts[2]) : METRIC_COARSE[size];
  if (pitch === undefined)
    throw unknown(
      `M${size} has no coarse pitch here: write it with its pitch, as ${finePitchExample(size)}.`,
    );
  return made('metric', Number(size), pitch, `M${size} × ${pitch}`);
}

/** A pitch that such a size is really made with: a quarter of what would go, from the usual fine ones. */
const FINEST = 0.2;
const FINE = [FINEST, 0.25, 0.35, 0.5, 0.75, 1, 1.5, 2, 3, 4];
const FINE_PART = 0.1;
const finePitchExample = (size: string): string => {
  const fitting = FINE.filter((p) => p <= Math.max(FINEST, Number(size) * FINE_PART));
  return `M${size}x${fitting.at(-1) ?? FINEST}`;
};

/** G1/4, 1/4 BSP: the size is that of the pipe's bore, the thread is on its outside. */
function pipe(text: string): Plain | null {
  const parts = /^(?:G|BSPP?) ?(\d[\d /-]*?)(?: ?"| ?IN)?$|^(\d[\d /-]*?)(?: ?"| ?IN)? ?BSPP?$/.exec(text);
  const said = parts?.[1] ?? parts?.[2];
  if (said === undefined) return null;
  const size = said.replace(' ', '-');
  const found = PIPE[size];
  if (!found) throw unknown(`There is no pipe thread G${size} in the table.`);
  return made('whitworth', found.diameter, INCH / found.perInch, `G${size}`);
}

/** A size as the tables have it: #10 for no. 10, 1/2 for .5, 1-1/8 for 1 1/8. */
function tidySize(said: string): string {
  const decimal = /^\d*\.\d+$/.test(said) ? inchFraction(Number(said), AS_WRITTEN) : null;
  return decimal ?? said.replace(/^NO\.? ?/, '#').replace(' ', '-');
}
/** .312 is 5/16 to as many figures as people write. */
const AS_WRITTEN = 0.0006;

function inch(text: string): Plain | null {
  const parts =
    /^((?:#|NO\.? ?)\d+|\d+-\d+\/\d+|\d+ \d+\/\d+|\d+\/\d+|\d*\.?\d+)(?: ?IN| ?")?(?:(?: ?[-×X] ?| )(\d+(?:\.\d+)?)(?: ?TPI)?)? ?([A-Z]+)?$/.exec(
      text,
    );
  if (!parts) return null;
  const [, said = '', perInch, seriesSaid = ''] = parts;
  const series = OTHER_NAMES[seriesSaid] ?? seriesSaid;
  const known = series in PER_INCH ? (series as InchSeries) : null;
  if (!known && series !== 'UN' && series !== 'UNS' && !(series === '' && perInch)) return null;
  const size = numbered(tidySize(said), perInch, known);
  const inTable = known ? PER_INCH[known][size] : undefined;
  const turns = perInch ? Number(perInch) : inTable;
  if (!turns) throw unknown(`${size} ${series} is not in the table: write it with its threads to the inch.`);
  if (known && inTable !== undefined && inTable !== turns)
    throw new AnelloError(
      'inconsistent',
      'designation',
      `${size} ${known} has ${inTable} threads to the inch, not ${turns}: one of the two is a slip.`,
    );
  const form: ThreadForm = known === 'BSW' || known === 'BSF' ? 'whitworth' : 'unified';
  const named = known ?? (series || seriesWith(size, turns));
  return made(form, inchSize(size), INCH / turns, `${size}-${turns} ${named}`);
}

/** The unified series a size has with this pitch, or just UN. */
const seriesWith = (size: string, turns: number): string =>
  UNIFIED.find((s) => PER_INCH[s][size] === turns) ?? 'UN';

/** 10-32 is the numbered size, 1-8 is one inch: the pitch tells, and where both would do the number is written with #. */
function numbered(size: string, perInch: string | undefined, known: InchSeries | null): string {
  if (!/^\d+$/.test(size) || Number(size) > 12) return size;
  const sign = `#${size}`;
  const fits = (key: string, turns: number | undefined): boolean =>
    UNIFIED.some(
      (s) =>
        (known === null || known === s) &&
        PER_INCH[s][key] !== undefined &&
        (turns === undefined || PER_INCH[s][key] === turns),
    );
  const turns = perInch === undefined ? undefined : Number(perInch);
  if (known === 'BSW' || known === 'BSF' || fits(size, turns)) return size;
  if (fits(sign, turns) || (known && PER_INCH[known][sign] !== undefined && !PER_INCH[known][size]))
    return sign;
  // No shop cuts whole inches that large and that fine: a slip for a numbered size.
  if (turns !== undefined && turns > FINEST_ON_INCHES)
    throw unknown(
      `${size}-${perInch} is neither a numbered size (${sign} has ${numberedPitches(sign)}) nor a whole inch: write it in full.`,
    );
  return size;
}
const FINEST_ON_INCHES = 20;
const numberedPitches = (sign: string): string =>
  UNIFIED.flatMap((s) => PER_INCH[s][sign] ?? []).join(' or ') || 'none';

function made(form: ThreadForm, diameter: number, pitch: number, name: string): Plain {
  if (!(pitch > 0) || pitch > diameter / 2)
    throw new AnelloError(
      'impossible',
      'designation',
      `${name}: such a pitch does not go on such a diameter.`,
    );
  return { form, diameter, pitch, name };
}

const unknown = (sentence: string): AnelloError => new AnelloError('unknown-size', 'designation', sentence);

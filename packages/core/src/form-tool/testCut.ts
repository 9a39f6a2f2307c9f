import { finite, notNegative, positive } from '../basics/check';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';

/** One groove of a plunge, wanted and as the test cut measured. mm. */
export interface GrooveCheck {
  readonly name: string;
  readonly width: number;
  readonly widthBand: number;
  /** Diameter at the bottom. */
  readonly bottom: number;
  readonly bottomBand: number;
  readonly seenWidth: number;
  readonly seenBottom: number;
  /** Its headstock side from the first groove's, where it was measured too: the pitch, and with the widths the lands. */
  readonly place?: { readonly at: number; readonly seen: number } | undefined;
}

/** How far a groove's place, and the land between two, may be out either way; mm. */
export interface PitchBands {
  readonly place: number;
  readonly land: number;
}

export interface GrooveVerdict {
  readonly name: string;
  readonly widthOff: number;
  readonly bottomOff: number;
  readonly verdict: 'right' | 'deeper' | 'too-deep' | 'regrind' | 'too-wide' | 'misplaced';
  readonly said: Phrase;
}

/** The land between two neighbouring grooves. */
export interface LandVerdict {
  readonly between: readonly [string, string];
  readonly wanted: number;
  readonly off: number;
  readonly right: boolean;
}

export interface TestCut {
  readonly grooves: readonly GrooveVerdict[];
  /** Of neighbours whose places were both measured. */
  readonly lands: readonly LandVerdict[];
  /** What to feed further on radius so that all bottoms come right together, nothing when they are; null where no depth does it. */
  readonly feed: number | null;
  /** All of them are inside, or will be when it is fed so far; else the tool is at fault. */
  readonly right: boolean;
  readonly said: Phrase;
}

const ANY: PitchBands = { place: Infinity, land: Infinity };
const DUST = 1e-9;

/**
 * A test cut of several grooves in one plunge: what depth brings all bottoms inside their bands together, which groove
 * the tool itself has wrong in width or place, and which land. Errors: out-of-range.
 *
 * @example
 * testCut([
 *   {
 *     name: '1',
 *     width: 3,
 *     widthBand: 0.05,
 *     bottom: 20,
 *     bottomBand: 0.05,
 *     seenWidth: 3,
 *     seenBottom: 20.2,
 *   },
 * ]).feed
 * // → 0.1
 */
export function testCut(checks: readonly GrooveCheck[], bands: PitchBands = ANY): TestCut {
  const grooves = checks.map((c) => verdict(c, bands.place));
  const lands = landsOf(checks, bands.land);
  // Each groove allows the plunge to go deeper, on radius, by between these.
  const least = Math.max(...checks.map((c) => (c.seenBottom - c.bottom - c.bottomBand) / 2));
  const most = Math.min(...checks.map((c) => (c.seenBottom - c.bottom + c.bottomBand) / 2));
  const inside = grooves.every((g) => g.verdict === 'right');
  const feed = least > most || most < 0 ? null : inside ? 0 : (Math.max(0, least) + most) / 2;
  const faults = [
    ...grooves.filter((g) => TOOL_AT_FAULT.has(g.verdict)).map((g) => g.name),
    ...lands.filter((l) => !l.right).map((l) => `the land from ${l.between[0]} to ${l.between[1]}`),
  ];
  const said: Phrase =
    faults.length > 0
      ? [`The tool must be reground at ${faults.join(', ')}; depth cures neither width nor place.`]
      : feed === null
        ? noDepth(least > most)
        : inside
          ? ['All of them are inside: leave the tool alone.']
          : ['Feed ', length(feed, 0.01), ' further on radius and all of them come inside.'];
  return { grooves, lands, feed, right: faults.length === 0 && feed !== null, said };
}

const TOOL_AT_FAULT: ReadonlySet<GrooveVerdict['verdict']> = new Set(['regrind', 'too-wide', 'misplaced']);

const noDepth = (apart: boolean): Phrase =>
  apart
    ? [
        'No one depth brings all of them inside: the bottoms differ by more than their bands. Regrind the low one.',
      ]
    : ['Already too deep at one of them: this piece is past, set back for the next.'];

function verdict(c: GrooveCheck, placeBand: number): GrooveVerdict {
  positive(c.width, 'width', 'The width');
  positive(c.bottom, 'bottom', 'The bottom');
  notNegative(c.widthBand, 'widthBand', 'The band');
  notNegative(c.bottomBand, 'bottomBand', 'The band');
  const [widthOff, bottomOff] = [c.seenWidth - c.width, c.seenBottom - c.bottom];
  const placeOff = c.place ? finite(c.place.seen, 'place') - c.place.at : 0;
  const off = { name: c.name, widthOff, bottomOff };
  if (widthOff > c.widthBand + DUST)
    return {
      ...off,
      verdict: 'too-wide',
      said: ['The groove is ', length(widthOff, 0.01), ' too wide: take the tool’s sides in.'],
    };
  if (widthOff < -c.widthBand - DUST)
    return {
      ...off,
      verdict: 'regrind',
      said: ['The groove is ', length(-widthOff, 0.01), ' too narrow: the tool must be made wider there.'],
    };
  if (Math.abs(placeOff) > placeBand + DUST)
    return {
      ...off,
      verdict: 'misplaced',
      said: [
        'It lies ',
        length(Math.abs(placeOff), 0.01),
        placeOff > 0 ? ' too far from the first.' : ' too near the first.',
      ],
    };
  if (bottomOff > c.bottomBand + DUST)
    return { ...off, verdict: 'deeper', said: [length(bottomOff / 2, 0.01), ' more on radius.'] };
  if (bottomOff < -c.bottomBand - DUST)
    return { ...off, verdict: 'too-deep', said: [length(-bottomOff / 2, 0.01), ' too deep on radius.'] };
  return { ...off, verdict: 'right', said: ['Inside its bands.'] };
}

function landsOf(checks: readonly GrooveCheck[], band: number): LandVerdict[] {
  return checks.slice(1).flatMap((b, i) => {
    const a = checks[i];
    if (!a?.place || !b.place) return [];
    const wanted = b.place.at - a.place.at - a.width;
    const off = b.place.seen - a.place.seen - a.seenWidth - wanted;
    return [{ between: [a.name, b.name] as const, wanted, off, right: Math.abs(off) <= band + DUST }];
  });
}

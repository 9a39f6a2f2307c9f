import { notNegative, positive } from '../basics/check';
import { length } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';

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
}

export interface GrooveVerdict {
  readonly name: string;
  readonly widthOff: number;
  readonly bottomOff: number;
  readonly verdict: 'right' | 'deeper' | 'too-deep' | 'regrind' | 'too-wide';
  readonly said: Phrase;
}

export interface TestCut {
  readonly grooves: readonly GrooveVerdict[];
  /** What to feed further on radius so that all come right together, nothing when they are; null where no depth does it. */
  readonly feed: number | null;
  /** All of them are inside, or will be when it is fed so far; else the tool is at fault. */
  readonly right: boolean;
  readonly said: Phrase;
}

/**
 * A test cut of several grooves in one plunge: what depth brings all bottoms inside their bands together, and which
 * groove the tool itself has wrong. Errors: out-of-range.
 */
export function testCut(checks: readonly GrooveCheck[]): TestCut {
  const grooves = checks.map(verdict);
  // Each groove allows the plunge to go deeper, on radius, by between these.
  const least = Math.max(...checks.map((c) => (c.seenBottom - c.bottom - c.bottomBand) / 2));
  const most = Math.min(...checks.map((c) => (c.seenBottom - c.bottom + c.bottomBand) / 2));
  const wide = grooves.filter((g) => g.verdict === 'regrind' || g.verdict === 'too-wide');
  const inside = grooves.every((g) => g.verdict === 'right');
  const feed = least > most || most < 0 ? null : inside ? 0 : (Math.max(0, least) + most) / 2;
  const found = { grooves, feed, right: wide.length === 0 && feed !== null };
  if (wide.length > 0)
    return {
      ...found,
      said: [`The tool must be reground at ${wide.map((g) => g.name).join(', ')}; depth cures no width.`],
    };
  if (feed === null)
    return {
      ...found,
      said:
        least > most
          ? [
              'No one depth brings all of them inside: the bottoms differ by more than their bands. Regrind the low one.',
            ]
          : ['Already too deep at one of them: this piece is past, set back for the next.'],
    };
  return {
    ...found,
    said: inside
      ? ['All of them are inside: leave the tool alone.']
      : ['Feed ', length(feed, 0.01), ' further on radius and all of them come inside.'],
  };
}

function verdict(c: GrooveCheck): GrooveVerdict {
  positive(c.width, 'width', 'The width');
  positive(c.bottom, 'bottom', 'The bottom');
  notNegative(c.widthBand, 'widthBand', 'The band');
  notNegative(c.bottomBand, 'bottomBand', 'The band');
  const [widthOff, bottomOff] = [c.seenWidth - c.width, c.seenBottom - c.bottom];
  const off = { name: c.name, widthOff, bottomOff };
  if (widthOff > c.widthBand + 1e-9)
    return {
      ...off,
      verdict: 'too-wide',
      said: ['The groove is ', length(widthOff, 0.01), ' too wide: take the tool’s sides in.'],
    };
  if (widthOff < -c.widthBand - 1e-9)
    return {
      ...off,
      verdict: 'regrind',
      said: ['The groove is ', length(-widthOff, 0.01), ' too narrow: the tool must be made wider there.'],
    };
  if (bottomOff > c.bottomBand + 1e-9)
    return { ...off, verdict: 'deeper', said: [length(bottomOff / 2, 0.01), ' more on radius.'] };
  if (bottomOff < -c.bottomBand - 1e-9)
    return { ...off, verdict: 'too-deep', said: [length(-bottomOff / 2, 0.01), ' too deep on radius.'] };
  return { ...off, verdict: 'right', said: ['Inside both bands.'] };
}

import { finite } from '../basics/check';
import { AnelloError } from '../basics/error';
import { learn, meanOver, type InfeedPass } from './learn';
import type { Lore } from './lore';

/** How a tool cut on a lathe before: every pass of one approach, and the stock it was left with. */
export interface PastApproach {
  readonly passes: readonly InfeedPass[];
  /** As measured last, mm on radius. */
  readonly stock: number;
  /** ISO time of its last pass. */
  readonly at: string;
}

/** However much is known, this much stays open: another bar, another nose, a worn edge. */
const MOST = 0.7;
/** So many fresh approaches bring half of that. */
const HALF_AT = 2;
/** What an approach says counts half after so many days: screws wear, and gibs are taken up. */
const HALF_LIFE = 180;
const DAY = 86_400_000;
/** The least that two approaches with the same tool differ by. */
const LEAST_SPREAD = 0.03;
/** An approach that leaves the part cut at once as open as this has shown nothing of it. */
const SHOWN = 0.07;
/** Standard deviation of a measurement, and a division of the dial, where nothing better is known: mm on radius. */
const SIGMA = 0.001;
const DIVISION = 0.0025;

/** What one approach showed of the part of a cut that its tool takes at once. */
export interface GainShown {
  readonly gain: number;
  readonly variance: number;
  /** How much further off than the dial said its edge stood at the first cut: lash, a touch felt late; mm on radius. */
  readonly lash: number;
  /** By how much the edge receded at a pass, mm on radius. */
  readonly wear: number;
  /** ISO time of its last pass. */
  readonly at: string;
}

/**
 * What one approach showed of the tool, followed by itself; null where it showed too little, or nothing that a tool does.
 * Errors: not-finite.
 *
 * @example
 * gainShown({ passes: [{ infeed: 0.05, removed: 0.04 }], stock: 0.1, at: '2026-11-26' })
 * // → null
 */
export function gainShown({ passes, stock, at }: PastApproach): GainShown | null {
  finite(stock, 'stock');
  if (passes.filter(({ removed }) => typeof removed === 'number').length < 2) return null;
  const { behaviours, misfit } = learn(passes, stock, SIGMA, DIVISION);
  if (misfit > 0.5) return null;
  const gain = meanOver(behaviours, ({ tool }) => tool.gain);
  const variance = meanOver(behaviours, ({ tool }) => (tool.gain - gain) ** 2);
  if (variance > SHOWN * SHOWN) return null;
  return {
    gain,
    variance,
    lash: meanOver(behaviours, ({ tool }) => tool.offset),
    wear: meanOver(behaviours, ({ tool }) => tool.wear),
    at,
  };
}

/**
 * What is to be expected of a tool on a lathe, from what approaches made on it before have shown, those long ago with less
 * weight. Null of none. Error: unreadable (a time). The result goes into `nextInfeed` as the informative part of a robust
 * mixture prior (Schmidli and others, Biometrics 70, 2014): the part that is not believed keeps everything possible that
 * was so before.
 *
 * @example
 * latheLore([{ gain: 0.9, variance: 0.001, lash: 0, wear: 0, at: '2026-11-26' }], '2026-11-26')?.gain
 * // → 0.9
 */
export function latheLore(shown: readonly GainShown[], today: string): Lore | null {
  const now = timeOf(today, 'today');
  const aged = shown.map((one) => ({
    ...one,
    weight: 2 ** (-Math.max(0, now - timeOf(one.at, 'at')) / DAY / HALF_LIFE),
  }));
  const whole = aged.reduce((sum, { weight }) => sum + weight, 0);
  if (!(whole > 0)) return null;
  const mean = (of: (one: GainShown) => number): number =>
    aged.reduce((sum, one) => sum + one.weight * of(one), 0) / whole;
  const gain = mean((one) => one.gain);
  const variance = mean((one) => (one.gain - gain) ** 2 + one.variance);
  return {
    gain,
    spread: Math.max(LEAST_SPREAD, Math.sqrt(variance)),
    believed: (MOST * whole) / (whole + HALF_AT),
    approaches: shown.length,
    latest: shown.map(({ at }) => at).reduce((a, b) => (a > b ? a : b)),
  };
}

function timeOf(text: string, field: string): number {
  const time = Date.parse(text);
  if (Number.isNaN(time)) throw new AnelloError('unreadable', field, 'That is not a time.');
  return time;
}

import type { Evidence, EvidenceKind } from '../evidence/evidence';
import type { InfeedPass } from '../infeed/learn';
import type { Lore } from '../infeed/lore';
import { nextInfeed, type InfeedAdvice } from '../infeed/nextInfeed';
import { standing, type KeptRecord } from '../job/records/row';
import type { Feel } from '../job/records/felt';
import {
  isCone,
  isContact,
  isFelt,
  isMeasured,
  isNudge,
  isPass,
  isSettingKept,
  isStandOff,
} from '../job/records/is';
import { feeding } from './feeding';
import { USUAL_RISK, STAND_OFF_READ } from './usual';

/** A measurement of the stock on the way to the line. */
export interface ApproachPoint {
  /** All that was fed in by the dial up to here, mm on radius. */
  readonly fed: number;
  /** Stock still on, mm on radius; less than nothing is past. */
  readonly stock: number;
}

export interface Approach {
  readonly passes: readonly InfeedPass[];
  readonly points: readonly ApproachPoint[];
  /** As measured last; null before the first try. */
  readonly stock: number | null;
  /** What was fed in before the first of the points by the same edge, 0 for a pass at the same figure, mm on radius. */
  readonly before?: readonly number[] | undefined;
  /** A diameter measured on the way has shown that the slide moves by what its dial says. */
  readonly dialShown?: boolean | undefined;
}

/**
 * The passes and tries of a piece as nextInfeed learns from them: from the first stand-off on, each pass with what the
 * next try showed it removed. Two tries without a pass between are one measurement made again. A stand-off kept after
 * dial, slide and tool were looked at begins the count anew: what went before is no guide to what comes. The first try
 * after a nudge begins it anew as well, for the cone is another; how the edge stands is told by the passes since.
 *
 * @example
 * approachOf(RECORDS, 1).stock
 * // → 0.04
 */
export function approachOf(records: readonly KeptRecord[], piece: number): Approach {
  return walked(records, piece, (body) =>
    isStandOff(body) ? { stock: body.diameterLeft / 2, anew: body.checked === true } : null,
  );
}

/** A measurement among the records: the stock it found, mm on radius, and whether the count begins anew from it. */
type Reading = (body: KeptRecord['body']) => { readonly stock: number; readonly anew: boolean } | null;

/** Passes and measurements in the order they were kept, whatever the stock was measured by; one that cuts air is none. */
export function walked(records: readonly KeptRecord[], piece: number, read: Reading): Approach {
  let passes: { infeed: number; removed?: number }[] = [];
  let points: ApproachPoint[] = [];
  let fed = 0;
  let into = feeding();
  let before: number[] = [];
  /** Passes since the edge was last set or moved otherwise than by feeding; null where it was not, since the last point. */
  let since: number[] | null = [];
  const bodies = standing(records)
    .filter((r) => r.piece === piece)
    .map(({ body }) => body);
  for (const body of bodies) {
    if (movesTheEdge(body)) {
      [passes, points, fed] = [[], points.slice(-1).map(({ stock }) => ({ fed: 0, stock })), 0];
      [since, before] = [[], []];
      into = feeding();
    }
    const infeed = isPass(body) ? into(body.depth) : null;
    if (infeed !== null) {
      since?.push(infeed);
      fed += infeed;
      passes.push({ infeed });
    }
    const found = read(body);
    if (!found) continue;
    if (found.anew || since) {
      [passes, points, fed] = [[], [], 0];
      before = found.anew ? [] : (since ?? []).slice(-LEADING);
      since = null;
    }
    measure(found.stock, fed, passes, points);
  }
  return {
    passes,
    points,
    stock: points.at(-1)?.stock ?? null,
    before,
    dialShown: dialShownBy(bodies),
  };
}

/** Whether the edge no longer stands where the last pass left it: another setting, or the carriage run along the finished cone. */
const movesTheEdge = (body: KeptRecord['body']): boolean =>
  isNudge(body) || isSettingKept(body) || (isCone(body) && body.method === 'sweep');

/** How the edge stands is told by the last few passes. */
const LEADING = 6;
/** Over a shorter feed than this, mm on radius, what was measured says little of the dial; and within this part of it, all is well. */
const FED_ENOUGH = 0.1;
const NEAR = 0.25;

/** Whether what was measured last after a good feed is what the dial let expect: one taken for twice or half would be far off. */
function dialShownBy(bodies: readonly KeptRecord['body'][]): boolean {
  let fed = 0;
  let shown = false;
  const into = feeding();
  for (const body of bodies) {
    if (isPass(body)) fed += into(body.depth) ?? 0;
    if (!isMeasured(body)) continue;
    if (body.expected !== null && fed >= FED_ENOUGH)
      shown = Math.abs(body.diameter - body.expected) / 2 <= NEAR * fed;
    fed = 0;
  }
  return shown;
}

function measure(
  stock: number,
  fed: number,
  passes: { infeed: number; removed?: number }[],
  points: ApproachPoint[],
): void {
  const before = points.at(-1);
  const last = passes.at(-1);
  if (before && last) last.removed = (last.removed ?? 0) + before.stock - stock;
  if (before && before.fed === fed) points.pop();
  points.push({ fed, stock });
}

const LEAST = 0.0016;

export interface ApproachLimits {
  readonly halfAngle: number;
  /** How far off its line it may stand and be right, mm along the axis. */
  readonly standOff: number;
  readonly risk?: number | undefined;
  /** One division of the dial as radius. */
  readonly division: number;
  /** What earlier approaches on this lathe say of its tools. */
  readonly lore?: Lore | undefined;
  /** Whether a pass may be asked for twice at one figure before it is tried again. */
  readonly twice?: boolean | undefined;
}

/**
 * The next infeed toward the line and what to expect, from the passes so far. Past means past the whole band that is
 * accepted, not the line itself: that is where scrap begins. Null before the first try.
 *
 * @example
 * approachAdvice(approachOf(RECORDS, 1), {
 *   halfAngle: SHANK.halfAngle,
 *   standOff: 0.25,
 *   division: 0.0025,
 * })?.move
 * // → 'cut'
 */
export function approachAdvice(approach: Approach, limits: ApproachLimits): InfeedAdvice | null {
  const slope = Math.tan(limits.halfAngle);
  return adviceWithin(approach, {
    band: limits.standOff * slope,
    risk: limits.risk,
    uncertainty: STAND_OFF_READ * slope,
    division: limits.division,
    lore: limits.lore,
    twice: limits.twice,
  });
}

/** So many earlier approaches on a lathe that a tool explains have shown what its dial moves as well. */
const APPROACHES_SHOW = 2;
const dialKnown = ({ dialShown }: Pick<Approach, 'dialShown'>, lore: Lore | undefined): boolean =>
  dialShown === true || (lore?.approaches ?? 0) >= APPROACHES_SHOW;

/** What is aimed at, on radius: either way of it, plus or minus (k = 2) of a measurement, one division of the dial; mm. */
export interface Aim {
  readonly band: number;
  readonly uncertainty: number;
  readonly division: number;
  readonly risk?: number | undefined;
  readonly lore?: Lore | undefined;
  readonly twice?: boolean | undefined;
}

/** The next infeed toward the middle of a band; past it is past the whole band. Null before anything was measured. */
export function adviceWithin(
  approach: Approach,
  { band, uncertainty, division, risk = USUAL_RISK, lore, twice }: Aim,
): InfeedAdvice | null {
  if (approach.stock === null) return null;
  const said = nextInfeed({
    passes: approach.passes,
    target: approach.stock + band,
    tolerance: 2 * band,
    risk,
    uncertainty: Math.max(LEAST, uncertainty),
    division,
    lore,
    before: approach.before,
    dialShown: dialKnown(approach, lore),
    twice,
  });
  const { left, low, high } = said.prediction;
  return { ...said, prediction: { left: left - band, low: low - band, high: high - band } };
}

/**
 * What had been foretold of the last measured pass, against what came; null before there is one.
 *
 * @example
 * lastPrediction(approachOf(RECORDS, 1), {
 *   halfAngle: SHANK.halfAngle,
 *   standOff: 0.25,
 *   division: 0.0025,
 * })
 * // → null
 */
export function lastPrediction(
  approach: Approach,
  limits: ApproachLimits,
): { readonly foretold: InfeedAdvice['prediction']; readonly came: number; readonly inside: boolean } | null {
  const { points, passes } = approach;
  const [before, now] = [points.at(-2), points.at(-1)];
  if (!before || !now) return null;
  const asked = now.fed - before.fed;
  const between = passesBetween(passes, asked);
  const since = passes.length - between;
  const advice = foretell(
    { ...approach, passes: passes.slice(0, since), stock: before.stock },
    { ...limits, twice: between > 1 && passes.at(-1)?.infeed === 0 },
    asked,
  );
  return { foretold: advice, came: now.stock, inside: now.stock >= advice.low && now.stock <= advice.high };
}

/** How many of the last passes make up what was fed between two tries. */
function passesBetween(passes: readonly InfeedPass[], fed: number): number {
  let count = 0;
  let left = fed;
  while (count < passes.length && left > 1e-12) left -= passes[passes.length - 1 - count++]?.infeed ?? 0;
  return Math.max(1, count);
}

/** What an infeed of a given size would have been expected to leave, as seen then: the same model, the infeed given. */
function foretell(
  approach: Omit<Approach, 'points'>,
  limits: ApproachLimits,
  infeed: number,
): InfeedAdvice['prediction'] {
  const slope = Math.tan(limits.halfAngle);
  const { prediction } = nextInfeed({
    passes: approach.passes,
    target: approach.stock ?? 0,
    tolerance: 0,
    risk: limits.risk ?? USUAL_RISK,
    uncertainty: Math.max(LEAST, STAND_OFF_READ * slope),
    lore: limits.lore,
    before: approach.before,
    dialShown: dialKnown(approach, limits.lore),
    twice: limits.twice,
    given: infeed,
  });
  return prediction;
}

/** What a hand calls warm beside a gauge, °C. */
const FELT_WARM = 10;

const FELT: Readonly<Record<Feel, Evidence>> = {
  'loose-large': { kind: 'shake', where: 'large' },
  'loose-small': { kind: 'shake', where: 'small' },
  'loose-both': { kind: 'shake', where: 'both' },
  firm: { kind: 'shake', where: 'none' },
  sticks: { kind: 'sticks', holds: true },
  'lets-go': { kind: 'sticks', holds: false },
  warm: { kind: 'warmer', by: FELT_WARM },
  'as-cool': { kind: 'warmer', by: 0 },
};

/**
 * What has been seen and felt of a piece under its present setting, the last of each kind, as fitEvidence takes it. A pass
 * more changes the size and not the shape; a nudge makes another cone of it.
 *
 * @example
 * evidenceOf(RECORDS, 1).map((e) => e.kind)
 * // → ['bands']
 */
export function evidenceOf(records: readonly KeptRecord[], piece: number): Evidence[] {
  const found = new Map<string, Evidence>();
  for (const { body } of standing(records).filter((r) => r.piece === piece)) {
    if (isNudge(body) || isSettingKept(body)) found.clear();
    // A new picture of the marking is a new try: a swing clocked for the last one is no longer of it.
    if (isContact(body)) found.delete('rock');
    for (const one of fromBody(body)) found.set(one.kind, one);
  }
  return TOLD_IN.flatMap((kind) => found.get(kind) ?? []);
}

/** Evidence is told in this order whenever it came. */
const TOLD_IN: readonly EvidenceKind[] = ['bands', 'rock', 'measured', 'shake', 'sticks', 'warmer'];

function fromBody(body: KeptRecord['body']): Evidence[] {
  if (isFelt(body)) return [FELT[body.feel]];
  if (isCone(body)) return [{ kind: 'measured', ratio: body.ratio, uncertainty: body.uncertainty }];
  if (!isContact(body)) return [];
  const { contact, swing, distance } = body;
  const rocks =
    swing !== null && distance !== null && distance > 0 && (contact === 'large' || contact === 'small')
      ? [{ kind: 'rock' as const, touches: contact, swing, distance }]
      : [];
  return [{ kind: 'bands', where: contact }, ...rocks];
}

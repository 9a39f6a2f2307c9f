import { approachOf } from '../approach/approach';
import { workedMinutes } from './workedMinutes';
import { isBeside } from '../job/records/flags';
import { ofKind, standing, type KeptRecord } from '../job/records/row';
import { isSettingKept } from '../job/records/is';

/** The angle a device was left at once it was proved, and what it took to get there. */
export interface StorySetting {
  /** Half angle, rad. */
  readonly halfAngle: number;
  readonly at: string;
  readonly operator: string;
  readonly machineId: string;
  /** Nudges from the first reading to this setting. */
  readonly nudges: number;
  /** How far from it the device stood before the first nudge, set by its scale, rad; null where none was needed or kept. */
  readonly scaleOff: number | null;
}

/** How one shape of an earlier job went, from what was kept of it. */
export interface ShapeStory {
  /** ISO times of the first and the last thing kept. */
  readonly from: string;
  readonly to: string;
  /** Whoever kept most of it. */
  readonly operator: string;
  /** The way it was cut, as the records have it; null where none says. */
  readonly way: string | null;
  /** The last setting kept; null where none was. */
  readonly setting: StorySetting | null;
  readonly pieces: number;
  readonly accepted: number;
  readonly scrapped: number;
  /** Passes fed, and tries in the mate or the gauge, on all pieces. */
  readonly passes: number;
  readonly tries: number;
  /** What came off for each mm fed, from passes with a try after them; null where none has. */
  readonly took: number | null;
  /** Why pieces were scrapped or reworked, newest first. */
  readonly causes: readonly string[];
  /** Minutes between one thing kept and the next, long pauses left out. */
  readonly minutes: number;
  /** Minutes of those from the first card of the setting until it was proved; null where none was proved so. */
  readonly setUpMinutes: number | null;
  /** Whole swing of a master held in the spindle, as read nearest its nose, mm; null where none was clocked. */
  readonly runout: number | null;
}

/** What is kept when work is tried in its mate or its gauge, or a throw read. */
const TRIED = ['stand-off', 'contact', 'thrown'] as const;

/**
 * How a shape went, from everything kept of it: the way, the setting it was proved at and the nudges that took, passes,
 * what the tool really took, verdicts and why, minutes. Null where nothing was kept but that a piece was taken up.
 *
 * @example
 * shapeStory(RECORDS)?.setting?.nudges
 * // → 0
 */
export function shapeStory(records: readonly KeptRecord[]): ShapeStory | null {
  const kept = standing(records);
  const told = kept.filter(({ body }) => !isBeside(body.kind));
  const [first] = told;
  const last = told.at(-1);
  if (!first || !last) return null;
  const verdicts = ofKind(kept, 'verdict');
  // What was said last of each piece: a shape that was passed is in a piece that is passed as well.
  const closing = [...new Map(verdicts.map((verdict) => [verdict.piece, verdict.body.verdict])).values()];
  const count = (said: string): number => closing.filter((verdict) => verdict === said).length;
  return {
    from: first.at,
    to: last.at,
    operator: most(told.map((r) => r.operator)),
    way: wayIn(told),
    setting: settingIn(kept),
    pieces: new Set(told.map((r) => r.piece)).size,
    accepted: count('accepted'),
    scrapped: count('scrap'),
    passes: ofKind(kept, 'pass').length,
    tries: TRIED.reduce((sum, kind) => sum + ofKind(kept, kind).length, 0),
    took: tookIn(kept),
    causes: verdicts
      .map(({ body }) => body.cause)
      .filter((cause) => cause !== '')
      .reverse(),
    setUpMinutes: setUpIn(kept),
    runout: runoutIn(kept),
    minutes: workedMinutes(told.map((r) => r.at)),
  };
}

function settingIn(kept: readonly KeptRecord[]): StorySetting | null {
  const setting = ofKind(kept, 'setting-kept').at(-1);
  if (!setting) return null;
  const { halfAngle, machineId } = setting.body;
  const before = kept.slice(0, kept.indexOf(setting));
  const nudges = ofKind(before, 'nudge');
  const [first] = nudges;
  const scaleOff = first ? first.body.fromHalfAngle - halfAngle : null;
  return {
    halfAngle,
    machineId,
    scaleOff,
    nudges: nudges.length,
    at: setting.at,
    operator: setting.operator,
  };
}

/** What is kept while a device is set. */
const SETTING: readonly KeptRecord['body']['kind'][] = ['step', 'reading', 'nudge'];

function setUpIn(kept: readonly KeptRecord[]): number | null {
  const proved = kept.findIndex(({ body }) => isSettingKept(body));
  const first = kept.findIndex(({ body }) => SETTING.includes(body.kind));
  if (first < 0 || proved < first) return null;
  return workedMinutes(kept.slice(first, proved + 1).map((r) => r.at));
}

/** The card on which a master is clocked for running true: from its large end, which stands nearest the nose. */
const CLOCKED = 'truth';

function runoutIn(kept: readonly KeptRecord[]): number | null {
  const read = ofKind(kept, 'reading').filter(({ body }) => body.step === CLOCKED);
  const nearest = Math.min(...read.map(({ body }) => body.at));
  const last = read.filter(({ body }) => body.at === nearest).at(-1);
  return last ? Math.abs(last.body.seen) : null;
}

/** A row names its way where it was kept in one. */
const wayIn = (told: readonly KeptRecord[]): string | null =>
  told.flatMap(({ body }) => ('way' in body ? [body.way as string] : [])).at(-1) ?? null;

function tookIn(kept: readonly KeptRecord[]): number | null {
  const pieces = [...new Set(kept.map((r) => r.piece))];
  const passes = pieces
    .flatMap((piece) => approachOf(kept, piece).passes)
    .filter((pass) => typeof pass.removed === 'number' && pass.infeed > 0);
  const fed = passes.reduce((sum, { infeed }) => sum + infeed, 0);
  return fed > 0 ? passes.reduce((sum, { removed }) => sum + (removed ?? 0), 0) / fed : null;
}

function most(names: readonly string[]): string {
  const times = new Map<string, number>();
  for (const name of names) times.set(name, (times.get(name) ?? 0) + 1);
  return [...times].sort((a, b) => b[1] - a[1])[0]?.[0] ?? '';
}

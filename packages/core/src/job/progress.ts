import { angle, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { WayId } from '../taper/wayId';
import { currentPiece, ofKind, type KeptRecord, type RecordOf } from './records';

export const STAGES = ['part', 'way', 'set', 'cut', 'prove', 'record'] as const;
export type Stage = (typeof STAGES)[number];

export interface StageState {
  readonly stage: Stage;
  readonly state: 'done' | 'now' | 'ahead';
  /** Why a change upstream has made this stage stale. */
  readonly stale: Phrase | null;
}

/** What progress depends on, from the job's document. */
export interface JobFacts {
  readonly quantity: number;
  readonly machineId: string;
  /** Null while the part's figures are not complete, or it has no taper. */
  readonly halfAngle: number | null;
  readonly band: number;
  readonly partComplete: boolean;
  /** A part without a taper has no way to choose, nothing to set and no cone to cut. */
  readonly hasTaper: boolean;
  /** The eccentric being made, where that is what the part is. */
  readonly eccentric?:
    | { readonly id: string; readonly throw: number; readonly bored: boolean; readonly way: string | null }
    | null
    | undefined;
  /** How a curve or a set of grooves is made; null while it is not chosen, nothing for other parts. */
  readonly curveWay?: string | null | undefined;
  readonly way: { readonly id: WayId; readonly machineId: string; readonly halfAngle: number } | null;
}

export interface JobProgress {
  readonly piece: number;
  readonly stages: readonly StageState[];
  readonly now: Stage;
  /** One quiet line: what comes next. */
  readonly next: string;
  readonly finished: boolean;
  readonly scrapped: boolean;
}

const NEXT: Record<Stage, string> = {
  part: 'Settle the part’s figures',
  way: 'Choose the way',
  set: 'Set the angle',
  cut: 'Cut to the finish allowance',
  prove: 'Try it in its mate',
  record: 'Close the piece',
};

/** What has been reached on the current piece, and what a change upstream has made stale. */
export function jobProgress(facts: JobFacts, records: readonly KeptRecord[]): JobProgress {
  const piece = currentPiece(records);
  const verdict = ofKind(records, 'verdict', piece).at(-1);
  const closed = verdict?.body.verdict === 'accepted' || verdict?.body.verdict === 'scrap';
  const stale = facts.eccentric
    ? staleThrow(facts, records, piece)
    : staleness(facts, settingInForce(records, piece));
  const done = doneStages(facts, records, piece, closed);
  const now = STAGES.find((s) => !done[s] || stale[s]) ?? 'record';
  const finished = closed && piece >= facts.quantity;
  return {
    piece,
    now,
    finished,
    scrapped: verdict?.body.verdict === 'scrap',
    next: closed ? afterVerdict(verdict, piece, facts.quantity) : nextStep(now, facts),
    stages: STAGES.map((stage) => ({
      stage,
      stale: stale[stage] ?? null,
      state: stage === now && !finished ? 'now' : done[stage] ? 'done' : 'ahead',
    })),
  };
}

/** The setting the current piece is cut with: the last one kept on it or on any piece before. */
export function settingInForce(
  records: readonly KeptRecord[],
  piece: number,
): RecordOf<'setting-kept'> | undefined {
  return ofKind(records, 'setting-kept')
    .filter((r) => r.piece <= piece)
    .at(-1);
}

function doneStages(
  facts: JobFacts,
  records: readonly KeptRecord[],
  piece: number,
  closed: boolean,
): Record<Stage, boolean> {
  const tried = ofKind(records, 'stand-off', piece).length + ofKind(records, 'contact', piece).length > 0;
  const cut = ofKind(records, 'pass', piece).length > 0;
  if (facts.eccentric) return eccentricStages(facts, facts.eccentric, records, piece, closed);
  if (facts.curveWay !== undefined) {
    const chosen = facts.curveWay !== null || closed;
    const cut = ofKind(records, 'shaped', piece).length > 0 || closed;
    return {
      part: facts.partComplete,
      way: chosen,
      set: chosen,
      cut: chosen && cut,
      prove: closed,
      record: closed && piece >= facts.quantity,
    };
  }
  const past = closed || (facts.partComplete && !facts.hasTaper);
  return {
    part: facts.partComplete,
    way: facts.way !== null || past,
    set: settingInForce(records, piece) !== undefined || past,
    cut: (cut && tried) || past,
    prove: closed,
    record: closed && piece >= facts.quantity,
  };
}

/** An eccentric is set when its throw has read right, and cut when something has been made at that setting. */
function eccentricStages(
  facts: JobFacts,
  { id, way, bored }: NonNullable<JobFacts['eccentric']>,
  records: readonly KeptRecord[],
  piece: number,
  closed: boolean,
): Record<Stage, boolean> {
  const set = ofKind(records, 'thrown', piece).some((r) => r.body.eccentric === id && r.body.inside);
  // What is made at the throw is the bore, or the outside of what has none.
  const atThrow = bored ? 'bore' : 'outside';
  const made = ofKind(records, 'made', piece).some((r) => r.body.eccentric === id && r.body.what === atThrow);
  return {
    part: facts.partComplete,
    way: way !== null || closed,
    set: set || closed,
    cut: made || closed,
    prove: closed,
    record: closed && piece >= facts.quantity,
  };
}

/** A throw set for another figure than the drawing has now. */
function staleThrow(
  facts: JobFacts,
  records: readonly KeptRecord[],
  piece: number,
): Partial<Record<Stage, Phrase>> {
  const set = ofKind(records, 'thrown', piece)
    .filter((r) => r.body.eccentric === facts.eccentric?.id && r.body.inside)
    .at(-1);
  return set && facts.eccentric && Math.abs(set.body.wanted - facts.eccentric.throw) > SAME_THROW
    ? { set: ['set for a throw of ', length(set.body.wanted, 0.001)] }
    : {};
}

const SAME_THROW = 1e-6;

function staleness(
  facts: JobFacts,
  setting: RecordOf<'setting-kept'> | undefined,
): Partial<Record<Stage, Phrase>> {
  const found: Partial<Record<Stage, Phrase>> = {};
  const { way, halfAngle } = facts;
  if (!way || halfAngle === null) return found;
  if (way.machineId !== facts.machineId) found.way = ['chosen for another lathe'];
  else if (differs(way.halfAngle, facts)) found.way = ['the half angle was ', angle(way.halfAngle), ' then'];
  if (!setting) return found;
  if (setting.body.way !== way.id) found.set = ['set for another way'];
  else if (setting.body.machineId !== facts.machineId) found.set = ['set on another lathe'];
  else if (differs(setting.body.halfAngle, facts)) found.set = ['set for ', angle(setting.body.halfAngle)];
  return found;
}

const differs = (then: number, { halfAngle, band }: JobFacts): boolean =>
  halfAngle !== null && Math.abs(then - halfAngle) > band;

const NEXT_ECCENTRIC: Record<Stage, string> = {
  ...NEXT,
  way: 'Choose how the throw is made',
  set: 'Set the throw over',
  cut: 'Bore or turn it at that setting',
  prove: 'Measure its travel',
};

function nextStep(now: Stage, { hasTaper, eccentric }: JobFacts): string {
  if (eccentric) return NEXT_ECCENTRIC[now];
  return now === 'prove' && !hasTaper ? 'Measure it and close the piece' : NEXT[now];
}

function afterVerdict(verdict: RecordOf<'verdict'> | undefined, piece: number, quantity: number): string {
  const scrapped = verdict?.body.verdict === 'scrap';
  if (piece < quantity) return `Start piece ${piece + 1} of ${quantity}`;
  return scrapped ? 'Scrapped: the cause is recorded' : 'Finished: its setting is on record';
}

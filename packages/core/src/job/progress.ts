import type { JobFacts } from './facts';
import { jobKindOf } from './kinds/registry';
import { currentPiece, ofKind, type KeptRecord, type RecordOf } from './records/row';
import { STAGES, type Stage, type StageState } from './stage';

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

/**
 * What has been reached on the current piece, and what a change upstream has made stale.
 *
 * @example
 * jobProgress(FACTS, []).now
 * // → 'way'
 */
export function jobProgress(facts: JobFacts, records: readonly KeptRecord[]): JobProgress {
  const piece = currentPiece(records);
  const verdict = ofKind(records, 'verdict', piece).at(-1);
  const closed = verdict?.body.verdict === 'accepted' || verdict?.body.verdict === 'scrap';
  const kind = jobKindOf(facts);
  const at = { facts, records, piece, closed };
  const stale = kind.stale(at);
  const last = piece >= facts.quantity;
  const done: Record<Stage, boolean> = {
    part: facts.partComplete,
    ...kind.done(at),
    prove: closed,
    record: closed && last,
  };
  const now = STAGES.find((s) => !done[s] || stale[s]) ?? 'record';
  const finished = closed && last;
  return {
    piece,
    now,
    finished,
    scrapped: verdict?.body.verdict === 'scrap',
    next: closed ? afterVerdict(verdict, piece, facts.quantity) : { ...NEXT, ...kind.next }[now],
    stages: STAGES.map((stage) => ({
      stage,
      stale: stale[stage] ?? null,
      state: stage === now && !finished ? 'now' : done[stage] ? 'done' : 'ahead',
    })),
  };
}

function afterVerdict(verdict: RecordOf<'verdict'> | undefined, piece: number, quantity: number): string {
  const scrapped = verdict?.body.verdict === 'scrap';
  if (piece < quantity) return `Start piece ${piece + 1} of ${quantity}`;
  return scrapped ? 'Scrapped: the cause is recorded' : 'Finished: its setting is on record';
}

import type { Phrase } from '../figure/phrase';
import type { JobFacts, ShapeFacts } from './facts';
import { progressOf } from './kinds/registry';
import { recordsOf } from './records/ofShape';
import { currentPiece, ofKind, type KeptRecord, type RecordOf } from './records/row';
import { STAGES, type Stage, type StageState } from './stage';
import { closes, verdictOnPiece } from './verdictOf';

/** How far one shape of the piece has come. */
export interface ShapeProgress {
  /** Null of a part that has no shape of its own, only plain work. */
  readonly feature: string | null;
  readonly name: string;
  readonly stages: readonly StageState[];
  readonly now: Stage;
  readonly done: boolean;
}

export interface JobProgress {
  readonly piece: number;
  /** Every shape of the part, in the order they are taken up. */
  readonly shapes: readonly ShapeProgress[];
  /** The one in hand, its stages and where it is. */
  readonly at: string | null;
  readonly stages: readonly StageState[];
  readonly now: Stage;
  /** One quiet line: what comes next. */
  readonly next: string;
  /** The piece to take up when this one is closed; null when none is left. */
  readonly following: number | null;
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
const PLAIN_NEXT = 'Measure it and close the piece';

/**
 * What has been reached on the current piece, shape by shape, and what a change upstream has made stale.
 *
 * @example
 * jobProgress(FACTS, []).now
 * // → 'way'
 */
export function jobProgress(facts: JobFacts, records: readonly KeptRecord[]): JobProgress {
  const piece = currentPiece(records);
  const verdict = verdictOnPiece(records, piece, facts.shapes.length);
  const closed = closes(verdict);
  const following = openAfter(facts, records, piece);
  const last = following === null;
  const at = { piece, partComplete: facts.partComplete, closed, last };
  const shapes =
    facts.shapes.length > 0
      ? facts.shapes.map((shape, i) => shapeProgress(shape, recordsOf(records, shape.feature, i === 0), at))
      : [plainProgress(at)];
  const inHand = shapes.find((shape) => !shape.done) ?? (shapes.at(-1) as ShapeProgress);
  return {
    piece,
    shapes,
    at: inHand.feature,
    stages: inHand.stages,
    now: inHand.now,
    next: closed ? afterVerdict(verdict, following, facts.quantity) : nextOf(facts, inHand),
    following,
    finished: closed && last,
    scrapped: verdict?.body.verdict === 'scrap',
  };
}

interface PieceState {
  readonly piece: number;
  readonly partComplete: boolean;
  readonly closed: boolean;
  readonly last: boolean;
}

function shapeProgress(facts: ShapeFacts, records: readonly KeptRecord[], at: PieceState): ShapeProgress {
  const { piece } = at;
  const proved = at.closed || closes(ofKind(records, 'verdict', piece).at(-1));
  const kind = progressOf(facts);
  const moment = { facts, records, piece, closed: proved };
  return walked(facts, { ...kind.done(moment), prove: proved }, kind.stale(moment), at);
}

/** A part of plain shapes has no way to choose, nothing to set and no cone to cut. */
function plainProgress(at: PieceState): ShapeProgress {
  const past = at.partComplete || at.closed;
  return walked({ feature: null, name: '' }, { way: past, set: past, cut: past, prove: at.closed }, {}, at);
}

function walked(
  { feature, name }: Pick<ShapeProgress, 'feature' | 'name'>,
  reached: Readonly<Record<'way' | 'set' | 'cut' | 'prove', boolean>>,
  stale: Partial<Record<Stage, Phrase>>,
  { partComplete, closed, last }: PieceState,
): ShapeProgress {
  const done: Record<Stage, boolean> = { part: partComplete, ...reached, record: closed && last };
  const now = STAGES.find((s) => !done[s] || stale[s]) ?? 'record';
  return {
    feature,
    name,
    now,
    done: reached.prove,
    stages: STAGES.map((stage) => ({
      stage,
      stale: stale[stage] ?? null,
      state: stage === now && !(closed && last) ? 'now' : done[stage] ? 'done' : 'ahead',
    })),
  };
}

/** What comes next on a piece that is open; of several shapes, said of which. */
function nextOf({ shapes }: JobFacts, { feature, name, now }: ShapeProgress): string {
  const facts = shapes.find((shape) => shape.feature === feature);
  if (!facts) return { ...NEXT, prove: PLAIN_NEXT }[now];
  const next = { ...NEXT, ...progressOf(facts).next }[now];
  return shapes.length > 1 && now !== 'part' && now !== 'record' ? `${name}: ${lower(next)}` : next;
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** The piece to take up when this one is closed; null when none is left. */
function openAfter(
  { quantity, order, shapes }: JobFacts,
  records: readonly KeptRecord[],
  piece: number,
): number | null {
  if (order !== 'by-holding') return piece < quantity ? piece + 1 : null;
  const all = Array.from({ length: quantity - 1 }, (_, i) => ((piece + i) % quantity) + 1);
  return all.find((one) => !closes(verdictOnPiece(records, one, shapes.length))) ?? null;
}

function afterVerdict(
  verdict: RecordOf<'verdict'> | undefined,
  next: number | null,
  quantity: number,
): string {
  const scrapped = verdict?.body.verdict === 'scrap';
  if (next !== null) return `Start piece ${next} of ${quantity}`;
  return scrapped ? 'Scrapped: the cause is recorded' : 'Finished: its setting is on record';
}

import { AnelloError } from '@anello/core/basics';
import {
  isBeside,
  currentPiece,
  lineProgress,
  nextInBatch,
  provedOn,
  standing,
  verdictOnPiece,
  type NextInBatch,
  type BatchAt,
  type KeptRecord,
  type LineOperation,
} from '@anello/core/job';
import type { Kit } from '@anello/core/kit';
import type { Lathe } from '@anello/core/machine';
import { goesOn, operationNamed, planPart, type Holding } from '@anello/core/plan';
import { planPartOf } from './planPart';
import type { JobDocument } from './schema';
import { shapesOf, shapeWith } from './work/shapes';

/** The line of work as its progress is worked out from: each operation, and whether it has a loop of its own in this job. */
export const lineOperations = (
  document: JobDocument,
  holdings: readonly Holding[],
): readonly (readonly LineOperation[])[] => {
  const [first] = shapesOf(document);
  return holdings.map(({ operations }) =>
    operations.map(({ id, kind, features }) => ({
      id,
      features,
      loop:
        operationNamed(kind).loop && features[0] !== undefined && shapeWith(document, features[0]) !== null,
      ...(first && features.includes(first.feature) ? { first: true } : {}),
    })),
  );
};

/** A job's batch as it stands. */
export const batchAt = (
  document: JobDocument,
  holdings: readonly Holding[],
  records: readonly KeptRecord[],
): BatchAt => ({
  order: document.batch ?? 'in-turn',
  holdings: lineOperations(document, holdings),
  goOn: new Set(holdings.flatMap((one, i) => (i > 0 && goesOn(holdings[i - 1] as Holding, one) ? [i] : []))),
  records,
  quantity: document.quantity,
  piece: currentPiece(records),
  shapes: shapesOf(document).map(({ feature }) => feature),
});

/** How far a job's piece has come along its line of work: by holding, and what is next. */
export interface LineCard {
  readonly holdings: readonly { readonly of: number; readonly done: number }[];
  /** Null when nothing of it is left but its verdict. */
  readonly now: {
    readonly piece: number;
    readonly operation: string;
    readonly name: string;
    /** What it works, as it is called; empty for what is done to the piece. */
    readonly on: string;
    readonly loop: boolean;
  } | null;
}

/** The line of work of a job in short; null while the part has none. */
export function lineCard(
  document: JobDocument,
  lathe: Lathe,
  kit: Kit,
  records: readonly KeptRecord[],
): LineCard | null {
  const holdings = holdingsOf(document, lathe, kit);
  if (!holdings || holdings.length === 0) return null;
  const at = batchAt(document, holdings, records);
  const { done } = lineProgress(at.holdings.flat(), records, at.piece, provedOn(at, at.piece));
  const next = inHand(at, records) ?? nextInBatch(at);
  const operation = holdings.flatMap((h) => h.operations).find((o) => o.id === next?.operation);
  const named = operation?.features.map((id) => document.features.find((f) => f.id === id)?.name ?? '');
  return {
    holdings: at.holdings.map((operations) => ({
      of: operations.length,
      done: operations.filter(({ id }) => done.has(id)).length,
    })),
    now:
      next && operation
        ? {
            piece: next.piece,
            operation: operation.id,
            name: operationNamed(operation.kind).name,
            on: named?.join(', ') ?? '',
            loop: at.holdings.flat().some(({ id, loop }) => id === operation.id && loop),
          }
        : null,
  };
}

/** The shape that was worked at last, while it is not proved: its slide is set before the piece comes to it. */
function inHand(at: BatchAt, records: readonly KeptRecord[]): NextInBatch | null {
  const last = standing(records)
    .filter((r) => r.piece === at.piece && !isBeside(r.body.kind))
    .at(-1);
  if (verdictOnPiece(records, at.piece, at.shapes.length)?.body.verdict === 'scrap') return null;
  const proved = provedOn(at, at.piece);
  const loops = at.holdings
    .flat()
    .filter(({ loop, features }) => loop && !features.some((f) => proved.includes(f)));
  const found = last && loops.find((one) => isAbout(one, last));
  return found ? { piece: at.piece, operation: found.id } : null;
}
const isAbout = ({ id, features, first }: LineOperation, { operation, feature }: KeptRecord): boolean =>
  operation !== undefined
    ? operation === id
    : feature !== undefined
      ? features.includes(feature)
      : (first ?? false);

interface Planned {
  readonly lathe: Lathe;
  readonly kit: Kit;
  readonly holdings: readonly Holding[] | null;
}
/** A proposal takes longer than all else of a card, and no record changes it: held while document, lathe and kit are the same. */
const planned = new WeakMap<JobDocument, Planned>();

function holdingsOf(document: JobDocument, lathe: Lathe, kit: Kit): readonly Holding[] | null {
  const before = planned.get(document);
  if (before?.lathe === lathe && before.kit === kit) return before.holdings;
  const holdings = proposed(document, lathe, kit);
  planned.set(document, { lathe, kit, holdings });
  return holdings;
}

/** As its user put it, or as proposed; null where the part cannot be planned yet. */
function proposed(document: JobDocument, lathe: Lathe, kit: Kit): readonly Holding[] | null {
  if (document.plan) return document.plan;
  try {
    return planPart(planPartOf(document, lathe, kit)).holdings;
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

import { sideOfLimits } from '../fit/sideOfLimits';
import { ofKind, standing, type KeptRecord } from '../job/records/row';
import { PAUSE } from './usual';

/** How one plain operation of an earlier job went, from what was kept. */
export interface OperationStory {
  /** ISO time of the last thing kept of it, and whoever kept that. */
  readonly to: string;
  readonly operator: string;
  /** Pieces it was done on. */
  readonly pieces: number;
  /** Passes fed by the dial. */
  readonly passes: number;
  /** Sizes measured that were inside their limits, and outside. */
  readonly inside: number;
  readonly outside: number;
  /** What was noted at it, newest first. */
  readonly notes: readonly string[];
  /** Minutes spent on all its pieces, long pauses left out, and what the plan gave them; null where it did not say. */
  readonly minutes: number;
  readonly planned: number | null;
}

const MINUTE = 60_000;

/**
 * How a plain operation went on the pieces of a job, from everything kept in that job. A stretch between two things kept
 * belongs to the operation of the later one. Null where it was not done on any piece.
 *
 * @example
 * operationStory(RECORDS, 'face-tailstock')
 * // → null
 */
export function operationStory(records: readonly KeptRecord[], operation: string): OperationStory | null {
  const kept = standing(records);
  const own = kept.filter((r) => r.operation === operation);
  const done = ofKind(own, 'worked');
  const last = own.at(-1);
  if (done.length === 0 || !last) return null;
  const sizes = ofKind(own, 'sized').map(({ body: { seen, low, high } }) =>
    sideOfLimits(seen, { least: low, most: high }),
  );
  const inside = sizes.filter((side) => side === 'inside').length;
  const pieces = new Set(done.map((r) => r.piece));
  const planned = done.flatMap(({ body }) => (body.minutes === undefined ? [] : [body.minutes]));
  return {
    to: last.at,
    operator: last.operator,
    pieces: pieces.size,
    passes: ofKind(own, 'pass').length,
    inside,
    outside: sizes.length - inside,
    notes: ofKind(own, 'note')
      .map(({ body }) => body.text)
      .reverse(),
    minutes: spentOn(kept, operation),
    planned: planned.length === done.length ? planned.reduce((sum, one) => sum + one, 0) : null,
  };
}

function spentOn(kept: readonly KeptRecord[], operation: string): number {
  const inOrder = [...kept].sort((a, b) => a.at.localeCompare(b.at));
  return inOrder.reduce((sum, one, i) => {
    const before = inOrder[i - 1];
    if (!before || one.operation !== operation) return sum;
    const gap = (Date.parse(one.at) - Date.parse(before.at)) / MINUTE;
    return gap <= PAUSE ? sum + gap : sum;
  }, 0);
}

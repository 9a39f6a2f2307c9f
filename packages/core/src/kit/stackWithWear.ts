import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { length } from '../figure/figure';
import { gaugeBlockStack, type BlockStack } from './gaugeBlockStack';
import type { BlockSet } from './kit';
import { MOST_WRUNG } from './usual';

export interface WearStack extends BlockStack {
  /** Wear blocks counted in the stack, one at each end, mm; empty without. */
  readonly wear: readonly number[];
}

const TWO_ENDS = 2;

/**
 * The stack for a target (mm) from one set, without the blocks that are in use elsewhere, and with a wear block at
 * each end where the set has them and they are wanted. Errors: impossible when the wear blocks alone are
 * too much; out-of-range; underdetermined when nothing is left to stack.
 */
export function stackWithWear({
  target,
  set,
  used = [],
  withWear = false,
}: {
  target: number;
  set: BlockSet;
  used?: readonly number[];
  withWear?: boolean;
}): WearStack {
  positive(target, 'target', 'The stack');
  const wear = withWear && set.wear !== undefined ? [set.wear, set.wear] : [];
  const rest = target - wear.length * (set.wear ?? 0);
  if (rest <= 0) {
    throw new AnelloError('impossible', 'target', [
      'Two wear blocks alone are ',
      length(TWO_ENDS * (set.wear ?? 0), 0.0001),
      ', more than the stack.',
    ]);
  }
  const stack = gaugeBlockStack({ target: rest, blocks: without(set.sizes, used), maxCount: MOST_WRUNG });
  return {
    blocks: stack.blocks,
    wear,
    total: stack.total + wear.length * (set.wear ?? 0),
    error: stack.error,
  };
}

/** Takes each used block out once. */
function without(sizes: readonly number[], used: readonly number[]): number[] {
  const left = [...sizes];
  for (const block of used) {
    const at = left.indexOf(block);
    if (at >= 0) left.splice(at, 1);
  }
  return left;
}

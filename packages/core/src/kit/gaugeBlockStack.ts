import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

export interface BlockStack {
  /** Largest first, mm. */
  readonly blocks: readonly number[];
  readonly total: number;
  /** total - target, mm. */
  readonly error: number;
  /** With very many blocks and no exact stack the search stops, and this is only the nearest it met. */
  readonly cutShort?: true;
}

/** Sizes are counted in whole nanometres, finer than any block is marked, so that sums are exact. */
const GRAIN = 1e-6;
/** Beyond this many the stack is no stack: every wring adds doubt. */
const MOST = 8;
/** Sets are no larger; pairs of all of them are held at once. */
const MOST_BLOCKS = 400;
/** Sums looked at before the search is given up: some seconds' worth would be no help at a bench. */
const MOST_LOOKS = 60_000_000;

/**
 * The fewest blocks of a set (mm, each used once) that make a target, or else the nearest total with no more
 * than maxCount. Sums of up to two blocks are sorted once; a stack is two of those, or for five and more one
 * of those beside every choice of the rest (meet in the middle). Errors: out-of-range, underdetermined.
 *
 * @example
 * gaugeBlockStack({ target: 14.36, blocks: [1.06, 1.3, 2, 10], maxCount: 4 }).blocks
 * // → [10, 2, 1.3, 1.06]
 */
export function gaugeBlockStack({
  target,
  blocks,
  maxCount,
}: {
  target: number;
  blocks: readonly number[];
  maxCount: number;
}): BlockStack {
  const wanted = grains(positive(target, 'target', 'The stack'));
  if (blocks.length === 0)
    throw new AnelloError('underdetermined', 'blocks', 'There are no blocks to stack.');
  if (!Number.isInteger(maxCount) || maxCount < 1 || maxCount > MOST) {
    throw new AnelloError('out-of-range', 'maxCount', `A stack has 1 to ${MOST} blocks.`);
  }
  if (blocks.length > MOST_BLOCKS)
    throw new AnelloError('out-of-range', 'blocks', `No set has more than ${MOST_BLOCKS} blocks.`);
  const sizes = blocks.map((b, i) => grains(positive(b, `blocks.${i}`, 'A block')));
  const search = new Search(wanted, sizes);
  for (let count = 1; count <= Math.min(maxCount, sizes.length); count++) {
    search.withCount(count);
    if (search.best.off === 0) break;
  }
  return search.result(blocks, target);
}

const grains = (mm: number): number => Math.round(mm / GRAIN);

interface Part {
  readonly sum: number;
  readonly a: number;
  /** -1 where there is none. */
  readonly b: number;
}

class Search {
  best: { off: number; picked: readonly number[] } = { off: Infinity, picked: [] };
  private readonly singles: readonly Part[];
  private pairs: readonly Part[] | null = null;
  private looks = 0;

  constructor(
    private readonly wanted: number,
    private readonly sizes: readonly number[],
  ) {
    this.singles = bySum(sizes.map((sum, a) => ({ sum, a, b: -1 })));
  }

  withCount(count: number): void {
    if (count === 1) return this.closest(this.singles, EMPTY, []);
    this.pairs ??= bySum(this.allPairs());
    if (count === 2) return this.closest(this.pairs, EMPTY, []);
    if (count === 3) return this.closest(this.pairs, this.singles, []);
    this.choose(count - 4, 0, []);
  }

  result(blocks: readonly number[], target: number): BlockStack {
    const chosen = this.best.picked.map((index) => blocks[index] as number).sort((a, b) => b - a);
    const total = this.best.picked.reduce((sum, index) => sum + (this.sizes[index] as number), 0);
    return {
      blocks: chosen,
      total: clean(total),
      error: clean(total - grains(target)),
      ...(this.looks > MOST_LOOKS ? { cutShort: true as const } : {}),
    };
  }

  /** Every choice of the blocks beyond four, each completed by two pairs. */
  private choose(rest: number, from: number, picked: readonly number[]): void {
    if (this.best.off === 0 || this.looks > MOST_LOOKS) return;
    if (rest === 0) return this.closest(this.pairs as readonly Part[], this.pairs as readonly Part[], picked);
    for (let i = from; i < this.sizes.length; i++) this.choose(rest - 1, i + 1, [...picked, i]);
  }

  /** Nearest sum of one part from each list: two fingers walking toward each other over sorted lists. */
  private closest(left: readonly Part[], right: readonly Part[], picked: readonly number[]): void {
    const wanted = picked.reduce((rest, index) => rest - (this.sizes[index] as number), this.wanted);
    let j = right.length - 1;
    this.looks += left.length;
    for (let i = 0; i < left.length && this.best.off > 0; i++) {
      const one = left[i] as Part;
      while (j > 0 && one.sum + (right[j] as Part).sum > wanted) j--;
      // Past the middle of one list against itself, every pairing has been seen the other way round.
      if (left === right && i > j + 1) return;
      // The finger stands at the last that does not exceed, or the first; its neighbour above may be nearer.
      if (this.nearer(one, right[j], wanted)) this.tryFrom(one, right, j, -1, wanted, picked);
      if (this.nearer(one, right[j + 1], wanted)) this.tryFrom(one, right, j + 1, 1, wanted, picked);
    }
  }

  private nearer(one: Part, two: Part | undefined, wanted: number): boolean {
    return two !== undefined && Math.abs(one.sum + two.sum - wanted) < this.best.off;
  }

  /** Steps over parts that share a block with what is picked, while they could still be nearer. */
  private tryFrom(
    one: Part,
    right: readonly Part[],
    start: number,
    step: 1 | -1,
    wanted: number,
    picked: readonly number[],
  ): void {
    for (let j = start; j >= 0 && j < right.length; j += step) {
      const two = right[j] as Part;
      const off = Math.abs(one.sum + two.sum - wanted);
      if (off >= this.best.off) return;
      const used = [one.a, one.b, two.a, two.b, ...picked].filter((index) => index >= 0);
      if (new Set(used).size < used.length) continue;
      this.best = { off, picked: used };
      return;
    }
  }

  private allPairs(): Part[] {
    const found: Part[] = [];
    for (let a = 0; a < this.sizes.length; a++) {
      for (let b = a + 1; b < this.sizes.length; b++)
        found.push({ sum: (this.sizes[a] as number) + (this.sizes[b] as number), a, b });
    }
    return found;
  }
}

const EMPTY: readonly Part[] = [{ sum: 0, a: -1, b: -1 }];
const bySum = (parts: Part[]): Part[] => parts.sort((x, y) => x.sum - y.sum);
/** Back to mm as a decimal that prints as it is marked. */
const clean = (n: number): number => Number((n * GRAIN).toFixed(6));

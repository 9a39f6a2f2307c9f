import type { Lathe } from '../../machine/lathe';
import type { HoldingBy } from '../piece/line';

/** Whether a lathe has a chuck of a kind for a diameter; one whose chucks nobody wrote down has jaws, and no collets. */
export function hasChuck({ chucks }: Lathe, kind: HoldingBy, diameter: number): boolean {
  if (!chucks || chucks.length === 0) return kind !== 'collet';
  return chucks.some((c) => c.kind === kind && (c.capacity ?? Infinity) >= diameter);
}
